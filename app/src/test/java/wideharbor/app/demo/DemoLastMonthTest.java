package wideharbor.app.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** The demo's finished job: out and back a month ago, by the services that people's acts go through. */
@ExtendWith(RunningApp.class)
class DemoLastMonthTest {
    private static final String JOB = "/api/jobs/" + DemoLastMonth.ID;
    private final Client tech = RunningApp.as("tech");

    private static void isLongAgo(JsonNode at) {
        assertTrue(Instant.parse(at.asString()).isBefore(Instant.now().minus(Duration.ofDays(28))), at.asString());
    }

    private static List<String> each(JsonNode all, String field) {
        return all.valueStream().map(n -> n.path(field).asString()).toList();
    }

    @Test
    void cameBackWithALossADamageAndItsPhoto() {
        JsonNode dispatch = tech.get(JOB + "/dispatch").json();
        assertEquals("RECONCILED", dispatch.path("stage").asString());
        assertEquals(0, dispatch.at("/seal/changed").size());
        assertEquals("Tove Wrenfield", dispatch.at("/handedOver/to").asString());
        JsonNode packing = tech.get(JOB + "/packing").json();
        assertTrue(packing.path("left").asInt() > 100, "all of it left");
        assertEquals(packing.path("left").asInt(), packing.path("told").asInt());
        assertEquals(List.of("DAMAGED", "MISSING"), each(packing.path("notWhole"), "kind"));
        assertEquals(688, packing.path("cost").asDouble());
        JsonNode photos = tech.get("/api/stock/pieces/MN-016/photos").json();
        assertEquals(1, photos.size());
        assertEquals(2, photos.at("/0/marks").size());
    }

    @Test
    void isAsOfThen() {
        JsonNode dispatch = tech.get(JOB + "/dispatch").json();
        assertEquals(2, dispatch.path("signatures").size());
        dispatch.path("signatures").forEach(s -> isLongAgo(s.path("when")));
        isLongAgo(dispatch.at("/handedOver/at"));
        tech.get(JOB + "/packing").json().path("notWhole").forEach(n -> isLongAgo(n.path("at")));
    }

    /** What was learnt there is told where the same types go out again. */
    @Test
    void teachesTheNextJob() {
        JsonNode notes = tech.get("/api/jobs/second-bell/notes").json();
        assertEquals(
                2,
                each(notes.path("notes"), "jobTitle").stream()
                        .filter("First Bell"::equals)
                        .count());
        assertTrue(each(notes.path("incidents"), "piece").contains("MN-016"));
    }
}
