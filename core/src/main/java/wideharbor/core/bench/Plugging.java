package wideharbor.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Wiring;
import wideharbor.core.rig.Placed;
import wideharbor.core.signal.CableSchedule;
import wideharbor.core.signal.Dressing;

/** Cables by hand: what may be plugged where, and the commands that plug, unplug and lay it. */
public final class Plugging {
    private static final int MOST_CABLES = 12;

    private Plugging() {}

    /** A socket with nothing in it. */
    public record Open(
            SocketRef ref, String part, String title, Socket.Kind kind, Socket.Direction direction, String connector) {}

    /** A cable that joins two sockets, how many of it are in the kit, and the length it would need, mm. */
    public record Choice(ItemType type, int inKit, double lengthMm, double neededMm) {
        public boolean reaches() {
            return lengthMm >= neededMm;
        }
    }

    /** Where a cable from a socket may lead, and by what; the likeliest cable first. */
    public record Offer(Open to, List<Choice> cables) {}

    /** Open sockets of all parts on the rig, in the order of the rig. */
    public static List<Open> open(CheckContext context) {
        List<Open> all = new ArrayList<>();
        for (Placed placed : context.rig().attached()) {
            for (Socket socket : placed.type().sockets()) {
                SocketRef ref = new SocketRef(placed.id(), socket.id());
                if (!Wiring.isTaken(context, ref)) {
                    all.add(new Open(
                            ref,
                            placed.title(),
                            socket.title(),
                            socket.kind(),
                            socket.direction(),
                            socket.connector()));
                }
            }
        }
        return all;
    }

    /** Open sockets of other parts to which some cable leads from this one. */
    public static List<Offer> offers(CheckContext context, SocketRef from) {
        Socket here = Wiring.socket(context, from);
        List<Offer> all = new ArrayList<>();
        for (Open to : open(context)) {
            boolean other = !to.ref().placement().equals(from.placement())
                    && to.kind() == here.kind()
                    && to.direction() != here.direction();
            List<Choice> cables = other ? choices(context, from, to.ref()) : List.of();
            if (!cables.isEmpty()) {
                all.add(new Offer(to, cables));
            }
        }
        return all;
    }

    private static List<Choice> choices(CheckContext context, SocketRef from, SocketRef to) {
        Socket a = Wiring.socket(context, from);
        Socket b = Wiring.socket(context, to);
        return context.catalogue().current().stream()
                .filter(t ->
                        t.facet(Facet.Cable.class).filter(w -> w.joins(a, b)).isPresent())
                .map(t -> new Choice(
                        t,
                        context.kit().count(t.ref()),
                        t.facet(Facet.Cable.class).orElseThrow().lengthMm(),
                        CableSchedule.needed(
                                context.rig(), new CableRun("new", t.ref(), from, to), Dressing.by(context.rules()))))
                .sorted(Comparator.comparing((Choice c) -> !c.reaches())
                        .thenComparing(c -> c.inKit() == 0)
                        .thenComparingDouble(Choice::lengthMm))
                .limit(MOST_CABLES)
                .toList();
    }

    /** @throws EditRefused when the cable does not join the two, or one of them is taken */
    public static List<Scoped> plug(CheckContext context, SocketRef from, SocketRef to, ItemType type) {
        for (SocketRef end : List.of(from, to)) {
            if (Wiring.isTaken(context, end)) {
                throw new EditRefused(Wiring.socket(context, end).title() + " of "
                        + context.rig().title(end.placement()) + " is taken.");
            }
        }
        boolean joins = type.facet(Facet.Cable.class)
                .filter(w -> w.joins(Wiring.socket(context, from), Wiring.socket(context, to)))
                .isPresent();
        if (!joins) {
            throw new EditRefused(type.name() + " does not join "
                    + Wiring.socket(context, from).title() + " of "
                    + context.rig().title(from.placement()) + " and "
                    + Wiring.socket(context, to).title() + " of "
                    + context.rig().title(to.placement()) + ".");
        }
        return Wiring.lay(context, context.scopeOf(to.placement()), type, from, to, new TreeSet<>());
    }

    /** The cable goes back into the kit. */
    public static List<Scoped> unplug(CheckContext context, String cable) {
        CableRun run = require(context, cable);
        return List.of(
                new Scoped(context.scopeOfCable(cable), new Command.Disconnect(cable)),
                Scoped.kit(new Command.AddKit(run.type(), 1)));
    }

    public static List<Scoped> lay(CheckContext context, String cable, CableRun.Laid laid) {
        require(context, cable);
        return List.of(new Scoped(context.scopeOfCable(cable), new Command.Lay(cable, laid)));
    }

    private static CableRun require(CheckContext context, String cable) {
        return context.rig()
                .content()
                .cable(cable)
                .orElseThrow(() -> new EditRefused("There is no cable '" + cable + "' in this configuration."));
    }
}
