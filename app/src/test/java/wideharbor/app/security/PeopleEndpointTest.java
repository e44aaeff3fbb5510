package wideharbor.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** People are invited, changed, reset and suspended; sessions end with what they were let in by. */
@ExtendWith(RunningApp.class)
class PeopleEndpointTest {
    private static final String OWN = "a-long-enough-word";

    private final Client lead = RunningApp.as("lead");

    private static Map<String, Object> person(String username, String... roles) {
        return Map.of("username", username, "displayName", "Name of " + username, "roles", List.of(roles));
    }

    private static Client.Answer join(String username, String code, String password) {
        Client client = Client.anonymous(RunningApp.url());
        client.get("/api/session");
        return client.post("/api/join", Map.of("username", username, "code", code, "password", password));
    }

    private static Client as(String username, String password) {
        return Client.signedIn(RunningApp.url(), username, password);
    }

    /** Invited by a code that works once, then at work in both roles. */
    private JsonNode joined(String username, String... roles) {
        Client.Answer invited = lead.post("/api/people", person(username, roles));
        assertEquals(201, invited.status(), invited.text());
        String code = invited.json().path("code").asString();
        assertEquals("INVITED", invited.json().at("/person/state").asString());
        assertEquals(409, join(username, "xxxx-xxxx-xxxx", OWN).status());
        Client.Answer weak = join(username, code, "short");
        assertEquals(400, weak.status());
        assertTrue(weak.detail().contains("at least 10 characters"), weak.detail());
        assertEquals(204, join(username, code, OWN).status());
        assertEquals(409, join(username, code, OWN).status(), "a code works once");
        return invited.json().path("person");
    }

    @Test
    void aPersonIsInvitedAndMayWhatTheirRolesMay() {
        joined("ines", "TECHNICIAN", "DESK");
        Client ines = as("ines", OWN);
        JsonNode session = ines.get("/api/session").json();
        assertTrue(session.path("editsBuilds").asBoolean());
        assertTrue(session.path("editsBriefs").asBoolean());
        assertFalse(session.path("waives").asBoolean());
        assertEquals(403, ines.get("/api/people").status());
        Client.Answer twice = lead.post("/api/people", person("INES", "DESK"));
        assertEquals(409, twice.status(), "however the name is typed");
        Client.Answer odd = lead.post("/api/people", person("<b>", "DESK"));
        assertEquals(400, odd.status());
        assertTrue(odd.text().contains("username"), odd.text());
    }

    @Test
    void sessionsEndWithRolesPasswordOrPerson() {
        String id = joined("odd", "TECHNICIAN").path("id").asString();
        Client odd = as("odd", OWN);
        assertTrue(odd.get("/api/session").json().path("signedIn").asBoolean());
        lead.put("/api/people/" + id, Map.of("displayName", "Odd Fen", "roles", List.of("DESK")));
        assertFalse(odd.get("/api/session").json().path("signedIn").asBoolean(), "other roles, other session");

        Client again = as("odd", OWN);
        assertFalse(again.get("/api/session").json().path("editsBuilds").asBoolean());
        assertEquals(
                "Odd Fen", again.get("/api/session").json().path("displayName").asString());
        lead.post("/api/people/" + id + "/suspended", Map.of("suspended", true));
        assertFalse(again.get("/api/session").json().path("signedIn").asBoolean());
        assertEquals(401, Client.anonymous(RunningApp.url()).signIn("odd", OWN).status());
        lead.post("/api/people/" + id + "/suspended", Map.of("suspended", false));
        assertTrue(as("odd", OWN).get("/api/session").json().path("signedIn").asBoolean());

        String code = lead.post("/api/people/" + id + "/reset", Map.of())
                .json()
                .path("code")
                .asString();
        assertEquals(401, Client.anonymous(RunningApp.url()).signIn("odd", OWN).status(), "the password is taken away");
        assertEquals(204, join("odd", code, OWN + "2").status());
        assertTrue(
                as("odd", OWN + "2").get("/api/session").json().path("signedIn").asBoolean());
    }

    @Test
    void oneLooksAfterOnesOwnPasswordAndSessions() {
        joined("pia", "DESK");
        Client here = as("pia", OWN);
        Client there = as("pia", OWN);
        JsonNode sessions = here.get("/api/me/sessions").json();
        assertEquals(2, sessions.size());
        assertEquals(
                1,
                sessions.valueStream()
                        .filter(s -> s.path("current").asBoolean())
                        .count());
        assertEquals(
                409,
                here.put("/api/me/password", Map.of("now", "guess", "next", OWN + "3"))
                        .status());
        assertEquals(
                204,
                here.put("/api/me/password", Map.of("now", OWN, "next", OWN + "3"))
                        .status());
        assertTrue(here.get("/api/session").json().path("signedIn").asBoolean());
        assertFalse(there.get("/api/session").json().path("signedIn").asBoolean(), "the others end");
        assertEquals(
                204, here.put("/api/me/name", Map.of("displayName", "Pia L")).status());
        assertEquals(
                "Pia L", here.get("/api/session").json().path("displayName").asString());
    }

    @Test
    void somebodyMustBeLeftToLookAfterThePeople() {
        String me = lead.get("/api/people")
                .json()
                .valueStream()
                .filter(p -> p.path("username").asString().equals("lead"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        Client.Answer alone = lead.post("/api/people/" + me + "/suspended", Map.of("suspended", true));
        assertEquals(409, alone.status());
        assertTrue(alone.detail().contains("only administrator"), alone.detail());
        assertEquals(
                409,
                lead.put("/api/people/" + me, Map.of("displayName", "Mirela Osk", "roles", List.of("LEAD")))
                        .status());
    }

    @Test
    void whoGuessesIsHeldUpAndTheListSaysSo() throws SQLException {
        joined("tomas", "DESK");
        Client guesser = Client.anonymous(RunningApp.url());
        // Two codes that did not open were tried already.
        for (int i = 2; i < Throttle.BY_BOTH; i++) {
            assertEquals(401, guesser.signIn("tomas", "guess-" + i).status());
        }
        Client.Answer closed = guesser.signIn("tomas", OWN);
        assertEquals(429, closed.status());
        assertEquals("Too many wrong guesses. Try again in ten minutes.", closed.detail());
        assertEquals(429, join("tomas", "xxxx", OWN).status());
        JsonNode tried = lead.get("/api/audit?search=tomas&kind=REFUSED").json();
        assertEquals(Throttle.BY_BOTH, tried.size());
        JsonNode done = lead.get("/api/audit?search=invited").json();
        assertEquals("Mirela Osk", done.get(0).path("who").asString());
        assertEquals("tomas", done.get(0).path("subject").asString());
        long last = done.get(0).path("seq").asLong();
        assertTrue(
                lead.get("/api/audit?before=" + last).json().get(0).path("seq").asLong() < last);
        try (Connection database = RunningApp.database();
                var statement = database.createStatement()) {
            assertThrows(SQLException.class, () -> statement.execute("DELETE FROM audit_event"));
            assertThrows(SQLException.class, () -> statement.execute("UPDATE audit_event SET who = ''"));
        }
    }

    /** What is done beyond a build is written down by itself. */
    @Test
    void whatChangesAJobIsWrittenDown() {
        String job = RunningApp.copyOf("kiln");
        lead.put("/api/jobs/" + job + "/title", Map.of("revision", 1, "title", "Kiln, again"));
        lead.get("/api/jobs/" + job + "/package.harbor.json");
        JsonNode lines = lead.get("/api/audit?search=" + job).json();
        List<String> words =
                lines.valueStream().map(l -> l.path("words").asString()).toList();
        assertTrue(words.contains("renamed a job"), lines.toString());
        assertTrue(words.contains("exported a package"), lines.toString());
    }
}
