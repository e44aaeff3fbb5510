package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/** A port of a placed part. */
public record PortRef(String placement, String port) {
    public PortRef {
        Require.id("Placement id", placement);
        Require.id("Port id", port);
    }

    @Override
    public String toString() {
        return placement + ":" + port;
    }
}
