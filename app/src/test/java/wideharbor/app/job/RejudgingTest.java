package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.SQLException;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** A verdict of other rules or checks is told as such, is never signed, and is made anew without anybody's doing. */
@ExtendWith(RunningApp.class)
class RejudgingTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    /** As a version before would have left it: judged by other checks, with another verdict. */
    private static void outdate(String job, String how) throws SQLException {
        try (var connection = RunningApp.database();
                var statement = connection.prepareStatement(
                        "UPDATE job SET judged_with = 'before', " + how + " WHERE id = ?")) {
            statement.setString(1, job);
            assertEquals(1, statement.executeUpdate());
        }
    }

    private String ready() {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.checked(job);
        assertEquals(200, tech.post("/api/jobs/" + job + "/sign", Map.of()).status());
        return job;
    }

    private JsonNode line(String job) {
        JsonNode jobs = lead.get("/api/jobs?search=second+bell").json().path("jobs");
        return StreamSupport.stream(jobs.spliterator(), false)
                .filter(j -> j.path("id").asString().equals(job))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aVerdictOfOtherChecksIsMadeAnewAndWhatWasSignedIsADraft() throws SQLException {
        String job = ready();
        outdate(job, "clear = 0, stops = 7");
        RunningApp.allJudged();
        JsonNode now = line(job);
        assertFalse(now.path("stale").asBoolean(), now.toString());
        assertTrue(now.path("clear").asBoolean(), now.toString());
        assertEquals("DRAFT", now.path("stage").asString(), "what was signed was another verdict");
        assertEquals(
                0,
                lead.get("/api/jobs/" + job + "/dispatch")
                        .json()
                        .path("signatures")
                        .size());
    }

    /** Whoever comes before the background does it himself: a signature is never put under the old verdict. */
    @Test
    void anOldVerdictIsNotSigned() throws SQLException {
        String job = ready();
        outdate(job, "clear = 0, stops = 7");
        Client.Answer second = lead.post("/api/jobs/" + job + "/sign", Map.of());
        assertEquals(409, second.status(), second.text());
        assertTrue(second.detail().contains("checked at the bench first"), second.detail());
    }

    @Test
    void theSameVerdictStandsAndSoDoTheSignatures() throws SQLException {
        String job = ready();
        outdate(job, "turned_under = 0");
        RunningApp.allJudged();
        JsonNode dispatch = lead.get("/api/jobs/" + job + "/dispatch").json();
        assertEquals("CHECKED", dispatch.path("stage").asString());
        assertEquals(1, dispatch.path("signatures").size());
    }

    /** What has left keeps the verdict that it left with. */
    @Test
    void whatHasLeftIsNotJudgedAgain() throws SQLException {
        String job = ready();
        assertEquals(200, lead.post("/api/jobs/" + job + "/sign", Map.of()).status());
        OnTheWay.scanned(job);
        assertEquals(200, lead.post("/api/jobs/" + job + "/packed", Map.of()).status());
        assertEquals(
                200,
                lead.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED).status());
        outdate(job, "stops = 7");
        RunningApp.allJudged();
        JsonNode now = line(job);
        assertEquals("DISPATCHED", now.path("stage").asString());
        assertEquals(7, now.path("stops").asInt());
        assertFalse(now.path("stale").asBoolean());
    }
}
