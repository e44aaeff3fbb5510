package wideharbor.core.signal;

import java.util.List;
import java.util.Optional;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** A part that takes, gives or passes on a signal: on the rig, or beside it out of the kit. */
public record Box(PlacementId id, String title, ItemType type, boolean onRig) {
    /** Parts of a rig that have to do with signals. */
    static List<Box> on(Rig rig) {
        return rig.attached().stream().filter(Box::hasSignal).map(Box::of).toList();
    }

    private static boolean hasSignal(Placed placed) {
        return !placed.type().facets(SignalFacet.class).isEmpty()
                || placed.type().sockets().stream().anyMatch(s -> s.kind() != Socket.Kind.POWER);
    }

    static Box of(Placed placed) {
        return new Box(placed.id(), placed.title(), placed.type(), true);
    }

    SocketRef socket(String socket) {
        return new SocketRef(id, socket);
    }

    /** What a socket carries, when it is on file. */
    public Optional<SignalFacet.Signal> signal(String socket) {
        return type.facets(SignalFacet.Signal.class).stream()
                .filter(s -> s.socket().equals(socket))
                .findFirst();
    }

    public boolean hasOwnCells() {
        return type.facet(SignalFacet.OwnCells.class).isPresent();
    }

    Optional<Carried> carried(String socket) {
        return signal(socket).map(SignalFacet.Signal::carried);
    }

    Socket.Direction direction(String socket) {
        return type.socket(socket).orElseThrow().direction();
    }
}
