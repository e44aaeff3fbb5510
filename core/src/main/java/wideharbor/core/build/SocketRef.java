package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/** A socket of a placed part. */
public record SocketRef(String placement, String socket) {
    public SocketRef {
        Require.id("Placement id", placement);
        Require.id("Socket id", socket);
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
