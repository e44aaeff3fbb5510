package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Placement;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.PlacementId;

/**
 * Another part in a part's stead: what hung on it, what is plugged into it and how it was set stay where the other has
 * a place for it, and what finds none is named.
 *
 * @param type the part that comes
 * @param edit the commands
 * @param lost what finds no place on it, in words: parts that hang on nothing then, cables back in the kit
 */
public record Exchange(ItemType type, List<Scoped> edit, List<String> lost) {
    public Exchange {
        edit = List.copyOf(edit);
        lost = List.copyOf(lost);
    }

    /**
     * What putting this part in the other's stead comes to.
     *
     * @throws EditRefused when it does not go where the other is held
     */
    static Exchange of(RigAnalysis analysis, PlacementId placement, ItemType other) {
        return new Plan(analysis, placement, other).made();
    }

    private static final class Plan {
        private final RigAnalysis analysis;
        private final PlacementId placement;
        private final ItemType other;
        private final ItemType old;
        private final Scope scope;
        private final List<Scoped> before = new ArrayList<>();
        private final List<Scoped> after = new ArrayList<>();
        private final List<String> lost = new ArrayList<>();
        private final Set<String> taken = new LinkedHashSet<>();

        Plan(RigAnalysis analysis, PlacementId placement, ItemType other) {
            this.analysis = analysis;
            this.placement = placement;
            this.other = other;
            this.old = analysis.rig().require(placement).type();
            this.scope = analysis.scopeOf(placement);
        }

        Exchange made() {
            analysis.rig().locatedBy(placement).ifPresent(j -> joint(j, j.child(), j.parent()));
            analysis.rig().liveJoints().stream()
                    .filter(j -> analysis.rig()
                            .locatedBy(placement)
                            .filter(j::equals)
                            .isEmpty())
                    .forEach(this::joint);
            analysis.rig().content().cables().stream()
                    .filter(c -> c.names(placement))
                    .forEach(this::cable);
            analysis.rig().content().settings().stream()
                    .filter(s -> s.key().placement().equals(placement))
                    .forEach(this::setting);
            List<Scoped> edit = new ArrayList<>(before);
            edit.add(new Scoped(scope, new Command.Retype(placement, other.ref())));
            edit.addAll(after);
            edit.addAll(Parts.exchange(analysis, old.ref(), other.ref()));
            return new Exchange(other, edit, lost);
        }

        private void joint(Joint joint) {
            if (joint.child().placement().equals(placement)) {
                joint(joint, joint.child(), joint.parent());
            } else if (joint.parent().placement().equals(placement)) {
                joint(joint, joint.parent(), joint.child());
            }
        }

        private void joint(Joint joint, PortRef own, PortRef partner) {
            Optional<Port> port =
                    stead(old.port(own.port()).orElseThrow(), analysis.rig().port(partner));
            boolean holdsIt =
                    joint.kind() == Joint.Kind.LOCATING && joint.child().equals(own);
            if (port.isEmpty() && holdsIt) {
                throw new EditRefused(other.name() + " does not go on "
                        + analysis.rig().port(partner).title() + " of "
                        + analysis.rig().title(partner.placement()) + ".");
            }
            port.ifPresent(p -> taken.add(p.id()));
            if (port.isPresent() && port.get().id().equals(own.port())) {
                return;
            }
            Scope where = analysis.scopeOf(joint);
            before.add(new Scoped(where, new Command.Unjoin(joint.id())));
            if (port.isEmpty()) {
                lost.add(
                        joint.kind() == Joint.Kind.LOCATING
                                ? analysis.rig().title(partner.placement()) + " hangs on nothing"
                                : "its face on " + analysis.rig().title(partner.placement()));
                return;
            }
            PortRef now = new PortRef(placement, port.get().id());
            Joint again = joint.parent().equals(own)
                    ? new Joint(joint.id(), joint.kind(), now, joint.child(), Joint.Confidence.PLAUSIBLE, "")
                    : new Joint(joint.id(), joint.kind(), joint.parent(), now, Joint.Confidence.PLAUSIBLE, "");
            after.add(new Scoped(where, new Command.Join(again)));
        }

        /**
         * The port that takes the old one's place: of the same name, else the one that looks and lies the most alike.
         */
        private Optional<Port> stead(Port was, Port partner) {
            return other.ports().stream()
                    .filter(p -> Mating.mates(p, partner, analysis.standards()))
                    .filter(p -> p.occupancy() instanceof Port.Occupancy.Interval || !taken.contains(p.id()))
                    .min(Comparator.comparing((Port p) -> !p.id().equals(was.id()))
                            .thenComparing(p -> -Math.round(10 * p.normal().dot(was.normal())))
                            .thenComparing(p -> p.at().minus(was.at()).length()));
        }

        private void cable(CableRun cable) {
            Optional<SocketRef> a = stead(cable.a());
            Optional<SocketRef> b = stead(cable.b());
            if (a.filter(cable.a()::equals).isPresent()
                    && b.filter(cable.b()::equals).isPresent()) {
                return;
            }
            Scope where = analysis.scopeOfCable(cable.id());
            before.add(new Scoped(where, new Command.Disconnect(cable.id())));
            if (a.isPresent() && b.isPresent()) {
                after.add(new Scoped(
                        where,
                        new Command.Connect(new CableRun(cable.id(), cable.type(), a.get(), b.get(), cable.laid()))));
            } else {
                lost.add(CableRequests.title(analysis, cable.id()));
            }
        }

        private Optional<SocketRef> stead(SocketRef end) {
            if (!end.placement().equals(placement)) {
                return Optional.of(end);
            }
            Socket was = old.socket(end.socket()).orElseThrow();
            return other.sockets().stream()
                    .filter(s -> !other.isContact(s.id()))
                    .filter(s -> s.kind() == was.kind()
                            && s.direction() == was.direction()
                            && s.connector().equals(was.connector())
                            && s.pinOut().equals(was.pinOut()))
                    .min(Comparator.comparing(s -> !s.id().equals(was.id())))
                    .map(s -> new SocketRef(placement, s.id()));
        }

        private void setting(Setting setting) {
            String at = setting.key().port();
            boolean kept = other.port(at)
                            .filter(p -> setting.key().freedom() < p.freedoms().size())
                            .isPresent()
                    || other.internalJoint(at).isPresent()
                    || other.socket(at).isPresent();
            if (!kept) {
                before.add(new Scoped(analysis.scopeOf(setting.key()), new Command.Unset(setting.key())));
            }
        }
    }

    /** What the journal says of it. */
    static String said(RigAnalysis analysis, PlacementId placement, Exchange made) {
        Placement was = analysis.rig().content().placement(placement).orElseThrow();
        String titled = analysis.catalogue().require(was.type()).name();
        return made.type().name() + " in place of " + titled
                + (made.lost().isEmpty() ? "" : "; lost: " + String.join(", ", made.lost()));
    }
}
