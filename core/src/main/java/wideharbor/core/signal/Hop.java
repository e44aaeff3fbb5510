package wideharbor.core.signal;

import wideharbor.core.build.SocketRef;

/** One step of a signal from socket to socket. {@code by} is the cable's id, or empty when there is none. */
public record Hop(SocketRef from, SocketRef to, Kind kind, String by) {
    /** How a signal gets from box to box. */
    public enum Kind {
        CABLE,
        /** Through a part, as a wire. */
        THROUGH,
        /** Through a part, while it has power. */
        LIVE,
        RADIO
    }
}
