package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Closing;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Faces brought together and taken apart by hand: a part to another port, a second face, a part in between. */
final class Joining {
    /** Two faces farther apart than this, mm, are not closed by any setting of theirs. */
    private static final double FARTHEST = 60;

    private static final double MOST_DEGREES = 20;

    private Joining() {}

    /** The same part on another port; it keeps its id, its settings and what hangs on it. */
    static List<Scoped> move(RigAnalysis analysis, PlacementId placement, PortRef to, String own) {
        ItemType type = type(analysis, placement);
        Port child = type.port(own).orElseThrow(() -> new EditRefused(type.name() + " has no port '" + own + "'."));
        Port parent = analysis.rig()
                .find(to.placement())
                .flatMap(p -> p.type().port(to.port()))
                .orElseThrow(() -> new EditRefused("There is no port '" + to + "' on this rig."));
        if (to.placement().equals(placement) || hangsOn(analysis.rig(), to.placement(), placement)) {
            throw new EditRefused(analysis.rig().title(placement) + " cannot hang on what hangs on it.");
        }
        Mating.whyNot(parent, child, analysis.standards()).ifPresent(why -> {
            throw new EditRefused(type.name() + " does not go there: " + why + ".");
        });
        if (!analysis.rig().isFree(to)) {
            throw new EditRefused(parent.title() + " of " + analysis.rig().title(to.placement()) + " is taken.");
        }
        Optional<Joint> held = analysis.rig().content().locatingJointOf(placement);
        Scope scope = held.map(analysis::scopeOf).orElseGet(() -> analysis.scopeOf(placement));
        List<Scoped> edit = new ArrayList<>();
        held.ifPresent(j -> edit.add(new Scoped(scope, new Command.Unjoin(j.id()))));
        JointId id = held.map(Joint::id)
                .orElseGet(() -> new JointId(Chains.freeId(analysis, "j-" + placement, new HashSet<>())));
        edit.add(new Scoped(scope, new Command.Join(Joint.locating(id, to, new PortRef(placement, own)))));
        if (parent.occupancy() instanceof Port.Occupancy.Interval) {
            double at = Fit.room(analysis.rig(), to, parent, child.engagementMm())
                    .orElseThrow(() -> new EditRefused(analysis.rig().title(to.placement()) + " has no stretch of "
                            + Math.round(child.engagementMm()) + " mm free."));
            edit.add(new Scoped(scope, new Command.Set(new SettingKey(placement, own, 0), at, false)));
        }
        return edit;
    }

    static ItemType type(RigAnalysis analysis, PlacementId placement) {
        return analysis.rig()
                .content()
                .placement(placement)
                .map(p -> analysis.catalogue().require(p.type()))
                .orElseThrow(() -> new EditRefused("There is no placement '" + placement + "' in this build."));
    }

    private static boolean hangsOn(Rig rig, PlacementId part, PlacementId on) {
        return rig.find(on).isPresent() && rig.subtree(on).contains(part);
    }

    /** A place where a part may go. */
    record Place(PortRef to, Port port, Port own) {}

    /** Free ports that take one of the part's, on the rig and not on what hangs on it. */
    static List<Place> places(RigAnalysis analysis, PlacementId placement) {
        Rig rig = analysis.rig();
        boolean isOn = rig.find(placement).isPresent();
        return places(
                analysis,
                isOn ? rig.subtree(placement) : Set.of(placement),
                type(analysis, placement),
                own -> !isOn || isOpen(rig, placement, own));
    }

    /** Free ports that take one more of a type. */
    static List<Place> placesForAnother(RigAnalysis analysis, ItemType type) {
        return places(analysis, Set.of(), type, own -> true);
    }

    private static List<Place> places(
            RigAnalysis analysis, Set<PlacementId> except, ItemType type, Predicate<Port> isOpen) {
        List<Place> all = new ArrayList<>();
        for (Placed on : analysis.rig().attached()) {
            if (except.contains(on.id())) {
                continue;
            }
            for (Port port : on.type().ports()) {
                PortRef ref = new PortRef(on.id(), port.id());
                if (analysis.rig().isFree(ref)) {
                    type.ports().stream()
                            .filter(own -> Mating.mates(port, own, analysis.standards()))
                            .filter(isOpen)
                            .findFirst()
                            .ifPresent(own -> all.add(new Place(ref, port, own)));
                }
            }
        }
        return all;
    }

    /** Whether nothing but what holds the part is on this port of it. */
    private static boolean isOpen(Rig rig, PlacementId placement, Port own) {
        PortRef ref = new PortRef(placement, own.id());
        return rig.isFree(ref)
                || rig.locatedBy(placement).filter(j -> j.child().equals(ref)).isPresent();
    }

    /** Two faces of parts that are both on the rig, and how they meet. */
    record Meeting(PortRef own, PortRef other, Closing closing) {}

    /** Faces of other parts that a free face of this one nearly meets, the nearest first. */
    static List<Meeting> meetings(RigAnalysis analysis, PlacementId placement) {
        Rig rig = analysis.rig();
        Placed part = rig.require(placement);
        List<Meeting> all = new ArrayList<>();
        for (Port own : part.type().ports()) {
            PortRef ref = new PortRef(placement, own.id());
            if (!rig.isFree(ref)) {
                continue;
            }
            for (Placed other : rig.attached()) {
                for (Port face : other.type().ports()) {
                    PortRef on = new PortRef(other.id(), face.id());
                    if (!other.id().equals(placement)
                            && rig.isFree(on)
                            && Mating.mates(face, own, analysis.standards())) {
                        Meeting meeting = new Meeting(ref, on, rig.closing(closing(analysis, on, ref)));
                        if (isNear(meeting.closing())) {
                            all.add(meeting);
                        }
                    }
                }
            }
        }
        all.sort(Comparator.comparingDouble(m -> apart(m.closing())));
        return all;
    }

    private static double apart(Closing closing) {
        return Math.hypot(closing.gapMm(), closing.offsetMm());
    }

    private static boolean isNear(Closing closing) {
        return apart(closing) <= FARTHEST && closing.angleDegrees() <= MOST_DEGREES;
    }

    private static Joint closing(RigAnalysis analysis, PortRef parent, PortRef child) {
        return new Joint(
                new JointId(Chains.freeId(analysis, "c-" + child.placement(), new HashSet<>())),
                Joint.Kind.CLOSING,
                parent,
                child,
                Joint.Confidence.PLAUSIBLE,
                "");
    }

    /** A second face of a part is joined as well; it moves nothing, and whether it closes is judged. */
    static List<Scoped> close(RigAnalysis analysis, PortRef own, PortRef other) {
        Port face = port(analysis, other);
        Mating.whyNot(face, port(analysis, own), analysis.standards()).ifPresent(why -> {
            throw new EditRefused("The two faces do not join: " + why + ".");
        });
        for (PortRef ref : List.of(own, other)) {
            if (!analysis.rig().isFree(ref)) {
                throw new EditRefused(
                        port(analysis, ref).title() + " of " + analysis.rig().title(ref.placement()) + " is taken.");
            }
        }
        return List.of(new Scoped(analysis.scopeOf(own.placement()), new Command.Join(closing(analysis, other, own))));
    }

    private static Port port(RigAnalysis analysis, PortRef ref) {
        return analysis.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().port(ref.port()))
                .orElseThrow(() -> new EditRefused("There is no port '" + ref + "' on this rig."));
    }

    /** Takes a second face apart; what gives a part its place is taken off or moved instead. */
    static List<Scoped> open(RigAnalysis analysis, JointId id) {
        Joint joint = analysis.rig()
                .content()
                .joint(id)
                .orElseThrow(() -> new EditRefused("There is no joint '" + id + "'."));
        if (joint.kind() == Joint.Kind.LOCATING) {
            throw new EditRefused(analysis.rig().title(joint.child().placement())
                    + " is held by this joint; take it off or move it to another port.");
        }
        return List.of(new Scoped(analysis.scopeOf(joint), new Command.Unjoin(id)));
    }

    /** A part between a part and what holds it. */
    static List<Scoped> insert(RigAnalysis analysis, PlacementId placement, ItemType type) {
        Joint joint = analysis.rig()
                .locatedBy(placement)
                .orElseThrow(() -> new EditRefused(analysis.rig().title(placement) + " hangs on nothing."));
        AdapterFinder.Link link = between(analysis, joint, type)
                .orElseThrow(() -> new EditRefused(type.name() + " has no two faces that go between "
                        + analysis.rig().title(placement) + " and "
                        + analysis.rig().title(joint.parent().placement()) + "."));
        return Chains.between(analysis, joint, new AdapterFinder.Chain(List.of(link), true, true, 0, 0));
    }

    /** By which of its ports a type goes between the two of a joint. */
    static Optional<AdapterFinder.Link> between(RigAnalysis analysis, Joint joint, ItemType type) {
        Port below = analysis.rig().port(joint.parent());
        Port above = analysis.rig().port(joint.child());
        for (Port in : type.ports()) {
            if (!Mating.mates(below, in, analysis.standards())) {
                continue;
            }
            for (Port out : type.ports()) {
                boolean two = !in.equals(out) || in.occupancy() instanceof Port.Occupancy.Interval;
                if (two && Mating.mates(out, above, analysis.standards())) {
                    return Optional.of(new AdapterFinder.Link(type, in.id(), out.id()));
                }
            }
        }
        return Optional.empty();
    }
}
