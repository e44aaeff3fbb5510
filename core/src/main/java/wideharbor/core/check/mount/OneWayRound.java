package wideharbor.core.check.mount;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Rig;

/** Where both faces carry a mark, the marks meet: the part is on the one right way round. */
final class OneWayRound implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("mount.one-way")
            .family("mount")
            .title("Marks meet")
            .subjects("every joint with a mark on both faces")
            .expectation("the mark of one face stands at the mark of the other")
            .because("put on the wrong way round it locks badly, blocks its own release or points backwards")
            .formula("angle between the two marks about the joint's normal")
            .source("marks as the catalogue draws them")
            .severity(Severity.STOP)
            .build();
    private static final double OFF_DEGREES = 1.0;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Joint joint : rig.liveJoints()) {
            Port on = rig.port(joint.parent());
            Port own = rig.port(joint.child());
            if (on.mark().isEmpty() || own.mark().isEmpty()) {
                continue;
            }
            double angle = between(
                    rig.require(joint.parent().placement()).portPose(on.id()).u(),
                    rig.require(joint.child().placement()).portPose(own.id()).u());
            if (angle <= OFF_DEGREES) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("way-round", Subject.joint(joint.id())),
                    rig.title(joint.child().placement()) + " is on the wrong way round",
                    Evidence.Amount.atMost(angle, OFF_DEGREES, "°"),
                    "Its " + own.mark() + " goes to the " + on.mark() + " of "
                            + rig.title(joint.parent().placement()) + ".");
        }
    }

    private static double between(Vec3 a, Vec3 b) {
        return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, a.dot(b)))));
    }

    /** Turns back to nought whatever turns this joint about its normal. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        JointId joint = finding.key().joint();
        List<Scoped> edit = new ArrayList<>();
        for (Motion m : analysis.rig().motions()) {
            if (m.isOf(joint)
                    && m.value() != 0
                    && m.freedom() instanceof Freedom.Rotate turn
                    && turn.axis() == Freedom.Axis.N) {
                edit.add(new Scoped(analysis.scopeOf(m.key()), new Command.Set(m.key(), 0, false)));
            }
        }
        return edit.isEmpty() ? List.of() : List.of(new Candidate("turn", "Turn it mark to mark", edit));
    }
}
