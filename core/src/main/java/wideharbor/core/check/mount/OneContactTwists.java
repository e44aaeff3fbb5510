package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
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
import wideharbor.core.edit.Parts;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;

/** A part on one screw without pins on both faces turns: at once where gravity pulls on it, else when it is knocked. */
final class OneContactTwists implements Check {
    private static final double G = 9.80665;
    private static final int MOST_SWAPS = 6;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("joints.twist")
            .family("mount")
            .title("One contact does not turn")
            .subjects("every joint by thread")
            .expectation("pins engage on both faces, or a second screw or joint holds")
            .because("a plain screw carries load but does not resist twist; tightening harder is no second contact")
            .formula("moment about the screw = (c − p) × m·g along its axis, N·m")
            .source("statics")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        analysis.rig().locatingJoints().forEach(joint -> judge(analysis, joint, results));
    }

    private static void judge(RigAnalysis analysis, Joint joint, Results results) {
        Rig rig = analysis.rig();
        boolean firm = Mating.resistsTwist(rig.port(joint.parent()), rig.port(joint.child()), analysis.standards());
        if (firm || hasSecondContact(rig, joint)) {
            results.fine();
            return;
        }
        Mass load = Mass.of(rig, rig.loadOn(joint));
        Pose port =
                rig.require(joint.parent().placement()).portPose(joint.parent().port());
        Vec3 arm = load.centre().minus(port.at()).times(0.001);
        Vec3 weight = rig.world().up().times(-load.grams() / 1000 * G);
        double moment = Math.abs(arm.cross(weight).dot(port.n()));
        String part = rig.title(joint.child().placement());
        String on = rig.title(joint.parent().placement());
        double limit = analysis.rule(Rule.TWIST_MOMENT);
        boolean gravityTurnsIt = moment > limit;
        results.found(
                gravityTurnsIt ? Severity.STOP : Severity.CAUTION,
                About.of("twist", joint(joint.id())),
                part
                        + (gravityTurnsIt
                                ? " turns on its one screw: " + Words.two(moment) + " N·m"
                                : " can turn on one screw"),
                gravityTurnsIt
                        ? Evidence.Amount.atMost(moment, limit, "N·m")
                        : new Evidence.Statement("one contact, no pins", "pins on both faces or a second contact"),
                gravityTurnsIt
                        ? "Gravity turns it about the screw into " + on + "; nothing else holds it."
                        : "One screw into " + on + " holds it; a knock turns it.");
    }

    /** The same part with pins or more screws, where the catalogue has one; its other ports stay the same. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Joint joint = analysis.rig().content().joint(finding.key().joint()).orElseThrow();
        List<Candidate> all = new ArrayList<>();
        for (PortRef ref : List.of(joint.child(), joint.parent())) {
            ItemType now = analysis.rig().require(ref.placement()).type();
            Port other = analysis.rig().port(ref.equals(joint.child()) ? joint.parent() : joint.child());
            for (ItemType type : Parts.byNearness(analysis)) {
                boolean firm = type.category() == now.category()
                        && !type.ref().equals(now.ref())
                        && type.port(ref.port())
                                .filter(p -> Mating.mates(p, other, analysis.standards())
                                        && Mating.resistsTwist(p, other, analysis.standards()))
                                .isPresent();
                if (firm && all.size() < MOST_SWAPS) {
                    all.add(new Candidate(
                            "pins",
                            type.name() + " in place of " + now.name(),
                            Parts.swap(analysis, ref.placement(), type)));
                }
            }
        }
        return all;
    }

    /** A closing joint from anywhere on the load's side to the other side keeps the load from turning. */
    private static boolean hasSecondContact(Rig rig, Joint joint) {
        Set<PlacementId> side = rig.subtree(joint.child().placement());
        return rig.closings().stream()
                .map(c -> c.joint())
                .anyMatch(j -> side.contains(j.parent().placement())
                        != side.contains(j.child().placement()));
    }
}
