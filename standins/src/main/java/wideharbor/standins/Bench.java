package wideharbor.standins;

import java.io.IOException;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/** The instruments of one bench. */
public final class Bench implements AutoCloseable {
    private final Map<Kind, StandIn> all;

    private Bench(Map<Kind, StandIn> all) {
        this.all = Collections.unmodifiableMap(all);
    }

    /**
     * Begins to listen, one port after the other.
     *
     * @param firstPort 0 for any that are free
     * @throws IOException when a port is taken; none listens then
     */
    public static Bench open(int firstPort) throws IOException {
        Map<Kind, StandIn> all = new EnumMap<>(Kind.class);
        try {
            for (Kind kind : Kind.values()) {
                int port = firstPort == 0 ? 0 : firstPort + all.size();
                all.put(kind, new StandIn(kind.title, port, kind.unit, kind.otherUnit, kind.truth, kind.plusMinus));
            }
        } catch (IOException e) {
            new Bench(all).close();
            throw e;
        }
        return new Bench(all);
    }

    /** Which instruments there are; in order. */
    public enum Kind {
        SCALE("Bench scale", "kg", "lb", 15.02, 0.005),
        POWER_METER("Power meter", "W", "A", 104.8, 0.5),
        ANALYSER("Battery analyser", "Wh", "Ah", 141.2, 0.8),
        FLANGE_GAUGE("Flange gauge", "mm", "in", 52.003, 0.002),
        CALIPER("Caliper", "mm", "in", 0.6, 0.05);

        private final String title;
        private final String unit;
        private final String otherUnit;
        private final double truth;
        private final double plusMinus;

        Kind(String title, String unit, String otherUnit, double truth, double plusMinus) {
            this.title = title;
            this.unit = unit;
            this.otherUnit = otherUnit;
            this.truth = truth;
            this.plusMinus = plusMinus;
        }
    }

    public Map<Kind, StandIn> all() {
        return all;
    }

    @Override
    public void close() throws IOException {
        for (StandIn one : all.values()) {
            one.close();
        }
    }

    /** Runs until it is ended; the first port may be given. */
    public static void main(String[] arguments) throws Exception {
        try (Bench bench = open(arguments.length > 0 ? Integer.parseInt(arguments[0]) : 0)) {
            for (StandIn one : bench.all().values()) {
                System.out.println(one.title() + " at 127.0.0.1:" + one.port());
            }
            Thread.currentThread().join();
        }
    }
}
