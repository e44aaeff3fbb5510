package wideharbor.perf.house;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** How long each kind of request took, and what came back. */
final class Timings {
    private final Map<String, List<Long>> nanos = new ConcurrentHashMap<>();
    private final Map<String, AtomicInteger> faults = new ConcurrentHashMap<>();
    private final AtomicInteger stale = new AtomicInteger();

    void add(String kind, Visitor.Answer answer) {
        if (answer.status() == 409) {
            stale.incrementAndGet();
        } else if (!answer.isOk()) {
            faults.computeIfAbsent(kind + " " + answer.status(), k -> new AtomicInteger())
                    .incrementAndGet();
        }
        nanos.computeIfAbsent(kind, k -> Collections.synchronizedList(new ArrayList<>()))
                .add(answer.nanos());
    }

    String table() {
        StringBuilder out = new StringBuilder(
                "| what | requests | p50, ms | p95, ms | p99, ms | longest, ms |\n|---|---:|---:|---:|---:|---:|\n");
        for (Map.Entry<String, List<Long>> e : new TreeMap<>(nanos).entrySet()) {
            List<Long> sorted = new ArrayList<>(e.getValue());
            Collections.sort(sorted);
            out.append(String.format(
                    "| %s | %d | %.0f | %.0f | %.0f | %.0f |%n",
                    e.getKey(), sorted.size(), at(sorted, 0.50), at(sorted, 0.95), at(sorted, 0.99), at(sorted, 1)));
        }
        int errors = faults.values().stream().mapToInt(AtomicInteger::get).sum();
        out.append(String.format(
                "errors: %d %s; told as changed meanwhile: %d%n", errors, new TreeMap<>(faults), stale.get()));
        return out.toString();
    }

    private static double at(List<Long> sorted, double share) {
        return sorted.get((int) Math.min(sorted.size() - 1L, Math.round(share * sorted.size()))) / 1e6;
    }
}
