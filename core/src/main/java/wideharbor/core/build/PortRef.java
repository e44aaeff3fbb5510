package wideharbor.core.build;

import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/** A port of a placed part. */
public record PortRef(PlacementId placement, String port) {
    public PortRef {
        Id.some("Placement", placement);
        Require.id("Port id", port);
    }

    /** Reads {@code placement:port}. */
    public static PortRef parse(String written) {
        int at = written.indexOf(':');
        if (at < 1) {
            throw new IllegalArgumentException("A port is written placement:port, but was '" + written + "'");
        }
        return new PortRef(PlacementId.of(written.substring(0, at)), written.substring(at + 1));
    }

    // Written out: as a key in the innermost loops the generated pair of methods is several times slower.
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof PortRef o && placement.equals(o.placement) && port.equals(o.port);
    }

    @Override
    public int hashCode() {
        return placement.hashCode() * 31 + port.hashCode();
    }

    @Override
    public String toString() {
        return placement + ":" + port;
    }
}
