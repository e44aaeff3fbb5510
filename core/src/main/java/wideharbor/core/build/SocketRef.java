package wideharbor.core.build;

import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/** A socket of a placed part. */
public record SocketRef(PlacementId placement, String socket) {
    public SocketRef {
        Id.some("Placement", placement);
        Require.id("Socket id", socket);
    }

    /** Reads {@code placement:socket}. */
    public static SocketRef parse(String written) {
        int at = written.indexOf(':');
        if (at < 1) {
            throw new IllegalArgumentException("A socket is written placement:socket, but was '" + written + "'");
        }
        return new SocketRef(PlacementId.of(written.substring(0, at)), written.substring(at + 1));
    }

    // Written out: as a key in the innermost loops the generated pair of methods is several times slower.
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof SocketRef o && placement.equals(o.placement) && socket.equals(o.socket);
    }

    @Override
    public int hashCode() {
        return placement.hashCode() * 31 + socket.hashCode();
    }

    @Override
    public String toString() {
        return placement + ":" + socket;
    }
}
