package wideharbor.app.signal;

import java.util.List;
import org.springframework.stereotype.Service;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Paper;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.edit.CableEdits;
import wideharbor.core.sheet.SignalSheet;

/** Picture, sound, time and control of a rig. */
@Service
class SignalService {
    private final JobStore store;
    private final Reports reports;
    private final Paper paper;

    SignalService(JobStore store, Reports reports, Paper paper) {
        this.store = store;
        this.reports = reports;
        this.paper = paper;
    }

    SignalViews.Signals signals(Standpoint at) {
        StoredJob loaded = store.load(at.job());
        RigAnalysis analysis = at.in(reports.of(loaded));
        return SignalViews.Signals.of(analysis, SignalSheet.of(analysis), loaded.buildRevision(at.build()));
    }

    /** Open sockets to which a cable may lead from this one, each with the cables that join the two. */
    List<CableEdits.Offer> offers(Standpoint at, String from) {
        RigAnalysis analysis = at.in(reports.of(store.load(at.job())));
        return CableEdits.offers(analysis, requireSocket(analysis, from));
    }

    byte[] labels(Standpoint at) {
        return CableLabels.pdf(paper, at.in(reports.of(store.load(at.job()))));
    }

    private static SocketRef requireSocket(RigAnalysis analysis, String written) {
        SocketRef ref = SocketRef.parse(written);
        return analysis.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().socket(ref.socket()))
                .map(socket -> ref)
                .orElseThrow(() -> Refusal.notFound("The rig has no socket " + written + "."));
    }
}
