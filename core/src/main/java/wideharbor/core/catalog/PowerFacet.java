package wideharbor.core.catalog;

import java.util.List;
import java.util.Optional;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;

/** What gives, takes or leads power, and the cables of signals with it. */
public interface PowerFacet extends Facet {
    /**
     * Charge at hand. Volts at full, nominal and at the end of the usable charge.
     *
     * @param health share of the nameplate capacity that is left, 0 to 1
     * @param innerOhm what its volts fall by for every ampere, at its contacts and 25 °C, Ω; not on file: estimated
     *     from its size
     */
    record Battery(
            String port,
            Figure wattHours,
            double health,
            double fullVolts,
            double nominalVolts,
            double endVolts,
            double continuousWatts,
            double peakWatts,
            Optional<Double> innerOhm)
            implements PowerFacet {
        private static final double LEAST_WATT_HOURS = 0.1;
        private static final double MOST_WATT_HOURS = 10_000;
        private static final double LEAST_LEFT = 0.01;

        public Battery {
            Figure.notNegative("Capacity in Wh", wattHours);
            Require.within("Battery health", health, LEAST_LEFT, 1, "");
            Require.within("Volts at the end of the charge", endVolts, 1, 100, "V");
            Require.within("Nominal volts", nominalVolts, endVolts, 100, "V");
            Require.within("Volts at full charge", fullVolts, nominalVolts, 100, "V");
            Require.atLeast("Continuous watts", continuousWatts, 1, "W");
            Require.atLeast("Peak watts", peakWatts, continuousWatts, "W");
            innerOhm.ifPresent(r -> Require.within("Inner resistance", r, 0, 5, "Ω"));
        }

        /**
         * The same as it was measured: its label stays, and how much of that is left is what came out, no more than all
         * of it. One without a label is as large as what came out.
         */
        public Battery holding(double measured, double offShare) {
            double label = wattHours instanceof Figure.Known k ? k.value() : measured;
            return new Battery(
                    port,
                    Figure.range(label, label * (1 - offShare), label * (1 + offShare), Figure.Source.MEASURED),
                    Math.max(LEAST_LEFT, Math.min(1, measured / label)),
                    fullVolts,
                    nominalVolts,
                    endVolts,
                    continuousWatts,
                    peakWatts,
                    innerOhm);
        }

        public Battery(
                String port,
                Figure wattHours,
                double health,
                double fullVolts,
                double nominalVolts,
                double endVolts,
                double continuousWatts,
                double peakWatts) {
            this(
                    port,
                    wattHours,
                    health,
                    fullVolts,
                    nominalVolts,
                    endVolts,
                    continuousWatts,
                    peakWatts,
                    Optional.empty());
        }

        /** The capacity on file; none where that is not known, or is what no battery has. */
        public Optional<Figure.Known> capacity() {
            return Optional.of(wattHours)
                    .filter(Figure.Known.class::isInstance)
                    .map(Figure.Known.class::cast)
                    .filter(k -> k.low() >= LEAST_WATT_HOURS && k.high() <= MOST_WATT_HOURS);
        }

        @Override
        public List<String> ports() {
            return List.of(port);
        }
    }

    /** A bay inside a part for a small battery that carries it through a change of the large one. */
    record InnerBay(String port) implements PowerFacet {
        public InnerBay {
            Require.id("Port of an inner bay", port);
        }

        @Override
        public List<String> ports() {
            return List.of(port);
        }
    }

    /** Charges batteries of one plate standard: so many at a time, each with so many watts. */
    record Charger(String standard, int bays, double wattsPerBay) implements PowerFacet {
        public Charger {
            Require.id("Standard that a charger takes", standard);
            Require.within("Bays", bays, 1, 32, "");
            Require.within("Watts in a bay", wattsPerBay, 1, 500, "W");
        }

        @Override
        public List<String> standards() {
            return List.of(standard);
        }
    }

    /** How a plate puts more than one battery to work. Where a plate does not say, they carry it side by side. */
    record Together(Way way) implements PowerFacet {
        /** How batteries on one plate stand to each other. */
        public enum Way {
            /** Side by side: each carries its share, and the smaller its inner resistance the more of it. */
            PARALLEL,
            /** One, and when that is empty the next: each carries it all while its turn lasts. */
            IN_TURN,
            /** One behind the other: their volts add, and each carries all the amperes. */
            SERIES
        }
    }

    /**
     * Power given at a socket. {@code regulatedVolts} 0 means the volts follow the source.
     *
     * @param dropoutVolts by how much a regulated output needs more than it gives, V: below that it follows its source,
     *     so much lower. Not on file: one that steps down is taken to need what the house says, one that steps up holds
     */
    record PowerOutput(
            String socket,
            double regulatedVolts,
            double efficiency,
            double continuousWatts,
            double peakWatts,
            double continuousAmps,
            Optional<Double> dropoutVolts)
            implements PowerFacet {
        public PowerOutput(
                String socket,
                double regulatedVolts,
                double efficiency,
                double continuousWatts,
                double peakWatts,
                double continuousAmps) {
            this(socket, regulatedVolts, efficiency, continuousWatts, peakWatts, continuousAmps, Optional.empty());
        }

        public PowerOutput {
            dropoutVolts.ifPresent(v -> Require.within("Dropout of a regulated output", v, 0, 20, "V"));
            Require.within("Regulated volts", regulatedVolts, 0, 100, "V");
            Require.within("Efficiency", efficiency, 0.2, 1, "");
            Require.atLeast("Continuous watts", continuousWatts, 0.1, "W");
            Require.atLeast("Peak watts", peakWatts, continuousWatts, "W");
            Require.atLeast("Continuous amperes", continuousAmps, 0.01, "A");
        }

        @Override
        public List<String> sockets() {
            return List.of(socket);
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
            implements PowerFacet {
        public PowerInput {
            Require.within("Seconds to boot", bootSeconds, 0, 600, "s");
            Require.within("Lowest volts", minVolts, 0, 100, "V");
            Require.within("Highest volts", maxVolts, minVolts, 100, "V");
            Require.atLeast("Idle watts", idleWatts, 0, "W");
            Figure.notNegative("Running watts", runningWatts);
            Figure.notNegative("Peak watts", peakWatts);
        }

        @Override
        public List<String> sockets() {
            return List.of(socket);
        }
    }

    /** A cable: what it carries from which end to which. */
    record Cable(CableEnd a, CableEnd b, Socket.Kind carries, double ohmPerMetre, double lengthMm)
            implements PowerFacet {
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
}
