package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
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
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** A part that drops in, clamps from the side or slides on from an end has a free way there. */
final class PathBlocked implements Check {
    private static final double WAY_OUT = 40;
    /** What a part brushes on its way is no obstacle: parts give, and are drawn a little plumper than they are. */
    private static final double BRUSHES = 3;

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
        Rig rig = analysis.rig();
        Placed child = rig.require(joint.child().placement());
        List<Solid> matter = analysis.clearances().matterOf(child.id());
        Set<PlacementId> except = new LinkedHashSet<>(rig.subtree(child.id()));
        except.add(joint.parent().placement());
        List<Set<PlacementId>> blocked = new ArrayList<>();
        for (Way way : ways(rig, joint, entry)) {
            Set<PlacementId> blockers = new LinkedHashSet<>(blockers(analysis, matter, way, except));
            if (blockers.isEmpty()) {
                results.fine();
                return;
            }
            blocked.add(blockers);
        }
        Set<PlacementId> before = ancestors(rig, child.id());
        blocked.stream()
                .min(Comparator.comparingInt(b -> rank(b, before)))
                .ifPresent(least -> report(joint, least, before, results));
    }

    /** Ways blocked only by what may come later are better than those blocked by what must be there first. */
    private static int rank(Set<PlacementId> blockers, Set<PlacementId> before) {
        return (int) blockers.stream().filter(before::contains).count() * 100 + blockers.size();
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
        if (!never && isOrderOnly(analysis.standards().require(on.standard()).family())) {
            results.fine();
            return;
        }
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

    private static Set<PlacementId> ancestors(Rig rig, PlacementId placement) {
        return rig.pathToRoot(placement).stream()
                .map(j -> j.parent().placement())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private record Way(Vec3 direction, double length) {}

    private static List<Way> ways(Rig rig, Joint joint, Standard.Entry entry) {
        Placed parent = rig.require(joint.parent().placement());
        Pose on = parent.portPose(joint.parent().port());
        List<Way> ways = new ArrayList<>();
        if (entry == Standard.Entry.FROM_END) {
            double ahead = WAY_OUT;
            double behind = WAY_OUT;
            if (parent.port(joint.parent().port()).occupancy() instanceof Port.Occupancy.Interval carrier) {
                double at = rig.held(joint)
                        .map(h -> (h.span().from() + h.span().to()) / 2)
                        .orElse(0.0);
                ahead = carrier.toMm() - at + WAY_OUT;
                behind = at - carrier.fromMm() + WAY_OUT;
            }
            ways.add(new Way(on.u(), ahead));
            ways.add(new Way(on.u().negated(), behind));
        } else {
            ways.add(new Way(on.n(), WAY_OUT));
        }
        return ways;
    }

    private static List<PlacementId> blockers(
            RigAnalysis analysis, List<Solid> matter, Way way, Set<PlacementId> except) {
        Vec3 by = way.direction().times(way.length());
        List<Solid> swept = matter.stream().map(piece -> piece.swept(by)).toList();
        return analysis.clearances().standIn(swept, except, BRUSHES);
    }
}
