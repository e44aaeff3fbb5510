package wideharbor.app.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** Signatures rest on kept papers; what is changed behind them shows and stops. */
@ExtendWith(RunningApp.class)
class SealEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private JsonNode dispatch(String job) {
        return tech.get("/api/jobs/" + job + "/dispatch").json();
    }

    private static void change(String sql, String... values) throws SQLException {
        try (var connection = RunningApp.database();
                PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setString(i + 1, values[i]);
            }
            assertEquals(1, statement.executeUpdate(), sql);
        }
    }

    @Test
    void whatIsSignedIsKeptByteByByte() {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.checked(job);
        assertTrue(dispatch(job).path("seal").isNull());
        assertEquals(200, tech.post("/api/jobs/" + job + "/sign", Map.of()).status());
        assertEquals(200, lead.post("/api/jobs/" + job + "/sign", Map.of()).status());
        JsonNode seal = dispatch(job).path("seal");
        assertEquals(64, seal.path("sum").asString().length());
        assertEquals(0, seal.path("changed").size(), seal.toString());
        List<String> papers =
                seal.path("papers").valueStream().map(JsonNode::asString).toList();
        assertEquals(
                List.of("assembly-a.pdf", "assembly-b.pdf", "assembly-c.pdf", "package.harbor.json", "pull-list.pdf"),
                papers);
        for (String name : papers) {
            Client.Answer kept = tech.get("/api/jobs/" + job + "/signed/" + name);
            assertTrue(kept.bytes().length > 1000, name);
        }
        assertEquals(404, tech.get("/api/jobs/" + job + "/signed/none.pdf").status());
        OnTheWay.scanned(job);
        assertEquals(200, tech.post("/api/jobs/" + job + "/packed", Map.of()).status());
        Client.Answer nobody = tech.post("/api/jobs/" + job + "/dispatch", Map.of("to", " ", "drawn", ""));
        assertEquals(400, nobody.status());
        Client.Answer drawn = tech.post("/api/jobs/" + job + "/dispatch", Map.of("to", "Ada", "drawn", "<b>"));
        assertTrue(drawn.detail().contains("A drawn signature must be lines"), drawn.text());
        JsonNode out =
                tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED).json();
        assertEquals("Ada Lindqvist", out.at("/handedOver/to").asString());
        assertEquals("M10 20L300 120L590 40", out.at("/handedOver/drawn").asString());
        assertEquals("Jonna Brask", out.at("/handedOver/by").asString());
    }

    /** One byte of a kept paper: the gate is shut until it is opened again and signed anew. */
    @Test
    void aChangedByteShowsAndStops() throws SQLException {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.packed(job);
        change(
                "update signed_paper set content = insert(content, 900, 1, 'X') where job_id = ? and name = ?",
                job,
                "pull-list.pdf");
        stopped(job, "a kept paper");
        JsonNode open = lead.post("/api/jobs/" + job + "/recall", Map.of()).json();
        assertEquals("DRAFT", open.path("stage").asString());
        assertTrue(open.path("seal").isNull());
        assertTrue(
                open.path("stageNote").asString().contains("opened it again"),
                open.path("stageNote").asString());
    }

    /** The package itself, behind everybody's back. */
    @Test
    void aPackageThatIsAnotherShowsAndStops() throws SQLException {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.packed(job);
        change("update kit_line set pieces = pieces + 1 where job_id = ? and type_id = ?", job, "battery-150");
        change("update job set state_no = state_no + 1 where id = ?", job);
        JsonNode changed = dispatch(job).at("/seal/changed");
        assertEquals("the kit", changed.path(0).asString(), changed.toString());
    }

    /** The house learns of a standard while the package is out: it can come back all the same. */
    @Test
    void aStandardChangedMeanwhileKeepsNothingOut() throws SQLException {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.packed(job);
        assertEquals(
                200,
                tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED).status());
        JsonNode rods = lead.get("/api/house/standards")
                .json()
                .valueStream()
                .filter(s -> "rod-15-studio".equals(s.path("id").asString()))
                .findFirst()
                .orElseThrow();
        Map<String, Object> next = Map.of(
                "revision",
                rods.path("revision").asInt(),
                "title",
                rods.path("title").asString(),
                "note",
                "Our own drawing.",
                "loadGrams",
                rods.path("loadGrams").asDouble(),
                "facts",
                List.of());
        assertEquals(200, lead.put("/api/house/standards/rod-15-studio", next).status());
        assertEquals(
                0,
                dispatch(job).at("/seal/changed").size(),
                dispatch(job).path("seal").toString());
    }

    private void stopped(String job, String by) {
        JsonNode now = dispatch(job);
        assertEquals("PACKED", now.path("stage").asString());
        assertEquals(by, now.at("/seal/changed/0").asString(), now.path("seal").toString());
        assertTrue(
                now.path("whyNotDispatch").asString().contains("not what was signed any more: " + by), now.toString());
        Client.Answer out = tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED);
        assertEquals(409, out.status());
        assertTrue(out.detail().contains("two people sign it anew"), out.detail());
    }
}
