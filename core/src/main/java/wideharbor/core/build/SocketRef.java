package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/** A socket of a placed part. */
public record SocketRef(String placement, String socket) {
    public SocketRef {
        Require.id("Placement id", placement);
        Require.id("Socket id", socket);
    }

    @Override
    public String toString() {
        return placement + ":" + socket;
    }
}
