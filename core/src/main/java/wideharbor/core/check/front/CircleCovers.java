package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.named;
import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.front.LensFront;
import wideharbor.core.media.Recorder;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** The lens draws a picture as large as what is recorded. */
final class CircleCovers implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.coverage")
            .family("front")
            .title("The image circle covers the window")
            .subjects(
                    "every lens with its light on file, in every mode that is asked of the body, or over its recorded "
                            + "window while no mode is; not fisheyes")
            .expectation("the smallest image circle is at least the window's diagonal")
            .because("corners that the lens does not draw are black in every shot, and no stop mends it")
            .formula("√(width² + height²)")
            .source("geometry; circle and window as on file")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        LensFront.of(analysis.rig()).ifPresent(f -> judge(analysis, f, results));
    }

    private static void judge(RigAnalysis analysis, LensFront front, Results results) {
        List<MediaFacet.Mode> modes = Recorder.modesAsked(
                analysis.job(),
                analysis.build().id(),
                analysis.rig().require(analysis.rig().content().root()).type());
        About about = About.of("circle", part(front.lens().id()));
        if (modes.isEmpty()) {
            front.coverage().ifPresent(c -> judge(front, c, about, "", results));
        }
        for (MediaFacet.Mode mode : modes) {
            front.coverage(mode.window())
                    .ifPresent(c -> judge(
                            front,
                            c,
                            About.of("circle", part(front.lens().id()), named(mode.name())),
                            " in " + mode.name(),
                            results));
        }
    }

    private static void judge(LensFront front, Judgement circle, About about, String in, Results results) {
        if (circle.state() == CheckState.NOT_CHECKED) {
            results.notChecked(about, "the image circle of " + front.lens().title() + " is not on file");
            return;
        }
        double crop = circle.from() / circle.value();
        results.judge(
                Severity.STOP,
                circle,
                new Told(
                        about,
                        front.lens().title() + " leaves the corners black" + in,
                        "Its circle is " + Words.length(circle.value()) + ", the window's diagonal "
                                + Words.length(circle.from()) + ". It covers a window cropped " + Words.one(crop)
                                + " times, or a mode that records less of the sensor.",
                        front.lens().title(),
                        "image circle"));
    }
}
