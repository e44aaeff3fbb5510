package wideharbor.app.lenses;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.core.sheet.FrontSheet;

/** The lens set of a body, as the core sees it. */
@Service
class LensService {
    private final JobStore store;
    private final Reports reports;

    LensService(JobStore store, Reports reports) {
        this.store = store;
        this.reports = reports;
    }

    @Transactional(readOnly = true)
    FrontSheet sheet(Standpoint at, FrontSheet.Tried tried) {
        return FrontSheet.of(at.in(reports.of(store.load(at.job()))), tried);
    }
}
