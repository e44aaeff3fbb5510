package wideharbor.core.standard;

import wideharbor.core.quantity.Require;

/**
 * One row of the mounting standards.
 *
 * @param gendered whether the two faces must take opposite roles
 * @param twist whether one contact of this standard keeps a part from turning about the port's normal
 * @param entry which way a part comes on
 * @param loadGrams what one contact may carry unless its port says otherwise or is locked, g; 0 is no limit
 * @param note what to know before trusting the row
 */
public record Standard(
        String id,
        int revision,
        String title,
        Family family,
        boolean gendered,
        Twist twist,
        Entry entry,
        double loadGrams,
        String note,
        Facts facts) {

    /** The standard of a support's datum: a point that carries, on which nothing is mounted. */
    public static final String DATUM = "datum";

    /** The same row as another revision. */
    public Standard revised(int other) {
        return new Standard(id, other, title, family, gendered, twist, entry, loadGrams, note, facts);
    }

    /** Standards that are alike in how they mate. */
    public enum Family {
        THREAD,
        PLATE,
        DOVETAIL,
        RAIL,
        TOOTHED,
        SHOE,
        ROD,
        BOWL,
        TUBE,
        LENS_MOUNT,
        LENS_BRACE,
        BATTERY,
        BALL,
        DOCK
    }

    /** Which way a part comes on, and so which way must be free. */
    public enum Entry {
        /** Along the face's normal, then screwed. */
        SCREWED,
        /** Down onto the face along its normal, held by a lock. */
        DROP_IN,
        /** From either end of the carrier, along it. */
        FROM_END,
        /** Over the side of the carrier, anywhere along it. */
        FROM_SIDE
    }

    /** Whether one contact keeps a part from turning. */
    public enum Twist {
        /** The shape itself resists: plates, dovetails, pairs of rods, bayonets. */
        RESISTS,
        /** One screw turns unless pins engage on both faces or a second screw holds. */
        NEEDS_PIN_OR_SECOND
    }

    /** How a lens mount holds against turning, the firmest first. */
    public enum Lock {
        /** A ring presses the flange home and cannot be turned back by the lens. */
        RING_LOCKED,
        /** Wings that a catch holds, with a little play. */
        BAYONET_LOCKED,
        /** Wings under springs, with a pin: it gives under a motor. */
        BAYONET,
        /** A thread or a clamp. */
        FRICTION;

        /** The one that holds less. */
        public Lock weaker(Lock other) {
            return compareTo(other) >= 0 ? this : other;
        }

        /** As in "held by ...". */
        public String inWords() {
            return switch (this) {
                case RING_LOCKED -> "a locking ring";
                case BAYONET_LOCKED -> "a bayonet with a catch";
                case BAYONET -> "a sprung bayonet";
                case FRICTION -> "friction alone";
            };
        }
    }

    /** What only some standards have. */
    public sealed interface Facts {
        /** No figures beyond the standard itself. */
        record None() implements Facts {}

        /** Rod pair: diameter, distance between centres, and optical axis over the plane of the centres. */
        record Rods(double diameterMm, double spacingMm, double axisHeightMm, double toleranceMm) implements Facts {
            /** How far the axis may be off: what the standard says, or the house where it is stricter. */
            public double toleranceIn(double houseMm) {
                return Math.min(toleranceMm, houseMm);
            }

            public Rods {
                Require.within("Rod diameter", diameterMm, 5, 60, "mm");
                Require.within("Rod spacing", spacingMm, 10, 400, "mm");
                Require.within("Axis height", axisHeightMm, 0, 400, "mm");
                Require.within("Height tolerance", toleranceMm, 0.05, 20, "mm");
            }
        }

        /** Rods of a fixed diameter whose spacing and height each bracket sets. */
        record Bar(double diameterMm) implements Facts {
            public Bar {
                Require.within("Rod diameter", diameterMm, 5, 60, "mm");
            }
        }

        /**
         * A lens mount.
         *
         * @param flangeMm from its face to the sensor, in air
         * @param lock how it holds a lens against turning
         */
        record LensMount(double flangeMm, Lock lock) implements Facts {
            public LensMount {
                Require.within("Flange distance", flangeMm, 5, 150, "mm");
            }
        }

        /** A toothed face: only whole steps of this many degrees close. */
        record Toothed(double stepDegrees) implements Facts {
            public Toothed {
                Require.within("Tooth step", stepDegrees, 0.1, 180, "degrees");
            }
        }
    }

    public Standard {
        Require.id("Standard id", id);
        Require.text("Standard title", title, 80);
        Require.atLeast("Standard revision", revision, 1, "");
        Require.within("Light load in g", loadGrams, 0, 1_000_000, "g");
        if (note.length() > 200) {
            throw new IllegalArgumentException("A note must have at most 200 characters, but has " + note.length());
        }
    }

    /** Whether parts slide along it, several at once, as long as their stretches do not overlap. */
    public boolean isCarrier() {
        return family == Family.ROD || family == Family.DOVETAIL || family == Family.RAIL || family == Family.TUBE;
    }
}
