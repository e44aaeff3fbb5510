package wideharbor.app.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;
import wideharbor.format.HarborCodec;

@ExtendWith(RunningApp.class)
class CatalogueEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private JsonNode list(String question) {
        return tech.get("/api/catalogue?" + question).json();
    }

    @Test
    void partsAreSearchedFilteredAndSorted() {
        assertTrue(list("").path("total").asInt() >= 150);
        JsonNode rails = list("standard=nato-rail&sort=mass&down=true").path("lines");
        assertTrue(rails.size() > 5);
        assertTrue(rails.get(0).at("/mass/value").asDouble()
                >= rails.get(1).at("/mass/value").asDouble());
        assertEquals(
                "HEAD",
                list("category=HEAD").path("lines").get(0).path("category").asString());
        assertTrue(list("search=sticks").toString().contains("Legs"), "another house's word for it");
        assertEquals(0, list("search=zzz").path("total").asInt());
    }

    @Test
    void anUnknownPieceIsFoundByItsLook() {
        JsonNode first = list("look=flat%20plate,%20two%203/8%20screws,%20slot%2038%20mm")
                .path("lines")
                .get(0);
        assertEquals("Touch plate, 38 mm dovetail", first.path("name").asString());
        assertTrue(first.path("by").toString().contains("slot 38"));
    }

    @Test
    void aPartsPageTellsPortsFacetsAndWhereItIsUsed() {
        JsonNode part = tech.get("/api/catalogue/parts/box-2@2").json();
        assertTrue(part.path("usedIn").toString().contains("Slack Water"));
        assertTrue(part.path("ports").get(0).path("standard").asString().contains("15 mm lightweight"));
        assertEquals(404, tech.get("/api/catalogue/parts/nothing@1").status());
        JsonNode drawing =
                tech.get("/api/catalogue/parts/box-2@2/drawing?view=FRONT").json();
        assertEquals(1, drawing.path("ports").size());
        assertTrue(drawing.path("outlines").size() > 3);
    }

    @Test
    void aBodysPartsAreToldAgainstAllBodies() {
        JsonNode table = tech.get("/api/catalogue/parts/body-wren@2/cross-fit").json();
        assertEquals("Body Quellmar Wren", table.at("/bodies/0/title").asString());
        JsonNode top = table.path("lines")
                .valueStream()
                .filter(l -> l.path("ref").asString().equals("top-wren@1"))
                .findFirst()
                .orElseThrow();
        assertEquals("MADE_FOR_IT", top.at("/cells/0/how").asString());
        assertEquals(table.path("bodies").size(), top.path("cells").size());
        assertEquals(404, tech.get("/api/catalogue/parts/box-2@2/cross-fit").status());
    }

    /** Quick plate 11, bridge 24 and dovetail 14 under a base of 66: 115 over the head, 83 over the rods. */
    @Test
    void stacksOfPlatesAreListedWithTheirHeights() {
        JsonNode ends = tech.get("/api/catalogue/stack-ends").json();
        assertTrue(ends.path("supports").toString().contains("head-90@1"));
        JsonNode stacks = tech.get("/api/catalogue/stacks?body=body-tern@3&support=head-90@1&rods=rod-15-lw")
                .json();
        JsonNode classic = stacks.valueStream()
                .filter(s -> s.path("plates").size() == 3
                        && s.at("/plates/0/id").asString().equals("quick-11@1")
                        && s.at("/plates/1/id").asString().equals("bridge-15@2"))
                .findFirst()
                .orElseThrow();
        assertEquals(115, classic.path("axisHeightMm").asDouble(), 0.5);
        assertEquals(83, classic.at("/rods/0/heightMm").asDouble(), 0.05);
        assertEquals(
                400,
                tech.get("/api/catalogue/stacks?body=box-2@2&support=head-90@1").status());
    }

    @Test
    void aChangedPartIsANewRevisionAndTheOldOneStays() {
        ObjectNode part = (ObjectNode) HarborCodec.mapper()
                .readTree(tech.get("/api/catalogue/parts/shoe-14@1/text")
                        .json()
                        .path("text")
                        .asString());
        part.put("name", "Shoe foot, 1/4-20, longer");
        Client.Answer same = tech.post("/api/catalogue/parts", Map.of("text", part.toString()));
        assertEquals(409, same.status(), same.text());
        assertTrue(same.detail().contains("give the changed part a new revision"), same.detail());
        part.put("ref", "shoe-14@2");
        assertEquals(
                201,
                tech.post("/api/catalogue/parts", Map.of("text", part.toString()))
                        .status());
        assertEquals(
                "Shoe foot, 1/4-20",
                tech.get("/api/catalogue/parts/shoe-14@1").json().path("name").asString());
        assertTrue(list("search=longer").toString().contains("shoe-14@2"));
        part.put("maker", "");
        part.put("ref", "shoe-14@3");
        Client.Answer nonsense = tech.post("/api/catalogue/parts", Map.of("text", part.toString()));
        assertEquals(422, nonsense.status());
        assertTrue(nonsense.detail().contains("Maker must not be empty"), nonsense.detail());
    }

    private JsonNode settled(String id) {
        JsonNode state = lead.get("/api/catalogue/imports/" + id).json();
        while (java.util.Set.of("WAITING", "READING", "STORING")
                .contains(state.path("stage").asString())) {
            Thread.onSpinWait();
            state = lead.get("/api/catalogue/imports/" + id).json();
        }
        return state;
    }

    private JsonNode begin(String name, String text) {
        Client.Answer answer =
                lead.upload("/api/catalogue/imports?name=" + name, text.getBytes(StandardCharsets.UTF_8));
        assertEquals(202, answer.status(), answer.text());
        return settled(answer.json().path("id").asString());
    }

    /** The dry run stores nothing; then all of the list, or none. */
    @Test
    void aListIsReadFirstAndStoredWhenAsked() {
        JsonNode read = begin(
                "new.csv",
                "id,maker,name,category,mass_g\nimp-1,Tarnwick,Imported one,OTHER,10\nimp-2,Tarnwick,Imported "
                        + "two,OTHER,20\n");
        assertEquals("CHECKED", read.path("stage").asString());
        assertEquals(2, read.path("fresh").asInt());
        assertEquals(0, list("search=imported").path("total").asInt(), "nothing is stored yet");
        String id = read.path("id").asString();
        assertEquals(
                200,
                lead.post("/api/catalogue/imports/" + id + "/store", Map.of()).status());
        assertEquals("STORED", settled(id).path("stage").asString());
        assertEquals(2, list("search=imported").path("total").asInt());
        assertEquals(2, list("search=imported&standing=HELD").path("total").asInt(), "nobody has looked at them yet");
        JsonNode again = begin("new.csv", "id,maker,name,category,mass_g\nimp-1,Tarnwick,Imported one,OTHER,11\n");
        assertTrue(again.path("problems").toString().contains("on file with other contents"), again.toString());
    }

    /** What came with a list is held: found, and offered on no port until a lead says so. */
    @Test
    void whatCameInIsOfferedWhenALeadSaysSo() {
        JsonNode read = begin("held.csv", "id,maker,name,category,mass_g\nheld-1,Tarnwick,Held thing,OTHER,10\n");
        String id = read.path("id").asString();
        lead.post("/api/catalogue/imports/" + id + "/store", Map.of());
        settled(id);
        assertEquals(
                "HELD",
                tech.get("/api/catalogue/parts/held-1@1")
                        .json()
                        .path("standing")
                        .asString());
        int held = list("search=held").path("held").asInt();
        Map<String, Object> offer = Map.of("ids", List.of("held-1"), "standing", "OFFERED");
        assertEquals(403, tech.post("/api/catalogue/standing", offer).status());
        assertEquals(204, lead.post("/api/catalogue/standing", offer).status());
        assertEquals(held - 1, list("search=held").path("held").asInt());
        assertEquals(
                204,
                lead.post("/api/catalogue/standing", Map.of("ids", List.of("held-1"), "standing", "RETIRED"))
                        .status());
        assertEquals(
                1, list("search=held%20thing&standing=RETIRED").path("total").asInt(), "on file all the same");
        Client.Answer gone = lead.post(
                "/api/catalogue/standing", Map.of("ids", List.of("held-1", "no-such"), "standing", "OFFERED"));
        assertEquals(404, gone.status());
        assertTrue(gone.detail().contains("no-such"), gone.detail());
        assertEquals(
                1, list("search=held%20thing&standing=RETIRED").path("total").asInt(), "nothing was changed");
    }

    @Test
    void aBadListIsToldWholeAndNeverStored() {
        JsonNode read = begin(
                "bad.csv",
                "id,maker,name,category,mass_g\nx,Tarnwick,X,OTHER,much\ny,,Y,OTHER,1\nz,Tarnwick,Z,OTHER,3\n");
        assertEquals(2, read.path("problems").size(), read.toString());
        Client.Answer store =
                lead.post("/api/catalogue/imports/" + read.path("id").asString() + "/store", Map.of());
        assertEquals(409, store.status());
        assertEquals(
                0,
                list("search=z&category=OTHER")
                        .path("lines")
                        .valueStream()
                        .filter(l -> l.path("ref").asString().equals("z@1"))
                        .count());
        assertEquals("REFUSED", begin("broken.json", "{ nothing").path("stage").asString());
        assertEquals(
                400,
                lead.upload("/api/catalogue/imports?name=list.txt", new byte[] {1})
                        .status());
    }

    @Test
    void cancelledIsNotStored() {
        JsonNode read = begin("cancel.csv", "id,maker,name,category\ncan-1,Tarnwick,Cancelled one,OTHER\n");
        String id = read.path("id").asString();
        lead.delete("/api/catalogue/imports/" + id);
        assertEquals("CANCELLED", settled(id).path("stage").asString());
        assertEquals(
                409,
                lead.post("/api/catalogue/imports/" + id + "/store", Map.of()).status());
    }

    @Test
    void onlyALeadTakesListsIn() {
        assertEquals(
                403,
                tech.upload("/api/catalogue/imports?name=new.csv", new byte[] {1})
                        .status());
        assertEquals(
                403,
                RunningApp.as("desk")
                        .post("/api/catalogue/parts", Map.of("text", "{}"))
                        .status());
    }

    @Test
    void theCatalogueGoesOutAsCsvAndJsonAndComesBackKnown() {
        String csv = tech.get("/api/catalogue.csv").text();
        JsonNode back = begin("house.csv", csv);
        assertEquals(0, back.path("fresh").asInt());
        assertEquals(0, back.path("problems").size(), back.path("problems").toString());
        assertTrue(tech.get("/api/catalogue.harbor.json").text().contains("wide-harbor-catalogue"));
    }
}
