package wideharbor.app.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Loaded;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.Comparison;
import wideharbor.core.sheet.Hands;

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
        RigAnalysis one = BenchService.analysis(loaded, spot);
        RigAnalysis other = BenchService.analysis(
                loaded, new Spot(spot.job(), spot.build(), with, one.rig().lens()));
        return ConfigurationViews.Compared.of(Comparison.of(engine, one, other));
    }

    @Transactional(readOnly = true)
    ConfigurationViews.Balance balance(Spot spot) {
        return BalanceSheet.of(BenchService.analysis(store.load(spot.job()), spot))
                .map(ConfigurationViews.Balance::of)
                .orElseGet(() -> new ConfigurationViews.Balance(List.of(), List.of(), List.of()));
    }

    /** Where people meet the rig. */
    @Transactional(readOnly = true)
    HandsView hands(Spot spot) {
        RigAnalysis analysis = BenchService.analysis(store.load(spot.job()), spot);
        return HandsView.of(Hands.of(analysis), analysis.job().brief().crew());
    }

    @Transactional(readOnly = true)
    ConfigurationViews.Changeovers changeovers(Spot spot) {
        Loaded loaded = store.load(spot.job());
        RigAnalysis any = BenchService.analysis(loaded, spot);
        return ConfigurationViews.Changeovers.of(
                ChangeoverMatrix.of(loaded.job(), any.build(), any.rig().lens()), any.build(), any.catalogue());
    }
}
