package wideharbor.core.catalog;

import java.util.Optional;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

/**
 * A place where a cable plugs in. A plug fits by connector; it works only when the pin-out agrees too.
 *
 * @param normal the way the plug comes out, when it is on file
 */
public record Socket(
        String id,
        String title,
        Kind kind,
        Direction direction,
        String connector,
        String pinOut,
        Vec3 at,
        Optional<Vec3> normal) {

    /** What goes through a socket. */
    public enum Kind {
        POWER,
        PICTURE,
        DATA
    }

    /** Which way it goes through a socket. */
    public enum Direction {
        OUT,
        IN
    }

    public Socket {
        Require.id("Socket id", id);
        Require.text("Socket title", title, 60);
        Require.text("Connector", connector, 40);
        Require.text("Pin-out", pinOut, 40);
        normal.ifPresent(Vec3::unit);
    }
}
