package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.front.LensFront;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** Nothing before the lens stands in the light of the corners. */
final class CornersClear implements Check {
    private static final double[] BACK = {2, 4, 6, 8, 12, 16, 24};

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.corners")
            .family("front")
            .title("Nothing cuts the corners of the picture")
            .subjects("every edge before a lens: stages, mouth, flags, rings; zooms at their widest")
            .expectation("the worst corner is darker by no more than the house allows")
            .because("it shows on a wall or in a sky, and nobody sees it on a small display")
            .formula("at D ahead of the pupil the corner's pencil stands D · tan θ off the axis, f ÷ 2N wide to each "
                    + "side; stops = log₂(1 ÷ (1 − share cut))")
            .source("geometry; the pupil as on file, else anywhere in the lens; N is 0.93 T")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        double most = analysis.rule(Rule.CORNER_SHADE);
        LensFront.of(analysis.rig())
                .ifPresent(f -> f.edges().forEach(e -> f.passing(e, most).ifPresent(p -> judge(f, p, results))));
    }

    private static void judge(LensFront front, LensFront.Passing passing, Results results) {
        String edge = passing.edge().title();
        results.judge(
                passing.cut() ? Severity.STOP : Severity.CAUTION,
                passing.stops(),
                new Told(
                        About.of(
                                "edge-" + edge.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                                part(front.lens().id()),
                                part(passing.edge().part())),
                        edge
                                + (passing.cut() ? " cuts the corners of " : " shades the corners of ")
                                + front.lens().title(),
                        "It stands " + Words.length(passing.edge().aheadMm()) + " ahead of the rim and "
                                + Words.length(Math.max(0, -passing.shade().roomMm()))
                                + " in the light of the worst corner, at "
                                + Words.one(front.optics().focalMm()) + " mm and T"
                                + Words.one(front.optics().tStop()) + ".",
                        front.isPupilKnown() ? "" : front.lens().title(),
                        "entrance pupil"));
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<PlacementId> parts = finding.key().parts();
        PlacementId box = parts.get(parts.size() - 1);
        List<Candidate> all = new ArrayList<>();
        for (double back : BACK) {
            all.addAll(FrontFixes.slide(analysis, box, -back));
        }
        all.addAll(FrontFixes.otherBoxes(analysis, box));
        all.addAll(FrontFixes.takeOff(analysis, box));
        return all;
    }
}
