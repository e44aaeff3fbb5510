package wideharbor.app.crew;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** A crew from outside sees its job and nothing else, until that is back; it ticks and remarks, and changes nothing. */
@ExtendWith(RunningApp.class)
class CrewEndpointTest {
    private static final AtomicInteger NAMES = new AtomicInteger();

    private final Client lead = RunningApp.as("lead");
    private final Client tech = RunningApp.as("tech");
    private final String name = "crew" + NAMES.incrementAndGet();

    private Client.Answer invited(String job) {
        Client.Answer invited =
                lead.post("/api/jobs/" + job + "/crew", Map.of("username", name, "displayName", "Sunniva Aas"));
        assertEquals(201, invited.status(), invited.text());
        return invited;
    }

    private Client ofCrew(String job) {
        String code = invited(job).json().path("code").asString();
        Client stranger = Client.anonymous(RunningApp.url());
        stranger.get("/api/session");
        Map<String, String> joining = Map.of("username", name, "code", code, "password", RunningApp.PASSWORD);
        assertEquals(204, stranger.post("/api/join", joining).status());
        return RunningApp.as(name);
    }

    private static List<String> jobs(Client who) {
        return who.get("/api/jobs")
                .json()
                .path("jobs")
                .valueStream()
                .map(j -> j.path("id").asString())
                .toList();
    }

    @Test
    void seesTheJobsItWasInvitedTo() {
        String one = RunningApp.copyOf("kiln");
        String other = RunningApp.copyOf("the-lift");
        Client crew = ofCrew(one);
        assertEquals(List.of(one), jobs(crew));
        assertEquals(200, crew.get("/api/jobs/" + one + "/builds/a/bench").status());
        assertEquals(403, crew.get("/api/jobs/" + other).status());
        assertEquals(403, crew.get("/api/events?tab=tab-of-a-crew&job=" + other).status());
        assertEquals("", invited(other).json().path("code").asString(), "they have a password already");
        assertEquals(200, crew.get("/api/jobs/" + other).status());
        JsonNode members = lead.get("/api/jobs/" + other + "/crew").json();
        assertEquals("Sunniva Aas", members.get(0).path("displayName").asString());
        String id = members.get(0).path("id").asString();
        assertEquals(204, lead.delete("/api/jobs/" + other + "/crew/" + id).status());
        assertEquals(403, crew.get("/api/jobs/" + other).status(), "ended at once, in the session that is open");
        assertEquals(List.of(one), jobs(crew));
    }

    @Test
    void endsWithTheReturn() throws SQLException {
        String job = RunningApp.copyOf("kiln");
        Client crew = ofCrew(job);
        assertEquals(List.of(job), jobs(crew));
        // The demo's day is 28 November 2026: the gear came back the day before.
        try (var connection = RunningApp.database();
                var statement = connection.prepareStatement("UPDATE job SET state_no = state_no + 1, brief ="
                        + " JSON_SET(brief, '$.dates.prep', '2026-11-20', '$.dates.load', '2026-11-21T07:00',"
                        + " '$.dates.shoot', '2026-11-22', '$.dates.back', '2026-11-27') WHERE id = ?")) {
            statement.setString(1, job);
            assertEquals(1, statement.executeUpdate());
        }
        assertEquals(List.of(), jobs(crew));
        assertEquals(403, crew.get("/api/jobs/" + job).status());
        Client.Answer late =
                lead.post("/api/jobs/" + job + "/crew", Map.of("username", "late", "displayName", "Too Late"));
        assertEquals(409, late.status());
        assertTrue(late.detail().contains("came back on 2026-11-27"), late.detail());
    }

    @Test
    void whoWorksHereIsNotOfACrew() {
        String job = RunningApp.copyOf("kiln");
        Client.Answer refused =
                lead.post("/api/jobs/" + job + "/crew", Map.of("username", "tech", "displayName", "Jonna"));
        assertEquals(409, refused.status());
        assertTrue(refused.detail().contains("works in this house"), refused.detail());
    }

    @Test
    void ticksWhatIsLeftToPeopleAndNothingElse() {
        String job = RunningApp.copyOf("second-bell");
        Client crew = ofCrew(job);
        JsonNode bench = crew.get("/api/jobs/" + job + "/builds/a/bench").json();
        String caution = bench.path("findings")
                .valueStream()
                .filter(f -> f.path("severity").asString().equals("CAUTION"))
                .map(f -> f.path("key").asString())
                .filter(k -> !k.startsWith("brief.own"))
                .findFirst()
                .orElse("none");
        assertEquals(
                403,
                crew.post("/api/jobs/" + job + "/reads", Map.of("finding", caution))
                        .status());
        Client.Answer tick = crew.post("/api/jobs/" + job + "/ticks", Map.of("finding", caution));
        assertEquals(409, tick.status(), tick.text());
        JsonNode view = lead.get("/api/jobs/" + job).json();
        ObjectNode brief = (ObjectNode) view.path("brief");
        ((ObjectNode) brief.path("asks")).putArray("own").add("A blanket for the dog");
        Map<String, Object> change = Map.of("revision", view.path("revision").asInt(), "brief", brief);
        assertEquals(200, lead.put("/api/jobs/" + job + "/brief", change).status());
        String open = demand(job).path("ticks").get(0).asString();
        assertEquals(
                204,
                crew.post("/api/jobs/" + job + "/ticks", Map.of("finding", open))
                        .status());
        assertEquals("Sunniva Aas", demand(job).path("tickedBy").get(0).asString());
    }

    private JsonNode demand(String job) {
        return lead.get("/api/jobs/" + job)
                .json()
                .path("requirements")
                .valueStream()
                .filter(r -> r.path("text").asString().contains("A blanket for the dog"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void saysWhatTheHouseSeesTo() {
        String job = RunningApp.copyOf("kiln");
        Client crew = ofCrew(job);
        String remarks = "/api/jobs/" + job + "/remarks";
        assertEquals(400, crew.post(remarks, Map.of("words", " ")).status());
        assertEquals(
                201,
                crew.post(remarks, Map.of("words", "The pad <b>slips</b>.")).status());
        assertEquals(
                201, tech.post(remarks, Map.of("words", "New pad in case 3.")).status());
        JsonNode said = crew.get(remarks).json();
        assertEquals("New pad in case 3.", said.get(0).path("words").asString());
        assertEquals("The pad <b>slips</b>.", said.get(1).path("words").asString());
        assertEquals("Sunniva Aas", said.get(1).path("who").asString());
        String ofTech = remarks + "/" + said.get(0).path("id").asString() + "/settled";
        assertEquals(409, crew.post(ofTech, Map.of()).status(), "that is the house's to see to");
        String own = remarks + "/" + said.get(1).path("id").asString() + "/settled";
        assertEquals(204, tech.post(own, Map.of()).status());
        assertEquals(
                "Jonna Brask", crew.get(remarks).json().get(1).path("settledBy").asString());
        assertEquals(
                404,
                tech.post("/api/jobs/slack-water/remarks/999999/settled", Map.of())
                        .status());
    }
}
