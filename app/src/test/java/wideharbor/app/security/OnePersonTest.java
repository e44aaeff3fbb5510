package wideharbor.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** A person is one, however the name is typed. */
@ExtendWith(RunningApp.class)
class OnePersonTest {
    private static Client typedAs(String name) {
        return Client.signedIn(RunningApp.url(), URLEncoder.encode(name, StandardCharsets.UTF_8), RunningApp.PASSWORD);
    }

    @Test
    void nobodySignsTwiceByTypingTheNameOtherwise() {
        String job = RunningApp.copyOf("second-bell");
        Client lead = RunningApp.as("lead");
        assertEquals(
                "Clear", lead.get("/api/jobs/" + job).json().path("verdict").asString());
        OnTheWay.checked(job);
        assertEquals(200, lead.post("/api/jobs/" + job + "/sign", Map.of()).status());
        for (String typed : new String[] {"LEAD", "Lead", "léad", "lead "}) {
            Client.Answer again = typedAs(typed).post("/api/jobs/" + job + "/sign", Map.of());
            assertEquals(409, again.status(), typed);
            assertEquals("You have signed; the second signature must be another person's.", again.detail());
        }
        JsonNode signed = lead.get("/api/jobs/" + job + "/dispatch").json();
        assertEquals(1, signed.path("signatures").size());
        assertEquals("CHECKED", signed.path("stage").asString());
        assertEquals(
                "SIGNED",
                RunningApp.as("tech")
                        .post("/api/jobs/" + job + "/sign", Map.of())
                        .json()
                        .path("stage")
                        .asString());
    }

    @Test
    void theNameIsToldAsItIsKept() {
        JsonNode session = typedAs("TECH").get("/api/session").json();
        assertEquals("tech", session.path("username").asString());
        assertEquals("Jonna Brask", session.path("displayName").asString());
    }

    /** Undo of one's own edit needs no consent, however one signed in. */
    @Test
    void whatOneDidStaysOnes() {
        String job = RunningApp.copyOf("kiln");
        assertEquals(
                200,
                RunningApp.as("tech")
                        .edit(job, "SET", Map.of("key", "rods:rods:0", "value", -50))
                        .status());
        assertEquals(200, typedAs("Tech").step(job, "undo", false).status());
    }
}
