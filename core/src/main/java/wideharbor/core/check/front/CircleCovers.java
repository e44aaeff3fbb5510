package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.front.LensFront;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** The lens draws a picture as large as what is recorded. */
final class CircleCovers implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.coverage")
            .family("front")
            .title("The image circle covers the window")
            .subjects("every lens with its light on file, on a body whose recorded window is on file; not fisheyes")
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
        LensFront.of(analysis.rig()).ifPresent(f -> f.coverage().ifPresent(c -> judge(f, c, results)));
    }

    private static void judge(LensFront front, Judgement circle, Results results) {
        About about = About.of("circle", part(front.lens().id()));
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
                        front.lens().title() + " leaves the corners black",
                        "Its circle is " + Words.length(circle.value()) + ", the window's diagonal "
                                + Words.length(circle.from()) + ". It covers a window cropped " + Words.one(crop)
                                + " times, or a mode that records less of the sensor.",
                        front.lens().title(),
                        "image circle"));
    }
}
