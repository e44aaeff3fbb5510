package wideharbor.app.lenses;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class LensEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private JsonNode sheet(String query) {
        Client.Answer answer = tech.get("/api/jobs/slack-water/builds/a/lenses" + query);
        assertEquals(200, answer.status(), answer.text());
        return answer.json();
    }

    private static JsonNode edge(JsonNode sheet, int lens, String title) {
        for (JsonNode edge : sheet.path("lenses").path(lens).path("edges")) {
            if (edge.path("title").asString().equals(title)) {
                return edge;
            }
        }
        throw new AssertionError("no " + title);
    }

    /** 40 mm squeezed 1.8 on 28.2: 0.6345 · (120 + 44) = 104.1 of 100 at the mouth. */
    @Test
    void theMouthCutsTheWidest() {
        JsonNode sheet = sheet("");
        assertEquals(28.2, sheet.path("windowWidthMm").asDouble());
        assertEquals("40 mm T2.3", sheet.at("/lenses/0/title").asString());
        JsonNode mouth = edge(sheet, 0, "Mouth");
        assertEquals(104.06, mouth.path("chiefX").asDouble(), 0.01);
        assertTrue(mouth.path("cut").asBoolean());
        assertEquals("FOUND", mouth.at("/stops/state").asString());
        assertEquals("FINE", edge(sheet, 1, "Mouth").at("/stops/state").asString());
        assertEquals("FINE", sheet.at("/lenses/0/circle/state").asString());
        assertEquals(3, sheet.path("lenses").size());
        assertEquals(2, sheet.at("/order/changes").size());
        assertTrue(sheet.at("/order/proven").asBoolean());
    }

    /** 16 mm nearer: 0.6345 · 148 + 5.2 = 99.1 of 100. Nothing is stored. */
    @Test
    void aBoxIsTriedNearer() {
        JsonNode tried = sheet("?boxMm=-16");
        assertEquals("FINE", edge(tried, 0, "Mouth").at("/stops/state").asString());
        assertEquals(2, tried.at("/lenses/0/boxes/0/room/value").asDouble(), 1e-6);
        assertEquals("FOUND", edge(sheet(""), 0, "Mouth").at("/stops/state").asString());
    }

    @Test
    void anEdgeIsTriedWithout() {
        JsonNode tried = sheet("?without=Mouth");
        assertTrue(edge(tried, 0, "Mouth").path("out").asBoolean());
        assertTrue(tried.at("/setUps/0/not").isEmpty(), tried.path("setUps").toString());
    }

    @Test
    void aBoxFarAwayIsRefused() {
        Client.Answer far = tech.get("/api/jobs/slack-water/builds/a/lenses?boxMm=900");
        assertEquals(400, far.status());
        assertTrue(far.detail().contains("at most 200 mm"), far.detail());
        assertEquals(
                400, tech.get("/api/jobs/slack-water/builds/a/lenses?boxMm=NaN").status());
    }
}
