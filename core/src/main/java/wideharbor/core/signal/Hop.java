package wideharbor.core.signal;

import wideharbor.core.build.SocketRef;

/** One step of a signal from socket to socket. {@code by} is the cable's id, or empty when there is none. */
public record Hop(SocketRef from, SocketRef to, Kind kind, String by) {
    /** How a signal gets from box to box. */
    public enum Kind {
        CABLE,
        /** By contacts in the faces of two joined ports. */
        CONTACT,
        /** Through a part, as a wire. */
        THROUGH,
        /** Through a part, while it has power. */
        LIVE,
        RADIO;

        /** From an output into an input, by a cable or by contacts. */
        public boolean isPlugged() {
            return this == CABLE || this == CONTACT;
        }
    }
}
