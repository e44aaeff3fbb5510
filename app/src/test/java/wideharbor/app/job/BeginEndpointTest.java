package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class BeginEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");
    private final Client desk = RunningApp.as("desk");

    private static Map<String, Object> asked(String title, List<String> worn, String like) {
        return Map.of("title", title, "out", "2027-02-03", "worn", worn, "like", like);
    }

    private String begun(String title, String... worn) {
        Client.Answer answer = desk.post("/api/jobs", asked(title, List.of(worn), ""));
        assertEquals(201, answer.status(), answer.text());
        return answer.json().path("job").asString();
    }

    private JsonNode view(String job) {
        return tech.get("/api/jobs/" + job).json();
    }

    private JsonNode withBody(String job, String title, String item, String like) {
        Client.Answer answer = tech.post(
                "/api/jobs/" + job + "/bodies",
                Map.of("revision", view(job).path("revision").asInt(), "title", title, "item", item, "like", like));
        assertEquals(200, answer.status(), answer.text());
        return answer.json();
    }

    private JsonNode bench(String job, String build) {
        return tech.get("/api/jobs/" + job + "/builds/" + build + "/bench").json();
    }

    private Client.Answer edit(String job, JsonNode bench, Map<String, Object> request) {
        return tech.post(
                "/api/jobs/" + job + "/builds/" + bench.path("build").asString() + "/edits",
                Map.of(
                        "revision", bench.path("revision").asInt(),
                        "configuration", bench.path("configuration").asString(),
                        "lens", bench.path("lens").asString(),
                        "only", false,
                        "request", request));
    }

    /** A title and a day are enough; it is held, listed, and says what nobody has said. */
    @Test
    void aJobBeginsWithATitleAndADay() {
        String job = begun("Lantern & Løch <b>");
        JsonNode view = view(job);
        assertEquals("lantern-l-ch-b", job);
        assertFalse(view.path("clear").asBoolean());
        assertEquals("Held by 1 undecided", view.path("verdict").asString());
        assertTrue(view.path("unanswered").toString().contains("how it is worn"));
        assertEquals("2027-02-03T17:00:00", view.path("brief").path("load").asString());
        assertTrue(tech.get("/api/jobs?search=lantern").text().contains(job));
        assertEquals(job + "-2", begun("Lantern & Løch <b>"), "the same title again is another job");
        assertEquals(403, tech.post("/api/jobs", asked("Mine", List.of(), "")).status());
        Client.Answer none = desk.post("/api/jobs", asked(" ", List.of(), ""));
        assertEquals(400, none.status());
        assertTrue(none.text().contains("title"), none.text());
        assertEquals(
                400,
                desk.post("/api/jobs", asked("x".repeat(81), List.of(), "")).status());
        assertEquals(
                400,
                desk.post("/api/jobs", asked("Odd", List.of("ON_THE_MOON"), "")).status());
    }

    /** Two bodies: a bare one worn as asked, and its twin; taken off and put back; another title. */
    @Test
    void bodiesComeAndGo() {
        String job = begun("Bodies", "STICKS", "SHOULDER");
        JsonNode one = withBody(job, "A camera", "body-wren@2", "");
        assertEquals(2, one.path("builds").path(0).path("configurations").size());
        assertTrue(bench(job, "a").path("findings").toString().contains("Nothing carries the rig in On sticks yet"));
        JsonNode two = withBody(job, "B camera", "body-wren@2", "a");
        assertEquals("b", two.path("builds").path(1).path("id").asString());
        int seen = two.path("revision").asInt();
        Client.Answer off = tech.post("/api/jobs/" + job + "/bodies/a/take-off", Map.of("revision", seen));
        assertEquals(1, off.json().path("builds").size());
        assertEquals(
                "A camera", off.json().path("takenOff").path(0).path("title").asString());
        assertEquals(
                409,
                tech.post("/api/jobs/" + job + "/bodies/b/take-off", Map.of("revision", seen))
                        .status());
        int now = off.json().path("revision").asInt();
        Client.Answer back = tech.post("/api/jobs/" + job + "/bodies/a/put-back", Map.of("revision", now));
        assertEquals(2, back.json().path("builds").size());
        Client.Answer titled = tech.put(
                "/api/jobs/" + job + "/bodies/b/title",
                Map.of("revision", back.json().path("revision").asInt(), "title", "Crash"));
        assertEquals("Crash", titled.json().path("builds").path(1).path("title").asString());
        Client.Answer lens = tech.post(
                "/api/jobs/" + job + "/bodies",
                Map.of(
                        "revision",
                        titled.json().path("revision").asInt(),
                        "title",
                        "L",
                        "item",
                        "box-2@2",
                        "like",
                        ""));
        assertTrue(lens.detail().contains("is no camera body"), lens.text());
    }

    /** By hand from a bare body: a lens into the set, a part on and exchanged, the kit; each undone. */
    @Test
    void aBareBodyIsBuiltByHand() {
        String job = begun("By hand");
        withBody(job, "A", "body-wren@2", "");
        JsonNode offers = tech.get("/api/jobs/" + job + "/builds/a/lens-offers").json();
        assertTrue(offers.path("total").asInt() > 3, offers.toString());
        Client.Answer set =
                edit(job, bench(job, "a"), request(offers.path("offers").path(0)));
        assertEquals(200, set.status(), set.text());
        JsonNode bench = bench(job, "a");
        assertEquals(1, bench.path("lenses").size());
        String lens = bench.path("lens").asString();
        String port = tech.get("/api/jobs/" + job + "/builds/a/ports")
                .json()
                .path(0)
                .path("ref")
                .asString();
        JsonNode fit =
                tech.get("/api/jobs/" + job + "/builds/a/fit?port=" + port).json();
        JsonNode offer = fit.path("offers").path(0);
        Client.Answer added = edit(
                job,
                bench,
                Map.of(
                        "kind",
                        "ADD",
                        "port",
                        port,
                        "item",
                        offer.path("item").asString(),
                        "itemPort",
                        offer.path("port").asString()));
        assertEquals(200, added.status(), added.text());
        Client.Answer dropped = edit(job, bench(job, "a"), Map.of("kind", "DROP_LENS", "lens", lens));
        assertEquals(200, dropped.status(), dropped.text());
        assertEquals(0, dropped.json().path("lenses").size());
        Client.Answer packed = edit(job, bench(job, "a"), Map.of("kind", "PACK", "item", "battery-98@1", "count", 4));
        assertEquals(200, packed.status(), packed.text());
        assertTrue(packed.json().path("undo").asString().contains("in the kit: 4 instead of 0"), packed.text());
        for (int i = 0; i < 4; i++) {
            JsonNode at = bench(job, "a");
            Client.Answer undone = tech.post(
                    "/api/jobs/" + job + "/builds/a/undo",
                    Map.of("revision", at.path("revision").asInt(), "configuration", "", "lens", "", "anyway", false));
            assertEquals(200, undone.status(), undone.text());
        }
        assertEquals(0, bench(job, "a").path("lenses").size());
        assertEquals(1, bench(job, "a").path("stack").size());
    }

    private static Map<String, Object> request(JsonNode offer) {
        return Map.of(
                "kind", offer.path("request").path("kind").asString(),
                "item", offer.path("request").path("item").asString());
    }

    /** A job after an earlier one has its gear and brief on other days, and none of what people accepted. */
    @Test
    void aJobIsMadeAfterAnEarlierOne() {
        Client.Answer made = desk.post("/api/jobs", asked("Kiln again", List.of(), "kiln"));
        assertEquals(201, made.status(), made.text());
        String job = made.json().path("job").asString();
        JsonNode next = view(job);
        JsonNode kiln = view("kiln");
        assertEquals(kiln.path("builds").size(), next.path("builds").size());
        assertEquals("2027-02-03", next.path("brief").path("load").asString().substring(0, 10));
        assertEquals(
                404, desk.post("/api/jobs", asked("None", List.of(), "nowhere")).status());
    }

    @Test
    void aJobIsLaidAsideAndBroughtBack() {
        String job = begun("Aside");
        assertEquals(204, lead.post("/api/jobs/" + job + "/archive", Map.of()).status());
        assertFalse(tech.get("/api/jobs?search=aside").text().contains("\"id\":\"" + job));
        assertTrue(tech.get("/api/jobs?search=aside&archived=true").text().contains("\"id\":\"" + job));
        assertTrue(view(job).path("archived").asBoolean());
        assertEquals(
                204, lead.post("/api/jobs/" + job + "/bring-back", Map.of()).status());
        assertTrue(tech.get("/api/jobs?search=aside").text().contains("\"id\":\"" + job));
        Client.Answer renamed = lead.put(
                "/api/jobs/" + job + "/title",
                Map.of("revision", view(job).path("revision").asInt(), "title", "Afloat"));
        assertEquals("Afloat", renamed.json().path("title").asString());
    }

    /** A job laid aside is kept; a deleted one says until when it can be brought back. */
    @Test
    void aDeletedJobCanBeBroughtBackForThirtyDays() {
        String job = begun("Deleted");
        assertEquals(204, lead.delete("/api/jobs/" + job).status());
        assertFalse(tech.get("/api/jobs?search=deleted").text().contains("\"id\":\"" + job));
        JsonNode line = tech.get("/api/jobs?search=deleted&archived=true")
                .json()
                .path("jobs")
                .path(0);
        assertEquals(job, line.path("id").asString());
        long days = java.time.temporal.ChronoUnit.DAYS.between(
                java.time.LocalDateTime.now(),
                java.time.LocalDateTime.parse(line.path("forgetAt").asString()));
        assertTrue(days >= 20 && days <= 30, line.toString());
        assertEquals(
                204, lead.post("/api/jobs/" + job + "/bring-back", Map.of()).status());
        assertTrue(tech.get("/api/jobs?search=deleted")
                .json()
                .path("jobs")
                .path(0)
                .path("forgetAt")
                .isNull());
    }

    /** A pasted list is read first, then packed by count; a stale or odd one changes nothing. */
    @Test
    void theKitIsPackedFromAPastedList() {
        String job = begun("Packed");
        assertTrue(tech.put(
                        "/api/jobs/" + job + "/kit", Map.of("revision", 1, "lines", List.of(count("battery-98@1", 2))))
                .detail()
                .contains("once the job has a body"));
        withBody(job, "A", "body-wren@2", "");
        JsonNode read = tech.post(
                        "/api/jobs/" + job + "/kit/read", Map.of("text", "4 x battery-98@1\nno such thing\t2"))
                .json();
        assertEquals("battery-98@1", read.path(0).path("item").asString());
        assertEquals(4, read.path(0).path("count").asInt());
        assertEquals(
                "no part on file has these words", read.path(1).path("problem").asString());
        int seen = view(job).path("revision").asInt();
        Map<String, Object> change = Map.of("revision", seen, "lines", List.of(count("battery-98@1", 4)));
        assertEquals(204, tech.put("/api/jobs/" + job + "/kit", change).status());
        assertEquals(409, tech.put("/api/jobs/" + job + "/kit", change).status());
        assertTrue(tech.get("/api/jobs/" + job + "/dispatch").text().contains("\"inKit\":4"));
        Map<String, Object> many = Map.of("revision", seen + 1, "lines", List.of(count("battery-98@1", 10_001)));
        assertEquals(400, tech.put("/api/jobs/" + job + "/kit", many).status());
    }

    private static Map<String, Object> count(String item, int count) {
        return Map.of("item", item, "count", count);
    }

    /** The journal tells who did what; everything since an entry is taken back, and done again step by step. */
    @Test
    void aBuildGoesBackToWhereItWas() {
        String job = begun("Back");
        withBody(job, "A", "body-wren@2", "");
        for (int n = 1; n <= 3; n++) {
            Client.Answer packed =
                    edit(job, bench(job, "a"), Map.of("kind", "PACK", "item", "battery-98@1", "count", n));
            assertEquals(200, packed.status(), packed.text());
        }
        JsonNode journal = tech.get("/api/jobs/" + job + "/builds/a/journal").json();
        assertEquals("Jonna Brask", journal.path(0).path("who").asString());
        int second = journal.path(1).path("seq").asInt();
        Client.Answer back = back(job, second);
        assertEquals(200, back.status(), back.text());
        assertTrue(back.json().path("undo").asString().contains("1 instead of 0"), back.text());
        assertTrue(back.json().path("redo").asString().contains("2 instead of 1"), back.text());
        assertEquals(409, back(job, second).status(), "it is taken back already");
    }

    private Client.Answer back(String job, int seq) {
        return tech.post(
                "/api/jobs/" + job + "/builds/a/back",
                Map.of(
                        "revision",
                        bench(job, "a").path("revision").asInt(),
                        "configuration",
                        "",
                        "lens",
                        "",
                        "seq",
                        seq));
    }
}
