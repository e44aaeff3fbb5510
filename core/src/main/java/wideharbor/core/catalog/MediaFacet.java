package wideharbor.core.catalog;

import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Require;

/** What records pictures, keeps them, and gets them off. Kinds of cards are words: what is written alike fits. */
public interface MediaFacet extends Facet {
    int MOST_KINDS = 12;
    String NO_KIND = "";

    /**
     * A card.
     *
     * @param kind what it goes into; empty while nobody said
     * @param gigabytes of 10⁹ bytes
     * @param writeMegabytes that it writes in a second as long as it goes on, not at its best
     * @param readMegabytes that it gives in a second
     */
    record Card(String kind, Figure gigabytes, Figure writeMegabytes, Figure readMegabytes) implements MediaFacet {
        public Card {
            requireKind(kind, true);
            Figure.notNegative("Size of a card in GB", gigabytes);
            Figure.notNegative("Sustained MB/s of a card", writeMegabytes);
            Figure.notNegative("MB/s read from a card", readMegabytes);
        }

        /** Nobody said what it goes into, nor how fast it is read. */
        public Card(Figure gigabytes, Figure writeMegabytes) {
            this(NO_KIND, gigabytes, writeMegabytes, Figure.unknown("not on file"));
        }
    }

    /** How a body uses several slots. */
    enum Arrangement {
        /** One card; it stops to be changed. */
        SINGLE,
        /** From one to the next without a stop. */
        RELAY,
        /** The same on two cards. */
        MIRROR,
        /** Half of every picture on each of two cards of one type. */
        PAIR
    }

    /** Where cards go into a body or a recorder. */
    record Slots(List<String> kinds, Arrangement arrangement) implements MediaFacet {
        public Slots {
            kinds = someKinds(kinds);
        }

        /** Cards that are in it at a time and come out together. */
        public int together() {
            return arrangement == Arrangement.MIRROR || arrangement == Arrangement.PAIR ? 2 : 1;
        }
    }

    /**
     * What a body or a recorder can record.
     *
     * @param megabits in a second at so many frames; at others in proportion
     */
    record Mode(String name, double widthMm, double heightMm, double mostFps, double megabits, double atFps) {
        public Mode {
            Require.text("Name of a mode", name, 60);
            Require.within("Width of a mode's window", widthMm, 1, 100, "mm");
            Require.within("Height of a mode's window", heightMm, 1, 100, "mm");
            Require.within("Most frames a second", mostFps, 1, 10_000, "");
            Require.within("Rate of a mode", megabits, 1, 20_000, "Mbit/s");
            Require.within("Frames a second of a rate", atFps, 1, 10_000, "");
        }

        public Window window() {
            return new Window(widthMm, heightMm);
        }

        public double megabitsAt(double fps) {
            return megabits * fps / atFps;
        }
    }

    /** All that a body or a recorder can record. */
    record Modes(List<Mode> modes) implements MediaFacet {
        private static final int MOST = 24;

        public Modes {
            modes = List.copyOf(modes);
            Require.within("Recording modes of a body", modes.size(), 1, MOST, "");
            if (modes.stream().map(m -> folded(m.name())).distinct().count() < modes.size()) {
                throw new IllegalArgumentException("A body must not have the same recording mode twice");
            }
        }

        /** By its name, whichever way its letters and blanks are written. */
        public Optional<Mode> named(String name) {
            return modes.stream()
                    .filter(m -> folded(m.name()).equals(folded(name)))
                    .findFirst();
        }

        private static String folded(String name) {
            return name.strip().toLowerCase(java.util.Locale.ROOT).replaceAll("\\s+", " ");
        }
    }

    /**
     * What cards are read by.
     *
     * @param slots read at once
     * @param megabytes in a second from each, with all of them in use
     */
    record Reader(List<String> kinds, int slots, Figure megabytes) implements MediaFacet {
        public Reader {
            kinds = someKinds(kinds);
            Require.within("Slots of a reader", slots, 1, 16, "");
            Figure.notNegative("MB/s of a reader", megabytes);
        }
    }

    /** What cards are copied to. */
    record Drive(Figure gigabytes, Figure writeMegabytes) implements MediaFacet {
        public Drive {
            Figure.notNegative("Size of a drive in GB", gigabytes);
            Figure.notNegative("Sustained MB/s of a drive", writeMegabytes);
        }
    }

    /** A figure with its range, where it is on file. */
    static Optional<Ranged> known(Figure figure) {
        return figure instanceof Figure.Known k
                ? Optional.of(Ranged.of(k.value(), k.low(), k.high()))
                : Optional.empty();
    }

    private static void requireKind(String kind, boolean orNone) {
        if (!orNone || !kind.isEmpty()) {
            Require.text("Kind of a card", kind, 40);
        }
    }

    private static List<String> someKinds(List<String> kinds) {
        Require.within("Kinds of cards", kinds.size(), 1, MOST_KINDS, "");
        kinds.forEach(k -> requireKind(k, false));
        return List.copyOf(kinds);
    }
}
