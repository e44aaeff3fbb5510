package wideharbor.app.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Paper;
import wideharbor.core.bench.Plugging;
import wideharbor.core.bench.SignalSheet;
import wideharbor.core.check.CheckContext;

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
        CheckContext context = BenchService.context(loaded, spot);
        return SignalViews.Signals.of(context, SignalSheet.of(context), loaded.buildRevision(spot.build()));
    }

    /** Open sockets to which a cable may lead from this one, each with the cables that join the two. */
    @Transactional(readOnly = true)
    List<SignalViews.PlugOfferView> offers(Spot spot, String from) {
        CheckContext context = BenchService.context(store.load(spot.job()), spot);
        return Plugging.offers(context, WishReader.socketRef(context, from)).stream()
                .map(SignalViews.PlugOfferView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    byte[] labels(Spot spot) {
        CheckContext context = BenchService.context(store.load(spot.job()), spot);
        String title = context.job().title() + ", " + context.build().title() + ", "
                + context.rig().configuration().title();
        return CableLabels.pdf(paper, spot.job(), spot.build(), title, context.cables());
    }
}
