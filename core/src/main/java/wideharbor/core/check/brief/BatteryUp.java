package wideharbor.core.check.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.Chains;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckContext;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Takes the rearmost battery, with the plate that holds it, from behind the body to a free face that looks up. */
public final class BatteryUp {
    private static final double LOOKS_UP = 0.7;
    private static final int MOST_CHAINS = 2;
    private static final int MOST = 8;

    private BatteryUp() {}

    /** What to take over, from which joint. */
    private record Load(Placed part, Joint joint) {}

    static List<Check.Candidate> candidates(CheckContext context) {
        return rearmost(context)
                .map(load -> moves(context, context.scopeOf(load.part().id())).stream()
                        .map(m -> new Check.Candidate("battery-up", m.title(), m.commands()))
                        .toList())
                .orElse(List.of());
    }

    /** One way to do it. */
    public record Move(String title, List<Scoped> commands) {}

    /** Every free face on top that takes the plate, as it is or through a few adapters; none when no battery is behind. */
    public static List<Move> moves(CheckContext context, Scope scope) {
        Optional<Load> found = rearmost(context);
        if (found.isEmpty()) {
            return List.of();
        }
        Load load = found.get();
        Rig rig = context.rig();
        Port own = rig.port(load.joint().child());
        Set<String> goes = rig.subtree(load.part().id());
        List<Move> all = new ArrayList<>();
        for (Placed carrier : rig.attached()) {
            for (Port port : carrier.type().ports()) {
                PortRef ref = new PortRef(carrier.id(), port.id());
                boolean up = carrier.portPose(port.id()).n().dot(rig.world().up()) > LOOKS_UP;
                if (up && !goes.contains(carrier.id()) && isOverAxis(rig, carrier, port) && rig.isFree(ref)) {
                    chains(context, port, own).stream()
                            .map(chain -> move(context, scope, load, ref, chain))
                            .forEach(all::add);
                }
            }
        }
        return all.stream().limit(MOST).toList();
    }

    private static boolean isOverAxis(Rig rig, Placed carrier, Port port) {
        return carrier.portPose(port.id()).at().dot(rig.world().up()) > 0;
    }

    private static List<AdapterFinder.Chain> chains(CheckContext context, Port on, Port own) {
        return Mating.mates(on, own, context.standards())
                ? List.of(new AdapterFinder.Chain(List.of(), true, true, 0, 0))
                : context.catalogue().adapters().between(on, own, MOST_CHAINS);
    }

    private static Move move(CheckContext context, Scope scope, Load load, PortRef on, AdapterFinder.Chain chain) {
        Rig rig = context.rig();
        Chains.Hung hung = Chains.hang(context, scope, on, chain);
        List<Scoped> edit = new ArrayList<>(List.of(new Scoped(scope, new Command.Unjoin(load.joint().id()))));
        edit.addAll(hung.commands());
        edit.add(new Scoped(
                scope,
                new Command.Join(new Joint(
                        Chains.freeId(context, load.joint().id() + "-up", hung.taken()),
                        Joint.Kind.LOCATING,
                        hung.end(),
                        load.joint().child(),
                        Joint.Confidence.PLAUSIBLE))));
        String through = chain.links().isEmpty() ? "" : " through " + chain.title();
        return new Move(
                load.part().title() + " to " + rig.title(on.placement()) + ", " + rig.port(on).title() + through, edit);
    }

    /** The battery that reaches furthest back, or the plate that holds it when that is not the body. */
    private static Optional<Load> rearmost(CheckContext context) {
        Rig rig = context.rig();
        Vec3 forward = rig.world().forward();
        Placed behind = null;
        for (Placed part : rig.attached()) {
            boolean further = behind == null || part.pose().at().dot(forward) < behind.pose().at().dot(forward);
            if (part.type().category() == Category.BATTERY && further) {
                behind = part;
            }
        }
        double body = rig.require(rig.content().root()).pose().at().dot(forward);
        if (behind == null || behind.pose().at().dot(forward) >= body) {
            return Optional.empty();
        }
        Placed top = behind;
        Optional<Joint> joint = rig.locatedBy(top.id());
        if (joint.isPresent()
                && rig.require(joint.get().parent().placement()).type().category() == Category.POWER) {
            top = rig.require(joint.get().parent().placement());
            joint = rig.locatedBy(top.id());
        }
        Placed load = top;
        return joint.map(j -> new Load(load, j));
    }
}
