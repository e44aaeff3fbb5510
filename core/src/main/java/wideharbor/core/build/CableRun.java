package wideharbor.core.build;

import wideharbor.core.catalog.TypeRef;
import wideharbor.core.quantity.Require;

/** A cable of the package plugged between two sockets; its end a is at {@code a}. */
public record CableRun(String id, TypeRef type, SocketRef a, SocketRef b) {
    public CableRun {
        Require.id("Cable id", id);
    }

    CableRun as(TypeRef other) {
        return new CableRun(id, other, a, b);
    }
}
