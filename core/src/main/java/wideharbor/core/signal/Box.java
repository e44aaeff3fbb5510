package wideharbor.core.signal;

import java.util.Optional;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.rig.Placed;

/** A part that takes, gives or passes on a signal: on the rig, or beside it out of the kit. */
public record Box(String id, String title, ItemType type, boolean onRig) {
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
}
