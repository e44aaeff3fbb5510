package wideharbor.app.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Loaded;
import wideharbor.core.bench.BalanceSheet;
import wideharbor.core.bench.Comparison;
import wideharbor.core.bench.Hands;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.CheckEngine;

/** Configurations of a build beside each other, and the ways between them. */
@Service
class ConfigurationService {
    private final JobStore store;
    private final CheckEngine engine;

    ConfigurationService(JobStore store, CheckEngine engine) {
        this.store = store;
        this.engine = engine;
    }

    @Transactional(readOnly = true)
    ConfigurationViews.Compared compare(Spot spot, String with) {
        Loaded loaded = store.load(spot.job());
        CheckContext one = BenchService.context(loaded, spot);
        CheckContext other = BenchService.context(
                loaded, new Spot(spot.job(), spot.build(), with, one.rig().lens()));
        return ConfigurationViews.Compared.of(Comparison.of(engine, one, other));
    }

    @Transactional(readOnly = true)
    ConfigurationViews.Balance balance(Spot spot) {
        return BalanceSheet.of(BenchService.context(store.load(spot.job()), spot))
                .map(ConfigurationViews.Balance::of)
                .orElseGet(() -> new ConfigurationViews.Balance(List.of(), List.of(), List.of()));
    }

    /** Where people meet the rig. */
    @Transactional(readOnly = true)
    HandsView hands(Spot spot) {
        CheckContext context = BenchService.context(store.load(spot.job()), spot);
        return HandsView.of(Hands.of(context), context.job().brief().crew());
    }

    @Transactional(readOnly = true)
    ConfigurationViews.Changeovers changeovers(Spot spot) {
        Loaded loaded = store.load(spot.job());
        CheckContext any = BenchService.context(loaded, spot);
        return ConfigurationViews.Changeovers.of(
                ChangeoverMatrix.of(loaded.job(), any.build(), any.rig().lens()), any.build(), any.catalogue());
    }
}
