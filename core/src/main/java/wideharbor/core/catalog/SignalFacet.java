package wideharbor.core.catalog;

import java.util.List;
import java.util.Optional;
import wideharbor.core.quantity.Require;

/**
 * What a part does with picture, sound, time and control: where it takes them in, passes them on, shows or keeps them.
 */
public sealed interface SignalFacet extends Facet {

    /** What a socket carries beyond power. */
    enum Carried {
        PICTURE("picture"),
        FINDER("finder picture"),
        SOUND("sound"),
        TIME("time"),
        TRIGGER("trigger"),
        LENS("lens control"),
        NETWORK("network");

        private final String words;

        Carried(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    /** What a display is good for; each includes the ones before it. */
    enum Trust {
        FRAME,
        FOCUS,
        EXPOSURE,
        COLOUR
    }

    /** How an eyepiece's tube is held: a round one turns and drops when it is loosened. */
    enum Tube {
        NONE,
        ROUND,
        SQUARE
    }

    /**
     * What a socket carries.
     *
     * @param gigabits most of a picture it carries, in Gbit/s; when it is one and the figure is on file
     * @param fragile whether a pull at the plug breaks it, so that it wants a clamp
     */
    record Signal(String socket, Carried carried, Optional<Double> gigabits, boolean fragile) implements SignalFacet {
        @Override
        public List<String> sockets() {
            return List.of(socket);
        }

        public Signal {
            Require.id("Socket of a signal", socket);
            gigabits.ifPresent(g -> Require.within("Most of a picture", g, 0.1, 100, "Gbit/s"));
        }

        /** How much it carries is not on file, or it is no picture. */
        public Signal(String socket, Carried carried, boolean fragile) {
            this(socket, carried, Optional.empty(), fragile);
        }

        public Signal(String socket, Carried carried, double gigabits, boolean fragile) {
            this(socket, carried, Optional.of(gigabits), fragile);
        }
    }

    /**
     * A body's picture on one of its outputs.
     *
     * @param gigabits what it sends in the mode of the job, Gbit/s
     * @param takesLook whether the body can put the look on this output
     */
    record PictureOut(String socket, double gigabits, boolean takesLook) implements SignalFacet {
        @Override
        public List<String> sockets() {
            return List.of(socket);
        }

        public PictureOut {
            Require.id("Socket of a picture", socket);
            Require.within("Rate of a picture", gigabits, 0.1, 100, "Gbit/s");
        }
    }

    /**
     * What goes in at one socket comes out at another.
     *
     * @param live only while the part has power: an active loop or a converter; else it is a mere wire through
     */
    record Passage(String from, String to, boolean live) implements SignalFacet {
        @Override
        public List<String> sockets() {
            return List.of(from, to);
        }

        public Passage {
            Require.id("Socket in", from);
            Require.id("Socket out", to);
        }
    }

    /** Shows a picture. */
    record Display(Trust trust, boolean takesLook, Tube tube) implements SignalFacet {}

    /**
     * One end of a radio link.
     *
     * @param socket where the sender takes its signal in, or the receiver gives it out
     * @param carried what is sent
     * @param family who hears whom: sender and receiver of one family
     * @param mostReceivers how many receivers a sender serves; for a receiver it is not asked
     */
    record Radio(boolean sends, String socket, Carried carried, String family, String band, int mostReceivers)
            implements SignalFacet {
        @Override
        public List<String> sockets() {
            return List.of(socket);
        }

        public Radio {
            Require.id("Socket of a radio", socket);
            Require.text("Family of a radio", family, 40);
            Require.text("Band of a radio", band, 40);
            Require.within("Receivers for a sender", mostReceivers, 0, 32, "");
        }
    }

    /**
     * Gives or takes so many channels of sound at a socket.
     *
     * @param source gives it (a microphone, a mixer), or else takes and keeps it (a recorder, a body's input)
     * @param phantom a source that needs power on the line, or an input that gives it
     */
    record SoundPort(String socket, boolean source, int channels, boolean phantom) implements SignalFacet {
        @Override
        public List<String> sockets() {
            return List.of(socket);
        }

        public SoundPort {
            Require.id("Socket of a sound", socket);
            Require.within("Channels", channels, 1, 64, "");
        }
    }

    /** Runs on cells of its own for so many hours. */
    record OwnCells(double hours) implements SignalFacet {
        public OwnCells {
            Require.within("Hours on its own cells", hours, 0.1, 1000, "h");
        }
    }

    /**
     * A body that wants every box powered and on before the picture cable is plugged, and that cable off first.
     *
     * @param source where the rule comes from
     */
    record CoaxLast(String source) implements SignalFacet {
        public CoaxLast {
            Require.text("Where the rule comes from", source, 120);
        }
    }
}
