package wideharbor.app.configurations;

import java.util.List;
import org.springframework.stereotype.Service;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.Comparison;
import wideharbor.core.sheet.Hands;

/** Configurations of a build beside each other, and the ways between them. */
@Service
public class ConfigurationService {
    private final JobStore store;
    private final Reports reports;
    private final CheckEngine engine;

    ConfigurationService(JobStore store, Reports reports, CheckEngine engine) {
        this.store = store;
        this.reports = reports;
        this.engine = engine;
    }

    Comparison compare(Standpoint at, ConfigurationId with) {
        Judged judged = reports.of(store.load(at.job()));
        return Comparison.of(engine, at.in(judged), at.at(with).in(judged));
    }

    BalanceSheet balance(Standpoint at) {
        return BalanceSheet.of(at.in(reports.of(store.load(at.job())))).orElse(BalanceSheet.NONE);
    }

    /** Where people meet the rig. */
    HandsView hands(Standpoint at) {
        RigAnalysis analysis = at.in(reports.of(store.load(at.job())));
        return HandsView.of(Hands.of(analysis), analysis.job().brief().crew());
    }

    ConfigurationViews.Changeovers changeovers(Standpoint at) {
        RigAnalysis any = at.in(reports.of(store.load(at.job())));
        List<RigAnalysis> worn = any.build().configurations().stream()
                .map(c -> any.beside(c.id()))
                .toList();
        return ConfigurationViews.Changeovers.of(ChangeoverMatrix.of(any.job(), worn), any.build(), any.catalogue());
    }
}
