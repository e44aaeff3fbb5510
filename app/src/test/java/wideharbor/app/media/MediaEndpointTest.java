package wideharbor.app.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** What a job records, and the log of its rolls. */
@ExtendWith(RunningApp.class)
class MediaEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private static String id() {
        return UUID.randomUUID().toString();
    }

    private static Map<String, Object> roll(String build, String card) {
        return Map.of("id", id(), "build", build, "card", card, "mode", "4.5K raw");
    }

    /** 180 minutes at 1100 Mbit/s are 1485 GB; a card of 1000 lasts 115.15. */
    @Test
    void theDayIsWorkedOut() {
        JsonNode plan = tech.get("/api/jobs/slack-water/media").json().path("plan");
        assertEquals(1485, plan.path("gigabytes").asDouble(), 0.01);
        assertEquals(115.15, plan.at("/bodies/0/minutesEach").asDouble(), 0.01);
        assertEquals("FINE", plan.at("/waits/state").asString());
        assertEquals(2, plan.path("rolls").size());
        JsonNode one =
                tech.get("/api/jobs/slack-water/media?moreCards=-5").json().path("plan");
        assertEquals(1, one.at("/cards/0/count").asInt());
        assertEquals("FOUND", one.at("/waits/state").asString());
        assertEquals(
                6,
                tech.get("/api/jobs/slack-water/media")
                        .json()
                        .at("/plan/cards/0/count")
                        .asInt(),
                "not stored");
        assertEquals(400, tech.get("/api/jobs/slack-water/media?moreCards=900").status());
        assertTrue(tech.get("/api/jobs/kiln/media").json().path("plan").isNull(), "no mode is asked");
        assertEquals(404, tech.get("/api/jobs/none/media").status());
    }

    @Test
    void queensYardHasThreeCardsForAPair() {
        JsonNode plan = tech.get("/api/jobs/queens-yard/media").json().path("plan");
        assertEquals("PAIR", plan.at("/bodies/0/arrangement").asString());
        assertEquals("FOUND", plan.at("/waits/state").asString());
        assertEquals(4, plan.at("/wanted/cards").asInt());
    }

    @Test
    void aRollGoesFromTheBodyToAFreeCard() {
        String job = RunningApp.copyOf("slack-water");
        String rolls = "/api/jobs/" + job + "/rolls";
        Map<String, Object> first = roll("a", "MD-001");
        assertEquals(200, tech.post(rolls, first).status());
        assertEquals(1, tech.post(rolls, first).json().size(), "sent twice it is one");
        assertTrue(tech.post(rolls, roll("a", "md-001")).detail().startsWith("MD-001 is A001, still in the body."));
        assertEquals(404, tech.post(rolls, roll("z", "MD-002")).status());
        String one = rolls + "/" + first.get("id");
        JsonNode begun = tech.get(rolls).json().get(0);
        assertEquals("OUT", begun.path("next").asString());
        assertTrue(begun.path("before").isNull());
        assertEquals(409, tech.post(one, Map.of("id", id(), "stage", "FREED")).status());
        for (String stage : new String[] {"OUT", "COPIED", "CHECKED", "FREED"}) {
            Map<String, Object> move = Map.of("id", id(), "stage", stage);
            assertEquals(200, tech.post(one, move).status());
            assertEquals(200, tech.post(one, move).status(), "sent twice it is one");
        }
        assertEquals(200, tech.post(one, Map.of("id", id(), "stage", "CHECKED")).status(), "a step back");
        assertEquals(200, tech.post(one, Map.of("id", id(), "stage", "FREED")).status());
        JsonNode log = tech.post(rolls, roll("a", "MD-001")).json();
        assertEquals("A002", log.at("/0/name").asString());
        assertEquals("FREED", log.at("/1/stage").asString());
        assertEquals("Jonna Brask", log.at("/1/steps/4/who").asString());
        assertTrue(
                tech.post(one, Map.of("id", id(), "stage", "CHECKED")).detail().contains("recorded on again since"));
    }

    @Test
    void labelsAreOnPaper() {
        byte[] pdf = tech.get("/api/jobs/second-bell/roll-labels.pdf").bytes();
        assertTrue(new String(pdf, 0, 4, java.nio.charset.StandardCharsets.US_ASCII).startsWith("%PDF"));
    }

    @Test
    void aCardHasAName() {
        Client.Answer blank = tech.post("/api/jobs/kiln/rolls", roll("a", " "));
        assertEquals(400, blank.status());
        assertTrue(blank.text().contains("card"), blank.text());
    }
}
