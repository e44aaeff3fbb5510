package wideharbor.core.build;

/** What can be set at a socket, with the same keys and scopes as a slide: {@code placement:socket:which}. */
public final class Switches {
    /** 1 when the look is put on the picture here, else 0. */
    public static final int LOOK = 0;

    /** Quarter turns that the picture is turned to the right here, 0 to 3. */
    public static final int TURN = 1;

    static final int COUNT = 2;

    private Switches() {}

    public static SettingKey look(SocketRef socket) {
        return new SettingKey(socket.placement(), socket.socket(), LOOK);
    }

    public static SettingKey turn(SocketRef socket) {
        return new SettingKey(socket.placement(), socket.socket(), TURN);
    }
}
