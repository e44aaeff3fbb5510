package wideharbor.core.build;

import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;

/** What can be set at a socket, with the same keys and scopes as a slide: {@code placement:socket:which}. */
public final class Switches {
    /** 1 when the look is put on the picture here, else 0. */
    public static final int LOOK = 0;

    /** Quarter turns that the picture is turned to the right here, 0 to 3. */
    public static final int TURN = 1;

    /** At a sound input: dB by which the same source is kept a second time, lower; 0 when it is kept once. */
    public static final int SAFETY = 2;

    private static final int MOST_DB = 40;

    static final int COUNT = 3;

    private Switches() {}

    /**
     * Whether a value means something at a socket of a part.
     *
     * @throws EditRefused naming the limit
     */
    static void requireSense(SettingKey key, double value, ItemType type) {
        if (key.freedom() == LOOK && value != 0 && !takesLook(type, key.port())) {
            throw new EditRefused(type.name() + " puts no look on a picture at " + key.port() + ".");
        }
        int most = switch (key.freedom()) {
            case LOOK -> 1;
            case SAFETY -> MOST_DB;
            default -> 3;
        };
        if (value != Math.rint(value) || value < 0 || value > most) {
            throw new EditRefused("What is set at " + key.placement() + ", " + key.port()
                    + " must be a whole number from 0 to " + most + ", but was " + value + ".");
        }
    }

    /** Whether a part can put the look on a picture at a socket: at an output that says so, or as a display does. */
    public static boolean takesLook(ItemType type, String socket) {
        boolean out = type.facets(SignalFacet.PictureOut.class).stream()
                .anyMatch(p -> p.socket().equals(socket) && p.takesLook());
        boolean shows = type.facet(SignalFacet.Display.class)
                .filter(SignalFacet.Display::takesLook)
                .isPresent();
        boolean in = type.facets(SignalFacet.Signal.class).stream()
                        .anyMatch(s -> s.socket().equals(socket) && s.carried() == SignalFacet.Carried.PICTURE)
                && type.socket(socket)
                        .filter(s -> s.direction() == Socket.Direction.IN)
                        .isPresent();
        return out || shows && in;
    }

    public static SettingKey look(SocketRef socket) {
        return new SettingKey(socket.placement(), socket.socket(), LOOK);
    }

    public static SettingKey safety(SocketRef socket) {
        return new SettingKey(socket.placement(), socket.socket(), SAFETY);
    }

    public static SettingKey turn(SocketRef socket) {
        return new SettingKey(socket.placement(), socket.socket(), TURN);
    }
}
