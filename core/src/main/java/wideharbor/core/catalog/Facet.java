package wideharbor.core.catalog;

import java.util.List;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;

/** What a part does for the job, beyond filling space. A part may have several. */
public sealed interface Facet
        permits Facet.Camera,
                Facet.Lens,
                Facet.Rods,
                Facet.Battery,
                Facet.Charger,
                Facet.PowerOutput,
                Facet.PowerInput,
                Facet.Cable,
                Facet.Support,
                Facet.Counterbalance,
                Facet.Pad,
                Facet.Pivot,
                Facet.Room,
                Facet.Feet,
                Facet.Gimbal,
                Facet.Spacer,
                Facet.Tool,
                Facet.Microphone,
                Facet.Arm,
                Facet.InnerBay,
                SignalFacet {

    /** A body: its lens mount is the rig's origin. The limit is the moment the mount may carry, N·m. */
    /** The recorded window is 0 × 0 while it is not on file. */
    record Camera(String mountPort, double mountLimitNm, double windowWidthMm, double windowHeightMm) implements Facet {
        public Camera {
            Require.within("Mount limit", mountLimitNm, 0.1, 100, "N·m");
            Require.within("Width of the recorded window", windowWidthMm, 0, 100, "mm");
            Require.within("Height of the recorded window", windowHeightMm, 0, 100, "mm");
        }
    }

    /**
     * {@code squeeze} is 1 for a spherical lens; an anamorphic one sees that much wider. Close focus is from the sensor
     * plane, 0 while it is not on file.
     */
    record Lens(
            String mountPort,
            double focalMm,
            double tStop,
            double lengthMm,
            double frontDiameterMm,
            double squeeze,
            double closeFocusMm)
            implements Facet {
        public Lens(
                String mountPort,
                double focalMm,
                double tStop,
                double lengthMm,
                double frontDiameterMm,
                double squeeze) {
            this(mountPort, focalMm, tStop, lengthMm, frontDiameterMm, squeeze, 0);
        }

        public Lens {
            Require.within("Close focus", closeFocusMm, 0, 100_000, "mm");
            Require.within("Focal length", focalMm, 1, 5000, "mm");
            Require.within("Lens length", lengthMm, 5, 2000, "mm");
            Require.within("Front diameter", frontDiameterMm, 10, 400, "mm");
            Require.within("Squeeze", squeeze, 1, 2, "");
        }
    }

    /** A pair of rods (or one): the carrier port runs from the rear end forward. */
    record Rods(String port, double diameterMm, double lengthMm, double wallMm, Material material) implements Facet {

        /** What a rod is made of, with its modulus of elasticity in N/mm². */
        public enum Material {
            STEEL(200_000),
            ALUMINIUM(69_000),
            CARBON(120_000);

            private final double modulus;

            Material(double modulus) {
                this.modulus = modulus;
            }

            public double modulus() {
                return modulus;
            }
        }

        /** An aluminium tube of 2 mm wall, as most are. */
        public Rods(String port, double diameterMm, double lengthMm) {
            this(port, diameterMm, lengthMm, 2, Material.ALUMINIUM);
        }

        public Rods {
            Require.within("Rod wall (the radius for a solid rod)", wallMm, 0.2, diameterMm / 2, "mm");
            Require.within("Rod diameter", diameterMm, 5, 60, "mm");
            Require.within("Rod length", lengthMm, 20, 3000, "mm");
        }
    }

    /**
     * Charge at hand. Volts at full, nominal and at the end of the usable charge.
     *
     * @param health share of the nameplate capacity that is left, 0 to 1
     */
    record Battery(
            String port,
            Figure wattHours,
            double health,
            double fullVolts,
            double nominalVolts,
            double endVolts,
            double continuousWatts,
            double peakWatts)
            implements Facet {
        public Battery {
            Figure.notNegative("Capacity in Wh", wattHours);
            Require.within("Battery health", health, 0.01, 1, "");
            Require.within("Volts at the end of the charge", endVolts, 1, 100, "V");
            Require.within("Nominal volts", nominalVolts, endVolts, 100, "V");
            Require.within("Volts at full charge", fullVolts, nominalVolts, 100, "V");
            Require.atLeast("Continuous watts", continuousWatts, 1, "W");
            Require.atLeast("Peak watts", peakWatts, continuousWatts, "W");
        }
    }

    /** A bay inside a part for a small battery that carries it through a change of the large one. */
    record InnerBay(String port) implements Facet {
        public InnerBay {
            Require.id("Port of an inner bay", port);
        }
    }

    /** Charges batteries of one plate standard: so many at a time, each with so many watts. */
    record Charger(String standard, int bays, double wattsPerBay) implements Facet {
        public Charger {
            Require.id("Standard that a charger takes", standard);
            Require.within("Bays", bays, 1, 32, "");
            Require.within("Watts in a bay", wattsPerBay, 1, 500, "W");
        }
    }

    /** Power given at a socket. {@code regulatedVolts} 0 means the volts follow the source. */
    record PowerOutput(
            String socket,
            double regulatedVolts,
            double efficiency,
            double continuousWatts,
            double peakWatts,
            double continuousAmps)
            implements Facet {
        public PowerOutput {
            Require.within("Regulated volts", regulatedVolts, 0, 100, "V");
            Require.within("Efficiency", efficiency, 0.2, 1, "");
            Require.atLeast("Continuous watts", continuousWatts, 0.1, "W");
            Require.atLeast("Peak watts", peakWatts, continuousWatts, "W");
            Require.atLeast("Continuous amperes", continuousAmps, 0.01, "A");
        }
    }

    /**
     * Power taken at a socket, and the volts it must be within.
     *
     * @param peakWatts the most it takes, at boot or in motion
     * @param bootSeconds from power to work; 0 for what is there at once
     */
    record PowerInput(
            String socket,
            double minVolts,
            double maxVolts,
            double idleWatts,
            Figure runningWatts,
            Figure peakWatts,
            double bootSeconds)
            implements Facet {
        /** What is there at once. */
        public PowerInput(
                String socket,
                double minVolts,
                double maxVolts,
                double idleWatts,
                Figure runningWatts,
                Figure peakWatts) {
            this(socket, minVolts, maxVolts, idleWatts, runningWatts, peakWatts, 0);
        }

        public PowerInput {
            Require.within("Seconds to boot", bootSeconds, 0, 600, "s");
            Require.within("Lowest volts", minVolts, 0, 100, "V");
            Require.within("Highest volts", maxVolts, minVolts, 100, "V");
            Require.atLeast("Idle watts", idleWatts, 0, "W");
            Figure.notNegative("Running watts", runningWatts);
            Figure.notNegative("Peak watts", peakWatts);
        }
    }

    /** A cable: what it carries from which end to which. */
    record Cable(CableEnd a, CableEnd b, Socket.Kind carries, double ohmPerMetre, double lengthMm) implements Facet {
        public Cable {
            Require.within("Ohm per metre", ohmPerMetre, 0, 10, "Ω/m");
            Require.within("Cable length", lengthMm, 10, 200_000, "mm");
        }

        /** Whether it goes between two sockets, one way round or the other. */
        public boolean joins(Socket one, Socket other) {
            return a.fits(one) && b.fits(other) || b.fits(one) && a.fits(other);
        }
    }

    /** A plug of a cable. */
    record CableEnd(String connector, String pinOut, boolean locking, boolean rightAngle) {
        public CableEnd {
            Require.text("Connector", connector, 40);
            Require.text("Pin-out", pinOut, 40);
        }

        /** Whether plug and wiring are the socket's. */
        public boolean fits(Socket socket) {
            return connector.equals(socket.connector()) && pinOut.equals(socket.pinOut());
        }
    }

    /**
     * What carries the rig in a configuration: the datum port's normal points up in the world, its up is forward.
     *
     * @param balanceToleranceMm how far from the datum the centre of mass may sit and still count as balanced
     */
    record Support(String datumPort, double minPayloadGrams, double maxPayloadGrams, double balanceToleranceMm, Way way)
            implements Facet {

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

        public Support {
            Require.atLeast("Lowest payload", minPayloadGrams, 0, "g");
            Require.atLeast("Highest payload", maxPayloadGrams, minPayloadGrams, "g");
            Require.within("Balance tolerance", balanceToleranceMm, 0.5, 200, "mm");
        }
    }

    /**
     * What a head's springs hold: mass times height over the tilt axis, kg·mm. Below, it springs back; above, it drops.
     */
    record Counterbalance(double fromKgMm, double toKgMm) implements Facet {
        public Counterbalance {
            Require.within("Least counterbalance", fromKgMm, 0, 1e6, "kg·mm");
            Require.within("Most counterbalance", toKgMm, fromKgMm, 1e6, "kg·mm");
        }
    }

    /** The side of a shoulder pad that is cut out for the neck: a direction in the part's own frame. */
    record Pad(Vec3 cutOut) implements Facet {
        public Pad {
            cutOut.unit();
        }
    }

    /**
     * A free pivot on a post that keeps its load upright by hanging a little below it: how far below, mm, it may hang.
     * Too little and it topples, too much and it swings.
     */
    record Pivot(double leastDropMm, double mostDropMm) implements Facet {
        public Pivot {
            Require.within("Least drop below the pivot", leastDropMm, 0.1, 200, "mm");
            Require.within("Most drop below the pivot", mostDropMm, leastDropMm, 500, "mm");
        }
    }

    /** The room inside a case, mm, what it may hold and what it weighs empty, g. */
    record Room(double widthMm, double heightMm, double lengthMm, double mostGrams, double emptyGrams)
            implements Facet {
        public Room {
            Require.within("Inner width", widthMm, 20, 3000, "mm");
            Require.within("Inner height", heightMm, 20, 3000, "mm");
            Require.within("Inner length", lengthMm, 20, 3000, "mm");
            Require.within("Most in a case", mostGrams, 100, 200_000, "g");
            Require.within("Empty case", emptyGrams, 0, 100_000, "g");
        }
    }

    /** Feet on a circle under the middle: radius of the circle and how many. One of them points ahead. */
    record Feet(double radiusMm, int count) implements Facet {
        public Feet {
            Require.within("Radius of the feet", radiusMm, 10, 5000, "mm");
            Require.within("Feet", count, 1, 8, "");
        }
    }

    /** How far a gimbal lets what it carries be set to the sides and up or down to find its middle, mm. */
    record Gimbal(double sideMm, double heightMm) implements Facet {
        public Gimbal {
            Require.within("Travel to the side", sideMm, 0, 500, "mm");
            Require.within("Travel in height", heightMm, 0, 500, "mm");
        }
    }

    /** A shim or riser: what it adds in height between the two faces it separates. */
    record Spacer(String topPort, String bottomPort, double heightMm, boolean shim) implements Facet {
        public Spacer {
            Require.within("Spacer height", heightMm, 0.05, 200, "mm");
        }
    }

    /** Keys and drivers: every size it has, written as screws write theirs ("hex 4 mm", "hex 5/32 in"). */
    record Tool(List<String> keys) implements Facet {
        public Tool {
            keys = List.copyOf(keys);
            if (keys.isEmpty() || keys.size() > 40) {
                throw new IllegalArgumentException("A tool must have 1 to 40 keys, but has " + keys.size());
            }
        }
    }

    /** Where it hears: the capsule's place on the first link and the way it points. */
    record Microphone(Vec3 capsule, Vec3 axis) implements Facet {
        public Microphone {
            axis.unit();
        }
    }

    /**
     * An arm that holds by its joints: what moment it bears at its base by how far its reach is raised, the lowest
     * elevation first; between two entries the rating is taken linearly, outside it is held.
     */
    record Arm(String basePort, String tipPort, List<Bears> ratings) implements Facet {
        public Arm {
            ratings = List.copyOf(ratings);
            if (ratings.isEmpty() || ratings.size() > 20) {
                throw new IllegalArgumentException("An arm must have 1 to 20 ratings, but has " + ratings.size());
            }
            for (int i = 1; i < ratings.size(); i++) {
                if (ratings.get(i).elevationDegrees() <= ratings.get(i - 1).elevationDegrees()) {
                    throw new IllegalArgumentException("An arm's ratings must rise in elevation");
                }
            }
        }

        /** Rated moment in N·m at an elevation of the arm above level. */
        public double momentAt(double elevationDegrees) {
            Bears low = ratings.get(0);
            for (Bears next : ratings) {
                if (elevationDegrees <= next.elevationDegrees()) {
                    double span = next.elevationDegrees() - low.elevationDegrees();
                    double share = span <= 0 ? 0 : (elevationDegrees - low.elevationDegrees()) / span;
                    return low.momentNm() + Math.max(0, share) * (next.momentNm() - low.momentNm());
                }
                low = next;
            }
            return low.momentNm();
        }
    }

    /** The moment that an arm bears when it stands at this elevation. */
    record Bears(double elevationDegrees, double momentNm) {
        public Bears {
            Require.within("Elevation", elevationDegrees, -90, 90, "degrees");
            Require.within("Rated moment", momentNm, 0.01, 1000, "N·m");
        }
    }
}
