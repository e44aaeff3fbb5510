package wideharbor.perf.house;

import java.util.Optional;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/** A setting of a build that may be moved, as the Bench lists it. */
record Slide(String key, double value, double from, double to, double step) {
    /** The first with room to move. */
    static Optional<Slide> in(JsonNode bench) {
        return bench.path("stack")
                .valueStream()
                .flatMap(row -> row.path("settings").valueStream())
                .map(Slide::of)
                .filter(s -> s.steps() > 4)
                .findFirst();
    }

    private static Slide of(JsonNode setting) {
        return new Slide(
                setting.path("key").asString(),
                setting.path("value").asDouble(),
                setting.path("from").asDouble(),
                setting.path("to").asDouble(),
                setting.path("step").asDouble());
    }

    private int steps() {
        return step <= 0 ? 0 : (int) Math.floor((to - from) / step);
    }

    /** Any other place on it. */
    double another(Random random) {
        double next = value;
        while (next == value) {
            next = from + step * random.nextInt(steps());
        }
        return next;
    }
}
