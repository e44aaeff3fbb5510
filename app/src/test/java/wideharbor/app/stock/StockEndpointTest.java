package wideharbor.app.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** The pieces of the house. */
@ExtendWith(RunningApp.class)
class StockEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private static Map<String, Object> edit(long seen, Map<String, Object> otherwise) {
        Map<String, Object> edit = OnTheWay.edit(seen, "body-wren");
        edit.putAll(otherwise);
        return edit;
    }

    @Test
    void theDemoHasSixHundredPieces() {
        JsonNode page = tech.get("/api/stock/pieces").json();
        assertTrue(page.path("total").asInt() >= 600, page.path("total").toString());
        assertEquals(50, page.path("pieces").size());
    }

    @Test
    void aPieceIsFoundByWhatIsKnownOfIt() {
        tech.put("/api/stock/pieces/find-1", edit(0, Map.of("serial", "ODD-77123", "home", "Loft")));
        for (String asked : new String[] {"FIND-1", "find-1", "odd-77", "loft"}) {
            assertEquals(
                    "FIND-1",
                    tech.get("/api/stock/pieces?text=" + asked)
                            .json()
                            .at("/pieces/0/code")
                            .asString(),
                    asked);
        }
        assertEquals(
                0,
                tech.get("/api/stock/pieces?text=%25%25zz").json().path("total").asInt());
        assertTrue(tech.get("/api/stock/pieces?condition=QUARANTINED&text=battery")
                .json()
                .path("pieces")
                .valueStream()
                .allMatch(p -> p.path("condition").asString().equals("QUARANTINED")));
        assertEquals(404, tech.get("/api/stock/pieces/NOT-THERE").status());
        assertEquals(400, tech.get("/api/stock/pieces?condition=FINE").status());
    }

    @Test
    void twoPeopleLoseNothing() {
        assertEquals(
                200, tech.put("/api/stock/pieces/BOTH-1", edit(0, Map.of())).status());
        assertEquals(
                409,
                lead.put("/api/stock/pieces/BOTH-1", edit(5, Map.of("note", "mine")))
                        .status());
        assertEquals(
                200,
                lead.put("/api/stock/pieces/BOTH-1", edit(0, Map.of("note", "lead")))
                        .status());
        Client.Answer late = tech.put("/api/stock/pieces/BOTH-1", edit(0, Map.of("note", "tech")));
        assertEquals(409, late.status(), late.text());
        assertEquals(
                "lead",
                tech.get("/api/stock/pieces/BOTH-1").json().at("/piece/note").asString());
    }

    @Test
    void whatIsWrongIsToldWithItsPlace() {
        Client.Answer type = tech.put("/api/stock/pieces/BAD-1", edit(0, Map.of("type", "body-none")));
        assertEquals(400, type.status());
        assertEquals("'body-none' is no type of this house's catalogue.", type.detail());
        assertEquals(400, tech.put("/api/stock/pieces/-x", edit(0, Map.of())).status());
        JsonNode read = lead.post(
                        "/api/stock/pieces/read",
                        Map.of(
                                "text",
                                "code,type,condition,mass_g\nIN-1,body-wren,,\nIN-1,body-wren,,\nin 2,body-wren,,\n"
                                        + "IN-3,body-none,fine,heavy\n"))
                .json();
        assertEquals(4, read.path("rows").asInt());
        assertTrue(read.path("problems").toString().contains("is that of row 2"), read.toString());
        assertTrue(read.path("problems").toString().contains("'body-none' is no type"), read.toString());
        assertTrue(read.path("problems").toString().contains("'heavy' is not a number"), read.toString());
        assertEquals(404, tech.get("/api/stock/pieces/IN-1").status(), "reading stores nothing");
        assertEquals(
                422,
                lead.post("/api/stock/pieces/read", Map.of("text", "number,type\n"))
                        .status());
    }

    @Test
    void aFileIsStoredWholeOrNotAtAll() {
        String bad = "code,type\nWHOLE-1,body-wren\nWHOLE-2,body-none\n";
        assertEquals(
                false,
                lead.post("/api/stock/pieces/store", Map.of("text", bad))
                        .json()
                        .path("stored")
                        .asBoolean());
        assertEquals(404, tech.get("/api/stock/pieces/WHOLE-1").status());
        String good = "\uFEFFcode,type,mass_g,note\nwhole-1,body-wren,2480,\"=a note\"\n";
        JsonNode stored =
                lead.post("/api/stock/pieces/store", Map.of("text", good)).json();
        assertEquals(1, stored.path("fresh").asInt());
        assertEquals(
                2480,
                tech.get("/api/stock/pieces/WHOLE-1").json().at("/piece/grams").asDouble());
        String csv = tech.get("/api/stock/pieces.csv").text();
        assertTrue(csv.contains("WHOLE-1,body-wren,,HOUSE,,READY,,2480.0,'=a note"), "a formula stays text");
    }

    /** Weighed as a part of one job's rig, a piece weighs the same in another's, which has to be signed anew. */
    @Test
    void whatAPieceWeighsIsKnownWhereverItIsBuiltIn() {
        String one = RunningApp.copyOf("second-bell");
        String other = RunningApp.copyOf("second-bell");
        tech.put("/api/stock/pieces/PET-1", edit(0, Map.of("type", "body-petrel", "grams", 2400)));
        assertEquals(200, identify(one, "pet-1").status());
        JsonNode row = body(one);
        assertEquals("PET-1", row.path("piece").asString());
        assertEquals(2400, row.at("/mass/value").asDouble());
        assertEquals(200, identify(other, "PET-1").status());
        OnTheWay.checked(other);

        Client.Answer weighed = tech.edit(one, "WEIGH", Map.of("placement", "body", "grams", 2555));
        assertEquals(200, weighed.status(), weighed.text());
        assertEquals(
                2555,
                tech.get("/api/stock/pieces/PET-1").json().at("/piece/grams").asDouble());
        assertEquals(2555, body(other).at("/mass/value").asDouble());
        JsonNode gate = tech.get("/api/jobs/" + other + "/dispatch").json();
        assertEquals("DRAFT", gate.path("stage").asString());
        assertTrue(
                gate.path("stageNote").asString().contains("PET-1 weighed 2555 g since"),
                gate.path("stageNote").asString());

        long seen =
                tech.get("/api/stock/pieces/PET-1").json().at("/piece/version").asLong();
        Client.Answer desk =
                lead.put("/api/stock/pieces/PET-1", edit(seen, Map.of("type", "body-petrel", "grams", 2410)));
        assertEquals(200, desk.status(), desk.text());
        assertEquals(2410, body(one).at("/mass/value").asDouble());
        assertEquals(2410, body(other).at("/mass/value").asDouble());
        assertTrue(tech.step(other, "undo", true).status() == 200);
        assertEquals(2555, body(other).at("/mass/value").asDouble());
    }

    /** Offered is what may go, on trial too, and is with no job. */
    @Test
    void whatIsReadyOfATypeIsOffered() {
        tech.put("/api/stock/pieces/RDY-1", edit(0, Map.of("condition", "TRIAL")));
        tech.put("/api/stock/pieces/RDY-2", edit(0, Map.of("condition", "LOST")));
        List<String> ready = tech.get("/api/stock/types/body-wren/ready")
                .json()
                .valueStream()
                .map(p -> p.path("code").asString())
                .toList();
        assertTrue(ready.contains("RDY-1"), ready.toString());
        assertTrue(!ready.contains("RDY-2"), ready.toString());
        String job = RunningApp.copyOf("second-bell");
        String out = OnTheWay.piece(job, "body-petrel", 0);
        tech.post(
                "/api/jobs/" + job + "/packing/scans",
                Map.of("scans", List.of(OnTheWay.scan("INTO_CASE", out, 1, 1, ""))));
        assertTrue(!tech.get("/api/stock/types/body-petrel/ready").text().contains(out));
    }

    @Test
    void aPartIsOnlyAPieceThatItCanBe() {
        String job = RunningApp.copyOf("second-bell");
        assertTrue(identify(job, "NONE-1").detail().startsWith("There is no piece 'NONE-1'"));
        tech.put("/api/stock/pieces/WREN-9", edit(0, Map.of()));
        assertTrue(
                identify(job, "WREN-9").detail().startsWith("WREN-9 is Body"),
                identify(job, "WREN-9").text());
        tech.put("/api/stock/pieces/PET-2", edit(0, Map.of("type", "body-petrel", "condition", "QUARANTINED")));
        assertEquals("PET-2 is quarantined.", identify(job, "PET-2").detail());
    }

    private Client.Answer identify(String job, String code) {
        return tech.edit(job, "IDENTIFY", Map.of("placement", "body", "code", code));
    }

    private JsonNode body(String job) {
        return tech.bench(job)
                .path("stack")
                .valueStream()
                .filter(r -> r.path("placement").asString().equals("body"))
                .findFirst()
                .orElseThrow();
    }
}
