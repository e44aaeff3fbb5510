package wideharbor.app.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Checked;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Synonyms;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.edit.Fit;
import wideharbor.core.geometry.View;
import wideharbor.core.sheet.Effects;
import wideharbor.core.sheet.MountBudget;
import wideharbor.core.sheet.OwnParts;

/** Answers the Bench's questions from the store and the core. */
@Service
class BenchService {
    private final JobStore store;
    private final Journal journal;
    private final Checked checked;
    private static final int FIT_PAGE = 40;

    private final BenchAssembler assembler;
    private final CheckEngine engine;

    BenchService(JobStore store, Journal journal, Checked checked, BenchAssembler assembler, CheckEngine engine) {
        this.engine = engine;
        this.store = store;
        this.journal = journal;
        this.checked = checked;
        this.assembler = assembler;
    }

    @Transactional(readOnly = true)
    BenchViews.Bench bench(Spot spot) {
        Loaded loaded = store.load(spot.job());
        RigAnalysis analysis = analysis(loaded, spot);
        return bench(
                spot,
                loaded,
                checked.fixes(
                        loaded,
                        analysis.build().id(),
                        analysis.rig().configuration().id()));
    }

    /** The answer to an edit: all of the Bench but the fixes, which the screen asks for next. */
    BenchViews.Bench afterEdit(BenchEdits.Done done) {
        Spot spot = done.spot();
        boolean there = done.loaded()
                .job()
                .gear()
                .build(spot.build())
                .configuration(spot.configuration())
                .isPresent();
        // An undo may take out the configuration that somebody looks at: then the first one is shown.
        Spot now = there ? spot : new Spot(spot.job(), spot.build(), "", spot.lens());
        return bench(now, done.loaded(), Checked.Fixes.NOT_TRIED);
    }

    private BenchViews.Bench bench(Spot spot, Loaded loaded, Checked.Fixes fixes) {
        return assembler.bench(
                loaded, analysis(loaded, spot), checked.of(loaded), fixes, journal.ends(spot.job(), spot.build()));
    }

    @Transactional(readOnly = true)
    DrawingView drawing(Spot spot, View view) {
        return DrawingView.of(Drawing.of(analysis(store.load(spot.job()), spot), view));
    }

    @Transactional(readOnly = true)
    List<BenchViews.PortView> freePorts(Spot spot) {
        return Fit.freePorts(analysis(store.load(spot.job()), spot)).stream()
                .map(p -> new BenchViews.PortView(p.ref().toString(), p.part(), p.title(), p.standard()))
                .toList();
    }

    @Transactional(readOnly = true)
    BenchViews.FitPage offers(Spot spot, String port, String search, int from) {
        RigAnalysis analysis = analysis(store.load(spot.job()), spot);
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

    @Transactional(readOnly = true)
    List<BenchViews.FaceView> budget(Spot spot) {
        return MountBudget.of(analysis(store.load(spot.job()), spot)).entrySet().stream()
                .map(e -> new BenchViews.FaceView(
                        e.getKey().name().toLowerCase(java.util.Locale.ROOT),
                        e.getValue().stream().map(BenchViews.PlaceView::of).toList()))
                .toList();
    }

    @Transactional(readOnly = true)
    List<BenchViews.OwnPart> ownParts(Spot spot) {
        return OwnParts.of(analysis(store.load(spot.job()), spot)).stream()
                .map(BenchViews.OwnPart::of)
                .toList();
    }

    @Transactional(readOnly = true)
    List<Journal.Entry> journal(String job, String build) {
        return journal.latest(job, build);
    }

    /** The rig someone looks at; the first configuration and lens stand in for empty ones. */
    static RigAnalysis analysis(Loaded loaded, Spot spot) {
        Build build = loaded.job().gear().builds().stream()
                .filter(b -> b.id().equals(spot.build()))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("There is no build '" + spot.build() + "' in this job."));
        String configuration =
                spot.configuration().isEmpty() ? build.configurations().get(0).id() : spot.configuration();
        if (build.configuration(configuration).isEmpty()) {
            throw Refusal.notFound("There is no configuration '" + configuration + "' of this build.");
        }
        String lens = spot.lens();
        if (lens.isEmpty() && !build.lenses().isEmpty()) {
            lens = build.lenses().get(0).id();
        }
        if (!lens.isEmpty() && build.lens(lens).isEmpty()) {
            throw Refusal.notFound("There is no lens '" + lens + "' on this build.");
        }
        return RigAnalysis.of(loaded.job(), build, configuration, lens);
    }
}
