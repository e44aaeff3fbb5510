package wideharbor.core.check.media;

import static wideharbor.core.job.Subject.named;
import static wideharbor.core.job.Subject.part;

import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.id.PlacementId;
import wideharbor.core.media.Recorder;
import wideharbor.core.quantity.Judgement;

/** The body can do what the brief asks it to record. */
final class ModeOffered implements Check {
    /** A brief's rate is a round figure. */
    private static final double ROUND = 1.02;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("media.mode")
            .family("media")
            .title("The body records what is asked")
            .subjects("every recording mode of the brief, on every body that is to record it and has its modes on file")
            .expectation("the body has the mode, at as many frames, and writes no more than the brief reckons with")
            .because("a mode that the body has only at fewer frames is found out when the slate is up")
            .formula("frames ≤ most; rate · frames / frames of the rate ≤ Mbit/s of the brief · 1.02")
            .source("the brief; modes by the maker")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (!analysis.isFirstOfBuild()) {
            return;
        }
        PlacementId root = analysis.rig().content().root();
        ItemType body = analysis.rig().require(root).type();
        Optional<MediaFacet.Modes> modes = body.facet(MediaFacet.Modes.class);
        if (modes.isEmpty()) {
            return;
        }
        for (Shoot.Recording asked : analysis.job().brief().asks().shoot().recordings()) {
            if (asked.isFor(analysis.build().id())) {
                About about = About.of("mode", part(root), named(asked.mode()));
                modes.get()
                        .named(asked.mode())
                        .ifPresentOrElse(
                                m -> judge(asked, m, body, about, results),
                                () -> none(asked, modes.get(), body, about, results));
            }
        }
    }

    private static void none(
            Shoot.Recording asked, MediaFacet.Modes modes, ItemType body, About about, Results results) {
        results.found(
                about,
                body.name() + " has no mode “" + asked.mode() + "” on file",
                new Evidence.Statement(
                        String.join(
                                "; ",
                                modes.modes().stream()
                                        .map(MediaFacet.Mode::name)
                                        .toList()),
                        asked.mode()),
                "Write the brief's mode as the body calls it, or take a body that has it.");
    }

    private static void judge(
            Shoot.Recording asked, MediaFacet.Mode mode, ItemType body, About about, Results results) {
        asked.fps()
                .ifPresentOrElse(
                        fps -> results.judge(
                                Judgement.atMost(fps, mode.mostFps(), 1e-9, "frames/s"),
                                new Told(
                                        about.as("frames"),
                                        body.name() + " does no " + Math.round(fps) + " frames in " + mode.name(),
                                        "It ends at " + Math.round(mode.mostFps()) + "; a smaller window may do more.",
                                        "")),
                        results::fine);
        double said = Recorder.said(body, asked).orElse(0.0);
        results.judge(
                Severity.CAUTION,
                Judgement.atMost(said, asked.megabits() * ROUND, 1e-9, "Mbit/s"),
                new Told(
                        about.as("rate"),
                        body.name() + " writes more in " + mode.name() + " than the brief reckons with",
                        "Cards, copies and the day are worked out with the higher figure.",
                        ""));
    }
}
