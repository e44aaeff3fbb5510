package wideharbor.app.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Loaded;
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
    private final Paper paper;

    SignalService(JobStore store, Paper paper) {
        this.store = store;
        this.paper = paper;
    }

    @Transactional(readOnly = true)
    SignalViews.Signals signals(Spot spot) {
        Loaded loaded = store.load(spot.job());
        RigAnalysis analysis = BenchService.analysis(loaded, spot);
        return SignalViews.Signals.of(analysis, SignalSheet.of(analysis), loaded.buildRevision(spot.build()));
    }

    /** Open sockets to which a cable may lead from this one, each with the cables that join the two. */
    @Transactional(readOnly = true)
    List<SignalViews.PlugOfferView> offers(Spot spot, String from) {
        RigAnalysis analysis = BenchService.analysis(store.load(spot.job()), spot);
        return CableEdits.offers(analysis, requireSocket(analysis, from)).stream()
                .map(SignalViews.PlugOfferView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    byte[] labels(Spot spot) {
        RigAnalysis analysis = BenchService.analysis(store.load(spot.job()), spot);
        String title = analysis.job().title() + ", " + analysis.build().title() + ", "
                + analysis.rig().configuration().title();
        return CableLabels.pdf(paper, spot.job(), spot.build(), title, analysis.cables());
    }

    private static SocketRef requireSocket(RigAnalysis analysis, String written) {
        SocketRef ref = SocketRef.parse(written);
        analysis.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().socket(ref.socket()))
                .orElseThrow(() -> Refusal.notFound("The rig has no socket " + written + "."));
        return ref;
    }
}
