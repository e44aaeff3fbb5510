package wideharbor.core.catalog;

import java.util.List;
import wideharbor.core.quantity.Require;

/**
 * Contacts in the face of a port: joining the port plugs the sockets named, and no cable goes into them. The port of a
 * battery is contacts by nature and needs none of this.
 */
public record Contacts(String port, List<String> sockets) implements Facet {
    public Contacts {
        Require.id("Port of the contacts", port);
        sockets = List.copyOf(sockets);
        Require.within("Sockets in the face of a port", sockets.size(), 1, 24, "");
    }

    @Override
    public List<String> ports() {
        return List.of(port);
    }
}
