package wideharbor.app.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** A build as it was: looked at, compared, named; and what was decided, in one list. */
@ExtendWith(RunningApp.class)
class HistoryEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private static String builds(String job) {
        return "/api/jobs/" + job + "/builds/a";
    }

    private JsonNode setting(JsonNode bench) {
        return bench.path("stack")
                .valueStream()
                .flatMap(r -> r.path("settings").valueStream())
                .filter(s -> s.path("unit").asString().equals("mm"))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode row(JsonNode bench, String category) {
        return bench.path("stack")
                .valueStream()
                .filter(r -> r.path("category").asString().equals(category))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> strings(JsonNode all) {
        return all.valueStream().map(JsonNode::asString).toList();
    }

    /** A slide is pushed, then the battery comes off for a reason; each state is seen again as it was. */
    @Test
    void aStateIsSeenAgainComparedAndNamed() {
        String job = RunningApp.copyOf("second-bell");
        JsonNode bench = tech.bench(job);
        String verdict = tech.get("/api/jobs/" + job).json().path("verdict").asString();
        JsonNode slide = setting(bench);
        double left = slide.path("value").asDouble();
        double pushed = left + (left + 6 <= slide.path("to").asDouble() ? 6 : -6);
        JsonNode battery = row(bench, "BATTERY");
        tech.edit(job, "SET", Map.of("key", slide.path("key").asString(), "value", pushed));
        Client.Answer off = tech.edit(
                job,
                "REMOVE",
                Map.of(
                        "placements",
                        List.of(battery.path("placement").asString()),
                        "withDependants",
                        true,
                        "reason",
                        "flown without, says Ines"));
        assertEquals(200, off.status(), off.text());

        JsonNode first = tech.get(builds(job) + "/history/0").json();
        assertEquals(verdict, first.path("verdict").asString(), "as it stood before anybody touched it");
        assertTrue(first.path("entry").isNull());
        assertTrue(
                strings(first.at("/since/onlyOne"))
                        .contains(battery.path("title").asString()),
                first.toString());
        JsonNode second = tech.get(builds(job) + "/history/1").json();
        assertEquals(0, second.at("/since/differs").size(), "only the battery has gone since");
        JsonNode between = tech.get(builds(job) + "/history/0?against=1").json();
        assertEquals(0, between.at("/since/onlyOne").size());
        assertEquals(1, between.at("/since/differs").size(), between.toString());
        assertEquals(
                slide.path("title").asString(),
                between.at("/since/differs/0/what").asString());

        JsonNode then = tech.get(builds(job) + "/history/1/drawing").json();
        JsonNode now = tech.get(builds(job) + "/drawing").json();
        assertTrue(then.path("parts").size() > now.path("parts").size());

        JsonNode named = tech.put(builds(job) + "/history/1/name", Map.of("name", "as tested"))
                .json();
        assertEquals("as tested", named.path("name").asString());
        assertEquals("Jonna Brask", named.path("namedBy").asString());
        JsonNode decisions = tech.get("/api/jobs/" + job + "/decisions").json();
        JsonNode takenOff = of(decisions, "TAKEN_OFF");
        assertEquals("flown without, says Ines", takenOff.path("why").asString());
        assertTrue(takenOff.path("what").asString().startsWith("Take off "), takenOff.toString());
        assertTrue(of(decisions, "NAMED").path("what").asString().contains("as tested"));
    }

    private static JsonNode of(JsonNode decisions, String sort) {
        return decisions
                .valueStream()
                .filter(d -> d.path("sort").asString().equals(sort))
                .findFirst()
                .orElseThrow(() -> new AssertionError(sort + " in " + decisions));
    }

    @Test
    void waiversAndWhatWasReadAreDecisionsToo() {
        String job = RunningApp.copyOf("kiln");
        JsonNode stop = tech.bench(job)
                .path("findings")
                .valueStream()
                .filter(f -> f.path("severity").asString().equals("STOP"))
                .findFirst()
                .orElseThrow();
        Client lead = RunningApp.as("lead");
        lead.post(
                "/api/jobs/" + job + "/waivers",
                Map.of("finding", stop.path("key").asString(), "reason", "Tried on the bench."));
        JsonNode waived = of(tech.get("/api/jobs/" + job + "/decisions").json(), "WAIVED");
        assertEquals("Tried on the bench.", waived.path("why").asString());
        assertEquals(stop.path("title").asString(), waived.path("what").asString());
    }

    @Test
    void whatNeverWasIsRefusedInWords() {
        String job = RunningApp.copyOf("kiln");
        Client.Answer none = tech.get(builds(job) + "/history/77");
        assertEquals(404, none.status());
        assertEquals("This build has no entry 77 in its history.", none.detail());
        assertEquals(
                404,
                tech.put(builds(job) + "/history/77/name", Map.of("name", "x")).status());
        assertEquals(
                400,
                tech.put(builds(job) + "/history/77/name", Map.of("name", "x".repeat(81)))
                        .status());
        assertEquals(404, tech.get("/api/jobs/" + job + "/builds/zz/history/0").status());
    }
}
