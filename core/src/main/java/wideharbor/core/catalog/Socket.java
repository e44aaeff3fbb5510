package wideharbor.core.catalog;

import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

/**
 * A place where a cable plugs in. A plug fits by connector; it works only when the pin-out agrees too.
 *
 * @param normal the way the plug comes out; the zero vector when it is not on file
 */
public record Socket(
        String id,
        String title,
        Kind kind,
        Direction direction,
        String connector,
        String pinOut,
        Vec3 at,
        Vec3 normal) {

    /** The way the plug comes out is not on file. */
    public static final Vec3 WAY_UNKNOWN = Vec3.ZERO;

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
    }
}
