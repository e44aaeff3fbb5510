package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.CableId;
import wideharbor.core.rig.Placed;

/** Cables by hand: what may be plugged where, and the commands that plug, unplug and lay it. */
public final class CableEdits {
    private static final int MOST_CABLES = 12;

    private CableEdits() {}

    /** A socket with nothing in it. */
    public record Open(
            SocketRef ref, String part, String title, Socket.Kind kind, Socket.Direction direction, String connector) {}

    /** Where a cable from a socket may lead, and by what; the likeliest cable first. */
    public record Offer(Open to, List<Wiring.Choice> cables) {}

    /** Open sockets of all parts on the rig, in the order of the rig. */
    public static List<Open> open(RigAnalysis analysis) {
        List<Open> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            for (Socket socket : placed.type().sockets()) {
                SocketRef ref = new SocketRef(placed.id(), socket.id());
                if (!placed.type().isContact(socket.id()) && !Wiring.isTaken(analysis, ref)) {
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
    public static List<Offer> offers(RigAnalysis analysis, SocketRef from) {
        Socket here = Wiring.socket(analysis, from);
        List<Offer> all = new ArrayList<>();
        for (Open to : open(analysis)) {
            boolean other = !to.ref().placement().equals(from.placement())
                    && to.kind() == here.kind()
                    && to.direction() != here.direction();
            List<Wiring.Choice> cables = other
                    ? Wiring.choices(analysis, from, to.ref()).stream()
                            .limit(MOST_CABLES)
                            .toList()
                    : List.of();
            if (!cables.isEmpty()) {
                all.add(new Offer(to, cables));
            }
        }
        return all;
    }

    /** @throws EditRefused when the cable does not join the two, or one of them is taken */
    public static List<Scoped> plug(RigAnalysis analysis, SocketRef from, SocketRef to, ItemType type) {
        for (SocketRef end : List.of(from, to)) {
            if (Wiring.isTaken(analysis, end)) {
                throw new EditRefused(Wiring.socket(analysis, end).title() + " of "
                        + analysis.rig().title(end.placement()) + " is taken.");
            }
        }
        boolean joins = type.facet(PowerFacet.Cable.class)
                .filter(w -> w.joins(Wiring.socket(analysis, from), Wiring.socket(analysis, to)))
                .isPresent();
        if (!joins) {
            throw new EditRefused(type.name() + " does not join "
                    + Wiring.socket(analysis, from).title() + " of "
                    + analysis.rig().title(from.placement()) + " and "
                    + Wiring.socket(analysis, to).title() + " of "
                    + analysis.rig().title(to.placement()) + ".");
        }
        return Wiring.lay(analysis, analysis.scopeOf(to.placement()), new Wiring.Run(type, from, to), new TreeSet<>());
    }

    /** The cable goes back into the kit. */
    public static List<Scoped> unplug(RigAnalysis analysis, CableId cable) {
        CableRun run = require(analysis, cable);
        return List.of(
                new Scoped(analysis.scopeOfCable(cable), new Command.Disconnect(cable)),
                Scoped.kit(new Command.AddKit(run.type(), 1)));
    }

    public static List<Scoped> lay(RigAnalysis analysis, CableId cable, CableRun.Laid laid) {
        require(analysis, cable);
        return List.of(new Scoped(analysis.scopeOfCable(cable), new Command.Lay(cable, laid)));
    }

    private static CableRun require(RigAnalysis analysis, CableId cable) {
        return analysis.rig()
                .content()
                .cable(cable)
                .orElseThrow(() -> new EditRefused("There is no cable '" + cable + "' in this configuration."));
    }
}
