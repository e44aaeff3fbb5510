package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.joint;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.WayOn;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** A part that drops in, clamps from the side or slides on from an end has a free way there. */
final class PathBlocked implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("access.path")
            .family("access")
            .title("The way on is free")
            .subjects("every part that drops in, clamps from the side or slides on from an end")
            .expectation("one way on is free of parts other than those that come on after it")
            .because("what is blocked by something that must be there first cannot be put on at all")
            .formula("the part's shapes, swept along its way")
            .source("geometry; the way on by the mounting standard")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Joint joint : rig.locatingJoints()) {
            Standard.Entry entry = analysis.standards()
                    .require(rig.port(joint.parent()).standard())
                    .entry();
            if (entry != Standard.Entry.SCREWED && isBought(analysis, joint)) {
                judge(analysis, joint, entry, results);
            }
        }
    }

    /**
     * What carries the rig (legs, head, dovetail) is there first: the rest of the rig comes onto it, not it onto the
     * rig.
     */
    private static boolean isBought(RigAnalysis analysis, Joint joint) {
        Rig rig = analysis.rig();
        return !rig.subtree(joint.child().placement())
                .contains(rig.configuration().support());
    }

    private static void judge(RigAnalysis analysis, Joint joint, Standard.Entry entry, Results results) {
        Port on = analysis.rig().port(joint.parent());
        if (isOrderOnly(analysis.standards().require(on.standard()).family())
                && WayOn.isFreeOfCarriers(analysis.rig(), analysis.clearances(), joint, entry)) {
            results.fine();
            return;
        }
        WayOn way = WayOn.best(analysis.rig(), analysis.clearances(), joint, entry);
        if (way.isFree()) {
            results.fine();
        } else {
            report(
                    joint,
                    way.blockers(),
                    WayOn.carriers(analysis.rig(), joint.child().placement()),
                    results);
        }
    }

    private static void report(Joint joint, Set<PlacementId> blockers, Set<PlacementId> before, Results results) {
        RigAnalysis analysis = results.analysis();
        Rig rig = analysis.rig();
        String part = rig.title(joint.child().placement());
        String names = blockers.stream().map(rig::title).collect(Collectors.joining(", "));
        Set<PlacementId> fixed = new LinkedHashSet<>(blockers);
        fixed.retainAll(before);
        boolean never = !fixed.isEmpty();
        Port on = rig.port(joint.parent());
        results.found(
                never ? Severity.STOP : Severity.NOTE,
                About.of("path", joint(joint.id())),
                never ? part + " cannot be put on: " + names + " is in its way" : part + " goes on before " + names,
                new Evidence.Statement("way blocked by " + names, "one free way onto " + on.title()),
                never
                        ? "What blocks it must be there first, so no order of work helps."
                        : "Taking it off later begins with what blocks it.");
    }

    /** Lenses and what rides on rods go on in their order as a matter of course: nothing to say about it. */
    private static boolean isOrderOnly(Standard.Family family) {
        return family == Standard.Family.ROD
                || family == Standard.Family.LENS_MOUNT
                || family == Standard.Family.LENS_BRACE
                || family == Standard.Family.DOCK;
    }
}
