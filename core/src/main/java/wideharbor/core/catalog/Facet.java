package wideharbor.core.catalog;

import java.util.List;

/**
 * What a part does for the job, beyond filling space. A part may have several. A facet names the ports, sockets and
 * standards that it is about, so that a part which lacks them is refused.
 */
public interface Facet {
    /** Ports of the part that this is about. */
    default List<String> ports() {
        return List.of();
    }

    /** Links of the part that this is about. */
    default List<String> links() {
        return List.of();
    }

    /** Sockets of the part that this is about. */
    default List<String> sockets() {
        return List.of();
    }

    /** Mounting standards that this is about, beyond those of the part's own ports. */
    default List<String> standards() {
        return List.of();
    }
}
