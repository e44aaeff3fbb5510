package wideharbor.core.check.people;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.Subject;
import wideharbor.core.people.Eyepiece;
import wideharbor.core.people.Operator;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** On the shoulder the finder comes to where the operator's eye is. */
final class FinderAtEye implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("people.finder")
            .family("people")
            .title("The finder is at the eye")
            .subjects("every eyepiece on a shouldered rig, when the operator’s height is on the brief")
            .expectation("the eyepiece is where the eye is, within what a neck gives")
            .because("a neck that is bent for an hour ends the hour")
            .formula("eye = pad + (0.065·H ± 32, 0.118·H, 0.05·H)")
            .source("body proportions; assumed until the operator has tried it")
            .severity(Severity.CAUTION)
            .build();
    private static final double WORTH_TELLING = 15;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Brief.Crew crew = analysis.job().brief().crew();
        Optional<Vec3> eye = Operator.eye(crew, analysis.rig().world());
        if (eye.isEmpty()
                || Posture.of(analysis, SupportFacet.Support.Way.SHOULDER).isEmpty()) {
            return;
        }
        for (Placed part : analysis.rig().attached()) {
            if (part.type().can(Capability.FINDS_PICTURE)) {
                Eyepiece.of(part)
                        .ifPresent(at -> judge(analysis, part, eye.get().minus(at), results));
            }
        }
    }

    private static void judge(RigAnalysis analysis, Placed part, Vec3 off, Results results) {
        var world = analysis.rig().world();
        double reach = analysis.rule(Rule.EYE_REACH);
        if (off.length() <= reach) {
            results.fine();
            return;
        }
        Brief.Crew crew = analysis.job().brief().crew();
        List<String> ways = new ArrayList<>();
        way(ways, off.dot(world.left()), "left", "right");
        way(ways, off.dot(world.up()), "up", "down");
        way(ways, off.dot(world.forward()), "forward", "back");
        results.found(
                About.of("eye", Subject.part(part.id())),
                part.title() + " is " + Words.length(off.length()) + " from the eye",
                Evidence.Amount.atMost(off.length(), reach, "mm"),
                "For " + crew.operator()
                        + crew.profile()
                                .heightMm()
                                .map(h -> ", " + Math.round(h / 10) + " cm, ")
                                .orElse(", ")
                        + crew.eye().name().toLowerCase(java.util.Locale.ROOT) + " eye: move it "
                        + String.join(", ", ways) + ". Estimated from the height; try it on.");
    }

    private static void way(List<String> ways, double mm, String positive, String negative) {
        if (Math.abs(mm) >= WORTH_TELLING) {
            ways.add((mm > 0 ? positive : negative) + " " + Math.round(Math.abs(mm)));
        }
    }
}
