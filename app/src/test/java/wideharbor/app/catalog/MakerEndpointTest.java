package wideharbor.app.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class MakerEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private static Map<String, Object> measured(String template, Map<String, String> answers, List<Object> faces) {
        return Map.of("template", template, "answers", answers, "faces", faces);
    }

    /** Every template as it is offered, taken at its word: what comes of it is stored, found and drawn. */
    @Test
    void everyTemplateGivesAPartThatIsStored() {
        JsonNode groups = tech.get("/api/catalogue/maker/templates").json();
        int count = 0;
        for (JsonNode group : groups) {
            for (JsonNode template : group.path("templates")) {
                Map<String, String> answers = new LinkedHashMap<>();
                template.path("asks")
                        .forEach(a -> answers.put(
                                a.path("id").asString(), a.path("start").asString()));
                answers.put("name", "Made " + template.path("title").asString());
                answers.put("maker", "House");
                answers.put("mass", "300");
                JsonNode made = tech.post(
                                "/api/catalogue/maker/try",
                                measured(template.path("id").asString(), answers, List.of()))
                        .json();
                assertTrue(made.path("ready").asBoolean(), made.toString());
                assertEquals(3, made.path("drawings").size());
                Client.Answer stored = tech.post(
                        "/api/catalogue/parts", Map.of("text", made.path("text").asString()));
                assertEquals(201, stored.status(), template.path("id") + ": " + stored.text());
                count++;
            }
        }
        assertTrue(count >= 24, count + " templates");
        assertTrue(tech.get("/api/catalogue?search=made+monitor").text().contains("Made Monitor"));
    }

    @Test
    void whatIsMissingIsToldAtItsField() {
        JsonNode made = tech.post(
                        "/api/catalogue/maker/try",
                        measured(
                                "riser",
                                Map.of("thick", "9999", "name", "<b>"),
                                List.of(Map.of(
                                        "side", "TOP", "standard", "none", "half", "B", "across", 0, "along", 0))))
                .json();
        assertFalse(made.path("ready").asBoolean());
        String doubts = made.path("doubts").toString();
        assertTrue(doubts.contains("must lie from 0.1 to 120 mm"), doubts);
        assertTrue(doubts.contains("faces[0]"), doubts);
        assertEquals(
                404,
                tech.post("/api/catalogue/maker/try", measured("none", Map.of(), List.of()))
                        .status());
        assertEquals(
                400,
                tech.post("/api/catalogue/maker/try", measured("riser", Map.of("name", "x".repeat(201)), List.of()))
                        .status());
    }
}
