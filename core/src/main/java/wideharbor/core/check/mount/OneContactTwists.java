package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Capability;
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
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** A part on one screw without pins on both faces turns: at once where gravity pulls on it, else when it is knocked. */
final class OneContactTwists implements Check {
    private static final int MOST_SWAPS = 6;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("joints.twist")
            .family("mount")
            .title("One contact does not turn")
            .subjects("every joint by thread, and every clamp round a single bar; while the lens is off, too")
            .expectation("pins engage on both faces, a second screw, joint or mesh holds, or friction round a bar does")
            .because("a plain screw carries load but does not resist twist; tightening harder is no second contact")
            .formula("moment about the screw = (c − p) × m·g along its axis, N·m")
            .source("statics")
            .severity(Severity.STOP)
            .emptySlot(true)
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
        if (firm || hasSecondContact(rig, joint) || meshes(rig, joint)) {
            results.fine();
            return;
        }
        Mass load = Mass.of(rig, rig.loadOn(joint));
        if (!load.isComplete()) {
            results.notChecked(
                    About.of("twist", joint(joint.id())), "no mass on file for " + String.join(", ", load.unweighed()));
            return;
        }
        Optional<PortRef> bar = bar(analysis, joint);
        if (bar.isPresent()) {
            Pose axis = rig.require(bar.get().placement()).portPose(bar.get().port());
            roundBar(analysis, joint, Turns.about(rig, load, axis.at(), axis.u()), results);
        } else {
            Pose screw = rig.require(joint.parent().placement())
                    .portPose(joint.parent().port());
            onScrew(analysis, joint, Turns.about(rig, load, screw.at(), screw.n()), results);
        }
    }

    /** What gravity turns a load with about an axis, N·m, and the part to weigh first where that is not certain. */
    private record Turns(Ranged moment, String widest) {
        static Turns about(Rig rig, Mass load, Vec3 at, Vec3 axis) {
            Vec3 down = rig.world().up().negated();
            return new Turns(
                    load.turning(at, axis, down).map(Statics::newtonMetres), load.widestTurning(at, axis, down));
        }
    }

    private static void onScrew(RigAnalysis analysis, Joint joint, Turns turns, Results results) {
        Rig rig = analysis.rig();
        String part = rig.title(joint.child().placement());
        String on = rig.title(joint.parent().placement());
        About about = About.of("twist", joint(joint.id()));
        Judgement gravity = Judgement.atMost(turns.moment(), analysis.rule(Rule.TWIST_MOMENT), "N·m");
        if (!gravity.isFine()) {
            results.judge(
                    gravity,
                    new Told(
                            gravity.isFound() ? about : about.as("twist-most"),
                            part + " turns on its one screw: "
                                    + Words.two(turns.moment().value()) + " N·m" + off(analysis),
                            "Gravity turns it about the screw into " + on + "; nothing else holds it.",
                            turns.widest()));
        }
        if (!gravity.isFound()) {
            results.found(
                    Severity.CAUTION,
                    about,
                    part + " can turn on one screw",
                    new Evidence.Statement("one contact, no pins", "pins on both faces or a second contact"),
                    "One screw into " + on + " holds it; a knock turns it.");
        }
    }

    private static String off(RigAnalysis analysis) {
        return analysis.isLensOff() ? analysis.withLens() : "";
    }

    /** A clamp round a smooth bar holds by friction, all round and along it, up to what the house trusts it with. */
    private static void roundBar(RigAnalysis analysis, Joint joint, Turns turns, Results results) {
        Rig rig = analysis.rig();
        results.judge(
                Severity.CAUTION,
                Judgement.atMost(turns.moment(), analysis.rule(Rule.BAR_MOMENT), "N·m"),
                new Told(
                        About.of("twist", joint(joint.id())),
                        rig.title(joint.child().placement()) + " can turn about its bar: "
                                + Words.two(turns.moment().value()) + " N·m" + off(analysis),
                        "A clamp round a smooth bar holds by friction; hang it nearer to the bar, or tie it to a second"
                                + " one.",
                        turns.widest()));
    }

    /** The bar that a clamp goes round, where it is a single round one. */
    private static Optional<PortRef> bar(RigAnalysis analysis, Joint joint) {
        return Stream.of(joint.parent(), joint.child())
                .filter(ref -> analysis.rig().port(ref).occupancy() instanceof Port.Occupancy.Interval)
                .filter(ref -> analysis.standards()
                                .require(analysis.rig().port(ref).standard())
                                .family()
                        == Standard.Family.ROD)
                .findFirst();
    }

    /** A drive stands with its gear in the lens's: that is its second contact. */
    private static boolean meshes(Rig rig, Joint joint) {
        return rig.require(joint.child().placement()).type().can(Capability.DRIVES_LENS);
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
