package wideharbor.app.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import wideharbor.app.drawing.DrawingView;
import wideharbor.app.drawing.SpaceView;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Synonyms;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.drawing.Space;
import wideharbor.core.edit.ByHand;
import wideharbor.core.edit.Fit;
import wideharbor.core.edit.LensEdits;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.sheet.Effects;
import wideharbor.core.sheet.MountBudget;
import wideharbor.core.sheet.OwnParts;

/** Answers the Bench's questions from the store and the core. */
@Service
public class BenchService {
    private final JobStore store;
    private final Journal journal;
    private final Reports reports;
    private static final int FIT_PAGE = 40;

    private final BenchAssembler assembler;
    private final CheckEngine engine;
    private final Accounts accounts;

    BenchService(
            JobStore store,
            Journal journal,
            Reports reports,
            BenchAssembler assembler,
            CheckEngine engine,
            Accounts accounts) {
        this.accounts = accounts;
        this.engine = engine;
        this.store = store;
        this.journal = journal;
        this.reports = reports;
        this.assembler = assembler;
    }

    BenchViews.Bench bench(Standpoint at) {
        return bench(at, store.load(at.job()));
    }

    /** The answer to an edit, which may have taken out the configuration that somebody looks at: then the first. */
    BenchViews.Bench afterEdit(BenchEdits.Done done) {
        Standpoint at = done.at();
        boolean there = done.stored()
                .job()
                .gear()
                .build(at.build())
                .configuration(at.configuration())
                .isPresent();
        boolean inSet =
                done.stored().job().gear().build(at.build()).lens(at.lens()).isPresent();
        Standpoint worn = there ? at : at.at(ConfigurationId.NONE);
        return bench(inSet ? worn : worn.with(LensId.NONE), done.stored());
    }

    private BenchViews.Bench bench(Standpoint at, StoredJob stored) {
        Judged judged = reports.of(stored);
        return assembler.bench(stored, at.in(judged), Reports.Told.of(judged), journal.ends(at.job(), at.build()));
    }

    DrawingView drawing(Standpoint at, View view) {
        return DrawingView.of(Drawing.of(analysis(at), view));
    }

    SpaceView space(Standpoint at) {
        return SpaceView.of(Space.of(analysis(at).rig()));
    }

    List<BenchViews.PortView> freePorts(Standpoint at) {
        return Fit.freePorts(analysis(at)).stream()
                .map(p -> new BenchViews.PortView(p.ref().toString(), p.part(), p.title(), p.standard()))
                .toList();
    }

    BenchViews.FitPage offers(Standpoint at, String port, String search, int from) {
        RigAnalysis analysis = analysis(at);
        PortRef ref = PortRef.parse(port);
        if (analysis.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().port(ref.port()))
                .isEmpty()) {
            throw Refusal.notFound("There is no port '" + port + "' on this rig.");
        }
        List<Fit.Offer> all =
                Fit.offers(analysis, ref).stream().filter(o -> found(o, search)).toList();
        List<Fit.Offer> page =
                all.stream().skip(Math.max(0, from)).limit(FIT_PAGE).toList();
        return new BenchViews.FitPage(
                all.size(),
                from,
                Effects.of(engine, analysis, ref, page).stream()
                        .map(BenchViews.OfferView::of)
                        .toList());
    }

    BenchViews.HandPage byHand(Standpoint at, PlacementId part, ByHand.Deed deed, String search) {
        return BenchViews.HandPage.of(ByHand.offers(analysis(at), part, deed), search);
    }

    BenchViews.HandPage lensOffers(Standpoint at, String search) {
        return BenchViews.HandPage.of(LensEdits.offers(analysis(at)), search);
    }

    /** Every word of the search, or another name for it, is in the part's name, maker or category. */
    private static boolean found(Fit.Offer offer, String search) {
        String in = (offer.type().name() + " " + offer.type().maker() + " "
                        + offer.type().category())
                .toLowerCase(java.util.Locale.ROOT);
        for (String word : search.trim().split("\\s+")) {
            if (!word.isEmpty() && Synonyms.of(word).stream().noneMatch(in::contains)) {
                return false;
            }
        }
        return true;
    }

    List<BenchViews.FaceView> budget(Standpoint at) {
        return MountBudget.of(analysis(at)).entrySet().stream()
                .map(e -> new BenchViews.FaceView(e.getKey(), e.getValue()))
                .toList();
    }

    List<BenchViews.OwnPart> ownParts(Standpoint at) {
        return OwnParts.of(analysis(at)).stream().map(BenchViews.OwnPart::of).toList();
    }

    List<Journal.Entry> journal(String job, BuildId build) {
        return journal.latest(job, build).stream()
                .map(e -> e.by(accounts::displayName))
                .toList();
    }

    private RigAnalysis analysis(Standpoint at) {
        return at.in(reports.of(store.load(at.job())));
    }
}
