package wideharbor.core.catalog;

import java.util.List;
import java.util.Optional;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Require;

/** What a lens has at its front and on its barrel, what stands before it, and what turns its rings. */
public interface FrontFacet extends Facet {
    /**
     * The light of a lens.
     *
     * @param pupilMm its entrance pupil, behind the front rim: where the iris seems to be when one looks in from the
     *     front
     * @param sidewaysPupilMm the same seen from the side; a squeezed lens may have another for the width of the picture
     * @param imageCircleMm diameter of what it draws, the smallest over its focal lengths and stops
     * @param longestMm the longest focal length of a zoom; absent on a prime
     */
    record Light(Figure pupilMm, Optional<Double> sidewaysPupilMm, Figure imageCircleMm, Optional<Double> longestMm)
            implements FrontFacet {
        public Light {
            Figure.notNegative("Entrance pupil behind the front in mm", pupilMm);
            Figure.notNegative("Image circle in mm", imageCircleMm);
            sidewaysPupilMm.ifPresent(p -> Require.within("Sideways entrance pupil", p, 0, 1000, "mm"));
            longestMm.ifPresent(f -> Require.within("Longest focal length", f, 1, 5000, "mm"));
        }

        /** The same behind glass with a factor, which draws the circle so many times as large. */
        public Light times(double factor) {
            return factor == 1
                    ? this
                    : new Light(pupilMm, sidewaysPupilMm, imageCircleMm.times(factor), longestMm.map(l -> l * factor));
        }

        /** Where the pupil is behind the rim, mm, with its range; empty where that is not on file. */
        public Optional<Ranged> pupil() {
            return pupilMm instanceof Figure.Known k
                    ? Optional.of(Ranged.of(k.value(), k.low(), k.high()))
                    : Optional.empty();
        }
    }

    /** What an opening belongs to, and so whether it can be left out. */
    enum OpeningKind {
        /** Holds a filter; where it is taken out it shades nothing. */
        STAGE,
        /** The outermost edge of a box. */
        MOUTH,
        /** A leaf over, under or beside the mouth. */
        FLAG,
        /** A ring on a lens front or in a box. */
        RING
    }

    /**
     * An edge that light must pass.
     *
     * @param atMm ahead of the part's origin, along its own axis
     * @param widthMm free inside, from edge to edge; of a round one the diameter, as the height is
     * @param takes the filter that goes in; empty where none does
     */
    record Opening(
            String title, OpeningKind kind, double atMm, double widthMm, double heightMm, boolean round, String takes) {
        public Opening {
            Require.text("Opening", title, 60);
            // Several are named in one line when something is tried without them.
            if (title.indexOf(',') >= 0) {
                throw new IllegalArgumentException("The name of an opening must have no comma, but is '" + title + "'");
            }
            Require.within("Place of an opening", atMm, -500, 1000, "mm");
            Require.within("Width of an opening", widthMm, 5, 1000, "mm");
            Require.within("Height of an opening", heightMm, 5, 1000, "mm");
            if (round && widthMm != heightMm) {
                throw new IllegalArgumentException("A round opening must be as wide as it is high");
            }
            if (!takes.isEmpty()) {
                Require.text("What an opening takes", takes, 40);
            }
        }
    }

    /**
     * A box before the lens; its origin lies on its axis.
     *
     * @param largestFrontMm the thickest lens front that goes in
     * @param clampMm the front it clamps onto; absent on a box that rides on rods
     */
    record MatteBox(List<Opening> openings, double largestFrontMm, Optional<Double> clampMm) implements FrontFacet {
        private static final int MOST = 12;

        public MatteBox {
            openings = List.copyOf(openings);
            Require.within("Openings of a box", openings.size(), 1, MOST, "");
            Require.within("Largest lens front", largestFrontMm, 10, 400, "mm");
            clampMm.ifPresent(c -> Require.within("Clamp of a box", c, 10, 400, "mm"));
        }

        /** Where its first filter sits, ahead of its origin; its first opening where it takes none. */
        public double foremostFrontMm() {
            return openings.stream()
                    .filter(o -> o.kind() == OpeningKind.STAGE)
                    .mapToDouble(Opening::atMm)
                    .min()
                    .orElseGet(() ->
                            openings.stream().mapToDouble(Opening::atMm).min().orElse(0));
        }
    }

    /** What a filter is for. */
    enum FilterKind {
        NEUTRAL,
        POLARISER,
        DIFFUSION,
        GRADUATED,
        COLOUR,
        CLOSE_UP,
        CLEAR
    }

    /**
     * A filter.
     *
     * @param format as the opening that takes it calls it
     * @param lossStops of light; of a graduated one where it is densest
     */
    record Filter(FilterKind kind, String format, double lossStops) implements FrontFacet {
        public Filter {
            Require.text("Format of a filter", format, 40);
            Require.within("Light that a filter takes", lossStops, 0, 20, "stops");
        }

        /** Whether an opening takes it. */
        public boolean goesInto(Opening opening) {
            return opening.takes().equalsIgnoreCase(format);
        }
    }

    /** Which ring of a lens. */
    enum Ring {
        FOCUS,
        IRIS,
        ZOOM
    }

    /**
     * A toothed ring of a lens.
     *
     * @param outsideMm diameter over the teeth
     * @param moduleMm pitch diameter over number of teeth; film gears have 0.8
     * @param fromMountMm the middle of its teeth, ahead of the part's origin: of a lens, its flange
     * @param faceMm how wide the teeth are
     * @param turnDegrees from stop to stop
     * @param torqueNm what turns it, at its worst
     */
    record Gear(
            Ring ring,
            double outsideMm,
            double moduleMm,
            double fromMountMm,
            double faceMm,
            double turnDegrees,
            Figure torqueNm)
            implements FrontFacet {
        public Gear {
            Require.within("Gear over its teeth", outsideMm, 10, 400, "mm");
            Require.within("Module of a gear", moduleMm, 0.1, 4, "mm");
            Require.within("Place of a gear", fromMountMm, -100, 2000, "mm");
            Require.within("Width of the teeth", faceMm, 1, 100, "mm");
            Require.within("Turn of a ring", turnDegrees, 5, 1080, "degrees");
            Figure.notNegative("Torque of a ring in N·m", torqueNm);
        }

        public double teeth() {
            return outsideMm / moduleMm - 2;
        }
    }

    /**
     * A ring of a lens without teeth: a hand turns it, and a drive only through a gear ring that is put on its port.
     */
    record SmoothRing(Ring ring, String port, double diameterMm) implements FrontFacet {
        public SmoothRing {
            Require.within("Smooth ring", diameterMm, 10, 400, "mm");
        }

        @Override
        public List<String> ports() {
            return List.of(port);
        }
    }

    /**
     * A motor or a follow focus on a rod, its gear on an arm that swings about the rod.
     *
     * @param armMm from the middle of the rod to the middle of the gear
     * @param atMm the middle of its teeth, ahead of its clamp along the rod
     * @param torqueNm what it gives at its gear; absent on one that a hand turns
     */
    record Drive(double moduleMm, int teeth, double faceMm, double armMm, double atMm, Optional<Double> torqueNm)
            implements FrontFacet {
        public Drive {
            Require.within("Module of a drive", moduleMm, 0.1, 4, "mm");
            Require.within("Teeth of a drive", teeth, 6, 400, "");
            Require.within("Width of the teeth", faceMm, 1, 100, "mm");
            Require.within("Arm of a drive", armMm, 0, 400, "mm");
            Require.within("Place of a drive's gear", atMm, -300, 300, "mm");
            torqueNm.ifPresent(t -> Require.within("Torque of a drive", t, 0.01, 20, "N·m"));
        }
    }
}
