package wideharbor.app.instruments;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;
import wideharbor.core.benchtest.Instrument;

/** Instruments read, well and unwell; the stand-ins are set as the test needs them. */
@ExtendWith(RunningApp.class)
class InstrumentEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private void scale(double truth, double noise, String fault) {
        assertEquals(
                200,
                tech.put(
                                "/api/instruments/bench-scale/pretence",
                                Map.of("truth", truth, "noise", noise, "fault", fault))
                        .status());
    }

    @AfterEach
    void wellAgain() {
        scale(15.02, 0.0025, "NONE");
    }

    private Client.Answer read() {
        return tech.post("/api/instruments/bench-scale/read", Map.of("unit", "g"));
    }

    @Test
    void theBenchIsThere() {
        JsonNode all = tech.get("/api/instruments").json();
        assertEquals(
                List.of("SCALE", "POWER_METER", "ANALYSER", "FLANGE_GAUGE", "CALIPER"),
                all.valueStream().map(i -> i.path("kind").asString()).toList());
        assertEquals(
                404,
                tech.post("/api/instruments/none/read", Map.of("unit", "g")).status());
        assertEquals(
                400,
                tech.post("/api/instruments/bench-scale/read", Map.of("unit", "stone"))
                        .status());
    }

    /** What the scale says is what is judged and kept, whatever figure came along with it. */
    @Test
    void aReadingIsTheResult() {
        String job = RunningApp.copyOf("second-bell");
        String of = "/api/jobs/" + job + "/builds/a/tests";
        JsonNode test = tech.get(of)
                .json()
                .path("tests")
                .valueStream()
                .filter(t -> t.path("key").asString().equals("a:weigh:studio"))
                .findFirst()
                .orElseThrow();
        scale(test.path("computed").asDouble() / 1000, 0, "NONE");
        JsonNode reading = read().json();
        assertEquals(test.path("computed").asDouble(), reading.path("value").asDouble(), 0.1);
        Map<String, Object> found = new HashMap<>(OnTheWay.good(test));
        found.put("value", 1);
        found.put("reading", reading.path("id").asString());
        JsonNode result = tech.post(of, Map.of("results", List.of(found)))
                .json()
                .path("tests")
                .valueStream()
                .filter(t -> t.path("key").asString().equals("a:weigh:studio"))
                .findFirst()
                .orElseThrow();
        assertEquals("PASSED", result.path("standing").asString());
        assertEquals("Bench scale", result.at("/results/0/instrument").asString());
        assertEquals(5, result.at("/results/0/plusMinus").asDouble(), 1e-9);
        found.put("id", java.util.UUID.randomUUID().toString());
        found.put("reading", "not-one");
        assertEquals(409, tech.post(of, Map.of("results", List.of(found))).status());
        JsonNode caliper =
                tech.post("/api/instruments/caliper/read", Map.of("unit", "mm")).json();
        JsonNode flange = tech.get(of)
                .json()
                .path("tests")
                .valueStream()
                .filter(t -> t.path("key").asString().equals("a:flange:body"))
                .findFirst()
                .orElseThrow();
        Map<String, Object> other = OnTheWay.good(flange);
        other.put("reading", caliper.path("id").asString());
        Client.Answer refused = tech.post(of, Map.of("results", List.of(other)));
        assertEquals(409, refused.status());
        assertTrue(refused.detail().startsWith("The reading is one of Caliper in mm"), refused.detail());
    }

    @ParameterizedTest
    @CsvSource({
        "SILENCE, does not answer. Nothing was stored",
        "GARBAGE, which is no reading. Nothing was stored",
        "WRONG_UNIT, tells in lb; wanted is g or kg. Nothing was stored",
        "MOVING, is not at rest",
    })
    void aFaultIsToldAndNothingIsStored(String fault, String words) {
        scale(15, 0, fault);
        Client.Answer answer = read();
        assertEquals(409, answer.status(), answer.text());
        assertTrue(answer.detail().startsWith("Bench scale "), answer.detail());
        assertTrue(answer.detail().contains(words), answer.detail());
    }

    /** Drift is no fault of the line: readings come, and go their way. */
    @Test
    void driftIsSeenInTheReadings() {
        scale(10, 0, "DRIFT");
        double first = read().json().path("value").asDouble();
        double second = read().json().path("value").asDouble();
        assertEquals(100, second - first, 1e-6);
    }

    /** Twenty who wait for an instrument that says nothing keep nobody else waiting. */
    @Test
    void oneThatHangsHoldsNobody() throws Exception {
        scale(15, 0, "SILENCE");
        List<Thread> waiting =
                IntStream.range(0, 20).mapToObj(i -> new Thread(() -> read())).toList();
        waiting.forEach(Thread::start);
        for (int i = 0; i < 10; i++) {
            assertEquals(200, tech.get("/api/instruments").status());
        }
        for (Thread one : waiting) {
            one.join(60_000);
        }
    }

    @Test
    void instrumentsAreWrittenInOneWay() {
        List<Connected> all =
                Connected.of("Bench scale|SCALE|10.0.0.7:8471; Power meter|POWER_METER|meter.house:9000;");
        assertEquals(new Connected("bench-scale", "Bench scale", Instrument.SCALE, "10.0.0.7", 8471), all.get(0));
        assertEquals(2, all.size());
        assertThrows(IllegalArgumentException.class, () -> Connected.of("Bench scale|SCALE"));
        assertThrows(IllegalArgumentException.class, () -> Connected.of("Bench scale|SPOON|10.0.0.7:8471"));
        assertThrows(IllegalArgumentException.class, () -> Connected.of("Bench scale|SCALE|10.0.0.7:70000"));
    }
}
