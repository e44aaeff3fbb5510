package wideharbor.app;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Brings a job as far on its way out as a test needs it: every step ticked, every test passed, every piece scanned. */
public final class OnTheWay {
    private OnTheWay() {}

    private static final Client TECH = RunningApp.as("tech");
    private static final Client LEAD = RunningApp.as("lead");

    private static void done(Client.Answer answer) {
        if (answer.status() != 200) {
            throw new AssertionError(answer.status() + ": " + answer.text());
        }
    }

    private static List<String> builds(String job) {
        return TECH.get("/api/jobs/" + job)
                .json()
                .path("builds")
                .valueStream()
                .map(b -> b.path("id").asString())
                .toList();
    }

    /** Ticks every step. */
    public static void ticked(String job) {
        for (String build : builds(job)) {
            String of = "/api/jobs/" + job + "/builds/" + build + "/assembly";
            List<Map<String, Object>> ticks = TECH.get(of)
                    .json()
                    .path("steps")
                    .valueStream()
                    .map(s -> Map.<String, Object>of(
                            "id",
                            UUID.randomUUID().toString(),
                            "step",
                            s.path("key").asString(),
                            "print",
                            s.path("print").asString(),
                            "done",
                            true,
                            "minutes",
                            0,
                            "remark",
                            ""))
                    .toList();
            done(TECH.post(of + "/ticks", Map.of("ticks", ticks)));
        }
    }

    public static void built(String job) {
        ticked(job);
        done(TECH.post("/api/jobs/" + job + "/built", Map.of()));
    }

    /** A result as good as it can be. */
    public static Map<String, Object> good(JsonNode test) {
        boolean measured = test.path("measured").asBoolean();
        double least = test.path("from").asDouble(0);
        double value = test.path("computed").isNumber()
                ? test.path("computed").asDouble()
                : test.path("to").isNumber() ? (least + test.path("to").asDouble()) / 2 : atLeast(test, least);
        Map<String, Object> found = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "test",
                test.path("key").asString(),
                "print",
                test.path("print").asString(),
                "said",
                measured ? "MEASURED" : "HOLDS",
                "value",
                measured ? value : 0,
                "plusMinus",
                0,
                "reading",
                "",
                "remark",
                ""));
        return found;
    }

    /** Of a battery all of its label, of which four fifths are asked for. */
    private static double atLeast(JsonNode test, double least) {
        return "Wh".equals(test.path("unit").asString()) ? least / 0.8 : least + 1;
    }

    /** Passes every test, by two people where two are asked for. */
    public static void tested(String job) {
        for (String build : builds(job)) {
            String of = "/api/jobs/" + job + "/builds/" + build + "/tests";
            List<JsonNode> tests =
                    TECH.get(of).json().path("tests").valueStream().toList();
            done(TECH.post(
                    of, Map.of("results", tests.stream().map(OnTheWay::good).toList())));
            List<Map<String, Object>> again = tests.stream()
                    .filter(t -> t.path("twice").asBoolean())
                    .map(OnTheWay::good)
                    .toList();
            if (!again.isEmpty()) {
                done(LEAD.post(of, Map.of("results", again)));
            }
        }
    }

    public static void checked(String job) {
        built(job);
        tested(job);
        done(TECH.post("/api/jobs/" + job + "/checked", Map.of()));
    }

    public static void signed(String job) {
        checked(job);
        done(TECH.post("/api/jobs/" + job + "/sign", Map.of()));
        done(LEAD.post("/api/jobs/" + job + "/sign", Map.of()));
    }

    public static Map<String, Object> scan(String kind, String code, int count, int box, String remark) {
        return Map.of(
                "id",
                UUID.randomUUID().toString(),
                "kind",
                kind,
                "code",
                code,
                "count",
                count,
                "box",
                box,
                "remark",
                remark,
                "cost",
                0);
    }

    /** Into somebody's hands, with a line drawn for it. */
    public static final Map<String, Object> HANDED = Map.of("to", "Ada Lindqvist", "drawn", "M10 20L300 120L590 40");

    /** A piece of a type as the house would write it. */
    public static Map<String, Object> edit(long seen, String type) {
        Map<String, Object> edit = new HashMap<>();
        List.of("serial", "from", "home", "note").forEach(empty -> edit.put(empty, ""));
        edit.putAll(Map.of("seen", seen, "type", type, "owner", "HOUSE", "condition", "READY", "grams", 0));
        return edit;
    }

    /** The code of the piece that a test has of a type. */
    public static String code(String job, String type, int number) {
        return ("Z-" + job + "-" + Integer.toHexString(type.hashCode()) + "-" + number)
                .toUpperCase(java.util.Locale.ROOT);
    }

    /** A piece of its own for a test, so that tests do not take pieces from each other. */
    public static String piece(String job, String type, int number) {
        String code = code(job, type, number);
        done(LEAD.put("/api/stock/pieces/" + code, edit(0, type)));
        return code;
    }

    /** Everything into its case. */
    public static void scanned(String job) {
        List<Map<String, Object>> scans = new ArrayList<>();
        TECH.get("/api/jobs/" + job + "/packing")
                .json()
                .path("lines")
                .valueStream()
                .forEach(line -> {
                    String type = line.path("type").asString();
                    int wanted = line.path("wanted").asInt();
                    int box = Math.max(1, line.path("planned").path(0).asInt(1));
                    if (line.path("toldApart").asBoolean()) {
                        List<String> named = line.path("awaited")
                                .valueStream()
                                .map(JsonNode::asString)
                                .toList();
                        for (int i = 0; i < wanted; i++) {
                            String code = i < named.size() ? named.get(i) : piece(job, type, i);
                            scans.add(scan("INTO_CASE", code, 1, box, ""));
                        }
                    } else {
                        scans.add(scan("INTO_CASE", type, wanted, box, ""));
                    }
                });
        Client.Answer answer = TECH.post("/api/jobs/" + job + "/packing/scans", Map.of("scans", scans));
        done(answer);
        if (!answer.json().path("refused").isEmpty()) {
            throw new AssertionError(answer.json().path("refused").toString());
        }
    }

    /** All that is not told yet comes back whole. */
    public static void back(String job) {
        List<Map<String, Object>> scans = new ArrayList<>();
        TECH.get("/api/jobs/" + job + "/packing")
                .json()
                .path("lines")
                .valueStream()
                .forEach(line -> {
                    String type = line.path("type").asString();
                    if (line.path("toldApart").asBoolean()) {
                        line.path("codes").valueStream().forEach(c -> scans.add(scan("BACK", c.asString(), 1, 0, "")));
                    } else {
                        scans.add(scan("BACK", type, line.path("in").asInt(), 0, ""));
                    }
                });
        done(TECH.post("/api/jobs/" + job + "/packing/scans", Map.of("scans", scans)));
    }

    public static void packed(String job) {
        signed(job);
        scanned(job);
        done(TECH.post("/api/jobs/" + job + "/packed", Map.of()));
    }
}
