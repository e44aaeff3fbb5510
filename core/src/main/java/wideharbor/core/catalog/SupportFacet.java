package wideharbor.core.catalog;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

/** What carries a rig, and how. */
public interface SupportFacet extends Facet {
    /**
     * What carries the rig in a configuration: the datum port's normal points up in the world, its up is forward.
     *
     * @param balanceToleranceMm how far from the datum the centre of mass may sit and still count as balanced
     * @param turningLink the link of a head or gimbal that turns with the rig: it and what rides on it are carried;
     *     empty where none is told apart. Of a pad, a handle, a hook and a post all links turn with the rig
     */
    record Support(
            String datumPort,
            double minPayloadGrams,
            double maxPayloadGrams,
            double balanceToleranceMm,
            Way way,
            String turningLink)
            implements SupportFacet {

        /** How a support bears what it carries. */
        public enum Way {
            /** Stands, and carries as it is. */
            STANDS,
            /** Tilts about its datum against a counterbalance. */
            TILTS,
            /** Lies on a shoulder; hands at the grips take the rest. */
            SHOULDER,
            /** The rig hangs below it. */
            HANGS,
            /** Holds the centre of mass on three axes. */
            GIMBAL,
            /** Hangs a little below a free pivot on a post that a hand or a vest's arm carries. */
            PIVOT
        }

        public Support(String datumPort, double minPayloadGrams, double maxPayloadGrams, double balanceToleranceMm) {
            this(datumPort, minPayloadGrams, maxPayloadGrams, balanceToleranceMm, Way.STANDS);
        }

        public Support(
                String datumPort, double minPayloadGrams, double maxPayloadGrams, double balanceToleranceMm, Way way) {
            this(datumPort, minPayloadGrams, maxPayloadGrams, balanceToleranceMm, way, "");
        }

        /** Whether it stays where it is when the rig is lifted off it, a link above its axis as well. */
        public boolean staysBehind() {
            return switch (way) {
                case STANDS, TILTS, GIMBAL -> true;
                case SHOULDER, HANGS, PIVOT -> false;
            };
        }

        /**
         * Whether a hinge inside it is the one that is worked in the shot: it is judged over all of its way, and not
         * set.
         */
        public boolean works(InternalJoint hinge) {
            return (way == Way.TILTS || way == Way.GIMBAL) && hinge.childLink().equals(turningLink);
        }

        /** Whether a link of it is on the rig's side of the datum. */
        public boolean turnsWithRig(String link) {
            return switch (way) {
                case SHOULDER, HANGS, PIVOT -> true;
                case STANDS, TILTS, GIMBAL -> link.equals(turningLink);
            };
        }

        public Support {
            Require.atLeast("Lowest payload", minPayloadGrams, 0, "g");
            Require.atLeast("Highest payload", maxPayloadGrams, minPayloadGrams, "g");
            Require.within("Balance tolerance", balanceToleranceMm, 0.5, 200, "mm");
        }

        @Override
        public List<String> ports() {
            return List.of(datumPort);
        }

        @Override
        public List<String> links() {
            return turningLink.isEmpty() ? List.of() : List.of(turningLink);
        }
    }

    /**
     * What a head's springs hold: mass times height over the tilt axis, kg·mm. Below, it springs back; above, it drops.
     *
     * @param steps how many settings there are from the least to the most, evenly; not on file: any between
     * @param dragNm what the head's drag holds at the most against what the springs leave, N·m
     */
    record Counterbalance(double fromKgMm, double toKgMm, Optional<Integer> steps, Optional<Double> dragNm)
            implements SupportFacet {
        public Counterbalance {
            Require.within("Least counterbalance", fromKgMm, 0, 1e6, "kg·mm");
            Require.within("Most counterbalance", toKgMm, fromKgMm, 1e6, "kg·mm");
            steps.ifPresent(n -> Require.within("Steps of the counterbalance", n, 2, 40, ""));
            dragNm.ifPresent(d -> Require.within("Drag of the head", d, 0, 200, "N·m"));
        }

        public Counterbalance(double fromKgMm, double toKgMm) {
            this(fromKgMm, toKgMm, Optional.empty(), Optional.empty());
        }

        /**
         * What the springs can be set to that comes nearest to a load; the load itself where they are set steplessly.
         */
        public double nearest(double loadKgMm) {
            double within = Math.max(fromKgMm, Math.min(toKgMm, loadKgMm));
            if (steps.isEmpty() || toKgMm == fromKgMm) {
                return within;
            }
            double step = (toKgMm - fromKgMm) / (steps.get() - 1);
            return fromKgMm + Math.rint((within - fromKgMm) / step) * step;
        }
    }

    /** The side of a shoulder pad that is cut out for the neck: a direction in the part's own frame. */
    record Pad(Vec3 cutOut) implements SupportFacet {
        public Pad {
            cutOut.unit();
        }
    }

    /**
     * A free pivot on a post that keeps its load upright by hanging a little below it: how far below, mm, it may hang.
     * Too little and it topples, too much and it swings.
     */
    record Pivot(double leastDropMm, double mostDropMm) implements SupportFacet {
        public Pivot {
            Require.within("Least drop below the pivot", leastDropMm, 0.1, 200, "mm");
            Require.within("Most drop below the pivot", mostDropMm, leastDropMm, 500, "mm");
        }
    }

    /**
     * The sprung arm of a vest: what its spring can be set to lift, and over what height.
     *
     * @param uneven share of its lift by which it pulls more or less at the ends of its travel; not on file: estimated
     */
    record SpringArm(double fromGrams, double toGrams, double travelMm, Optional<Double> uneven)
            implements SupportFacet {
        public SpringArm {
            Require.within("Least lift of the arm", fromGrams, 0, 60_000, "g");
            Require.within("Most lift of the arm", toGrams, fromGrams, 60_000, "g");
            Require.within("Travel of the arm", travelMm, 10, 2000, "mm");
            uneven.ifPresent(u -> Require.within("Unevenness of the arm", u, 0, 1, ""));
        }
    }

    /** Feet on a circle under the middle: radius of the circle and how many. One of them points ahead. */
    record Feet(double radiusMm, int count) implements SupportFacet {
        public Feet {
            Require.within("Radius of the feet", radiusMm, 10, 5000, "mm");
            Require.within("Feet", count, 1, 8, "");
        }
    }

    /** Where a leg meets the ground, in the frame of the link that it is part of. */
    record Foot(String link, Vec3 at) {}

    /**
     * Feet of legs that are spread one by one, by settings of their hinges. The ground is level under all of them: what
     * a leg is spread wider, it is drawn out longer.
     */
    record SpreadFeet(List<Foot> feet) implements SupportFacet {
        public SpreadFeet {
            feet = List.copyOf(feet);
            Require.within("Feet", feet.size(), 1, 8, "");
        }

        @Override
        public List<String> links() {
            return feet.stream().map(Foot::link).toList();
        }
    }

    /**
     * How far a gimbal lets what it carries be set to the sides and up or down to find its middle, mm, and how far from
     * each of its axes what turns about it may reach before it meets an arm or motor, where that is on file.
     */
    record Gimbal(
            double sideMm,
            double heightMm,
            Optional<Double> tiltSwingMm,
            Optional<Double> rollSwingMm,
            Optional<Double> panSwingMm)
            implements SupportFacet {
        public Gimbal {
            Require.within("Travel to the side", sideMm, 0, 500, "mm");
            Require.within("Travel in height", heightMm, 0, 500, "mm");
            Stream.of(tiltSwingMm, rollSwingMm, panSwingMm)
                    .flatMap(Optional::stream)
                    .forEach(r -> Require.within("Swing radius", r, 10, 2000, "mm"));
        }

        public Gimbal(double sideMm, double heightMm) {
            this(sideMm, heightMm, Optional.empty(), Optional.empty(), Optional.empty());
        }
    }
}
