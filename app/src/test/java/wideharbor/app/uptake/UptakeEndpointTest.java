package wideharbor.app.uptake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;
import wideharbor.format.HarborCodec;

/** A new revision in the jobs that have the old one; doubles; what nothing uses. */
@ExtendWith(RunningApp.class)
class UptakeEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    /** Stores a changed copy of a part, under this id and revision. */
    private String stored(String from, String id, int revision, double grams) {
        ObjectNode part = (ObjectNode) HarborCodec.mapper()
                .readTree(tech.get("/api/catalogue/parts/" + from + "/text")
                        .json()
                        .path("text")
                        .asString());
        part.put("ref", id + "@" + revision).put("name", part.path("name").asString() + " " + id);
        ((ObjectNode) part.at("/links/0")).put("massGrams", grams);
        Client.Answer answer = lead.post("/api/catalogue/parts", Map.of("text", part.toString()));
        assertEquals(201, answer.status(), answer.text());
        return answer.json().path("ref").asString();
    }

    private static JsonNode of(JsonNode jobs, String job) {
        return jobs.valueStream()
                .filter(j -> j.path("job").asString().equals(job))
                .findFirst()
                .orElseThrow(() -> new AssertionError(job + " in " + jobs));
    }

    @Test
    void aNewRevisionIsComparedTriedAndTakenUp() {
        RunningApp.copyOf("kiln");
        String old = "monitor-5@1";
        String id = old.substring(0, old.indexOf('@'));
        int next = Integer.parseInt(old.substring(old.indexOf('@') + 1)) + 700;
        String ref = stored(old, id, next, 9000);

        JsonNode differences = tech.get("/api/catalogue/parts/" + ref + "/differences?from=" + old)
                .json();
        assertTrue(
                differences
                        .valueStream()
                        .anyMatch(d -> d.path("place").asString().contains("massGrams")
                                && d.path("after").asString().contains("9000")),
                differences.toString());
        assertEquals(
                0,
                tech.get("/api/catalogue/parts/" + ref + "/differences?from=" + ref)
                        .json()
                        .size());

        // A copy that some test has made; those that load out first are told.
        JsonNode foreseen = tech.get("/api/catalogue/parts/" + ref + "/uptake?of=" + old)
                .json()
                .path("jobs")
                .valueStream()
                .filter(j -> j.path("refused").asString().isEmpty()
                        && j.at("/foreseen/title").asString().equals("Kiln"))
                .filter(j -> j.at("/foreseen/id").asString().matches(".*-\\d+"))
                .findFirst()
                .orElseThrow();
        String job = foreseen.at("/foreseen/id").asString();
        assertEquals("", foreseen.path("refused").asString());
        assertTrue(foreseen.at("/foreseen/raised").size() > 0, "nine kilograms on an arm: " + foreseen);
        int revision = foreseen.path("revision").asInt();
        JsonNode done = of(
                tech.post("/api/catalogue/parts/" + ref + "/uptake", Map.of("of", old, "jobs", seen(job, revision)))
                        .json(),
                job);
        assertEquals(
                foreseen.at("/foreseen/after").asString(), done.path("verdict").asString(), done.toString());
        assertEquals(
                done.path("verdict").asString(),
                tech.get("/api/jobs/" + job).json().path("verdict").asString());
        JsonNode again = of(
                tech.post("/api/catalogue/parts/" + ref + "/uptake", Map.of("of", old, "jobs", seen(job, revision)))
                        .json(),
                job);
        assertTrue(again.path("refused").asString().contains("changed meanwhile"), again.toString());
        assertTrue(tech.bench(job).path("undo").asString().startsWith("Revision " + next), "one can go back");
        tech.step(job, "undo", true);
        assertTrue(tech.get("/api/catalogue/parts/" + old).json().path("usedIn").size() > 0);
        assertTrue(lead.delete("/api/catalogue/parts/" + ref).detail().contains("Retire it instead"));
    }

    private static List<Map<String, Object>> seen(String job, int revision) {
        return List.of(Map.of("job", job, "revision", revision));
    }

    @Test
    void whatNothingUsesIsThrownOut() {
        String ref = stored("box-2@2", "box-nobodys", 1, 400);
        assertEquals(403, tech.delete("/api/catalogue/parts/" + ref).status());
        assertEquals(204, lead.delete("/api/catalogue/parts/" + ref).status());
        assertEquals(404, tech.get("/api/catalogue/parts/" + ref).status());
        assertEquals(404, lead.delete("/api/catalogue/parts/" + ref).status());
        Client.Answer used = lead.delete("/api/catalogue/parts/box-2@2");
        assertEquals(409, used.status());
        assertTrue(used.detail().contains("is used by "), used.detail());
        assertFalse(used.detail().contains("null"));
    }
}
