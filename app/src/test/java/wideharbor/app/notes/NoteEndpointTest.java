package wideharbor.app.notes;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** What people know of things. */
@ExtendWith(RunningApp.class)
class NoteEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private static Map<String, Object> note(String about, String words, String job) {
        return Map.of(
                "id", UUID.randomUUID().toString(), "kind", "NEXT_TIME", "about", about, "words", words, "job", job);
    }

    private List<String> wordsOf(String job) {
        return tech.get("/api/jobs/" + job + "/notes")
                .json()
                .path("notes")
                .valueStream()
                .map(n -> n.path("words").asString())
                .toList();
    }

    /** Learnt on one job, shown on every other that has the thing, and no longer once it is settled. */
    @Test
    void whatIsKnownOfATypeIsShownWhereItIsUsed() {
        String learnt = RunningApp.copyOf("second-bell");
        String next = RunningApp.copyOf("second-bell");
        String words = "The mount sticks below zero: warm it first. " + UUID.randomUUID();
        Map<String, Object> note = note("type:body-petrel", words, learnt);
        assertEquals(200, tech.post("/api/notes", note).status());
        assertEquals(200, tech.post("/api/notes", note).status(), "sent twice it is one");
        assertEquals(1, wordsOf(next).stream().filter(words::equals).count());
        assertFalse(wordsOf("kiln").contains(words));

        JsonNode found = tech.get("/api/notes?text=" + words.substring(words.length() - 36))
                .json()
                .at("/notes/0");
        assertEquals("Body Quellmar Petrel", found.path("title").asString());
        assertEquals("Jonna Brask", found.path("who").asString());
        assertEquals(learnt, found.path("job").asString());
        String settle = "/api/notes/" + found.path("id").asString() + "/settled";
        assertEquals(400, lead.post(settle, Map.of("why", " ")).status());
        assertEquals(200, lead.post(settle, Map.of("why", "new mounts since")).status());
        assertTrue(tech.post(settle, Map.of("why", "again")).detail().contains("new mounts since"));
        assertFalse(wordsOf(next).contains(words));
        String asked = "/api/notes?text=" + words.substring(words.length() - 36);
        assertEquals(0, tech.get(asked).json().path("total").asInt());
        assertEquals(1, tech.get(asked + "&settled=true").json().path("total").asInt());
    }

    @Test
    void aNoteIsAboutSomethingOfTheHouse() {
        assertEquals(404, tech.post("/api/notes", note("type:none", "x", "")).status());
        assertEquals(404, tech.post("/api/notes", note("piece:NONE-1", "x", "")).status());
        assertEquals(
                404, tech.post("/api/notes", note("standard:none", "x", "")).status());
        assertEquals(
                404,
                tech.post("/api/notes", note("type:body-wren", "x", "none")).status());
        assertTrue(tech.post("/api/notes", note("lamp:x", "x", "")).detail().startsWith("A note is about"));
        assertEquals(
                200, tech.post("/api/notes", note("standard:mount-pl", "x", "")).status());
        assertEquals(200, tech.post("/api/notes", note("job:kiln", "x", "kiln")).status());
    }

    @Test
    void aStandardIsToldByItsName() {
        String words = "Count the end stops twice. " + UUID.randomUUID();
        tech.post("/api/notes", note("standard:rod-15-lw", words, ""));
        assertEquals(
                "15 mm lightweight rods",
                tech.get("/api/notes?text=" + words.substring(words.length() - 36))
                        .json()
                        .at("/notes/0/title")
                        .asString());
    }

    /** What broke on one job is told on the next with the same type. */
    @Test
    void whatWentWrongIsRemembered() {
        String broke = RunningApp.copyOf("second-bell");
        OnTheWay.packed(broke);
        tech.post("/api/jobs/" + broke + "/dispatch", OnTheWay.HANDED);
        String code = OnTheWay.code(broke, "body-petrel", 0);
        tech.post(
                "/api/jobs/" + broke + "/packing/scans",
                Map.of("scans", List.of(OnTheWay.scan("DAMAGED", code, 1, 0, "mount scratched by a fall"))));
        JsonNode register = tech.get("/api/incidents").json();
        JsonNode last = register.path("incidents")
                .valueStream()
                .filter(i -> i.path("piece").asString().equals(code))
                .findFirst()
                .orElseThrow();
        assertEquals("DAMAGED", last.path("kind").asString());
        assertEquals("mount scratched by a fall", last.path("words").asString());
        assertEquals("NEEDS_SERVICE", last.path("now").asString());
        String next = RunningApp.copyOf("second-bell");
        assertTrue(tech.get("/api/jobs/" + next + "/notes")
                .json()
                .path("incidents")
                .valueStream()
                .anyMatch(i -> i.path("piece").asString().equals(code)));
        assertTrue(tech.get("/api/jobs/" + broke + "/notes")
                .json()
                .path("incidents")
                .valueStream()
                .noneMatch(i -> i.path("piece").asString().equals(code)));
    }
}
