package wideharbor.app.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** What others do comes by itself, from whatever node they do it on. */
@ExtendWith(RunningApp.class)
class LiveTest {
    private static final String MINE = "tab-of-the-lead";
    private static final String THEIRS = "tab-of-the-tech";

    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private static String stream(String tab, String job) {
        return "/api/events?tab=" + tab + "&job=" + job + "&build=a";
    }

    private static void read(Client who, String job) {
        JsonNode bench = who.get("/api/jobs/" + job + "/builds/a/bench").json();
        String caution = bench.path("findings")
                .valueStream()
                .filter(f -> f.path("severity").asString().equals("CAUTION"))
                .filter(f -> f.path("readBy").asString("").isEmpty())
                .map(f -> f.path("key").asString())
                .findFirst()
                .orElseThrow();
        Client.Answer done = who.post("/api/jobs/" + job + "/reads", Map.of("finding", caution));
        assertEquals(204, done.status(), done.text());
    }

    @Test
    void aChangeOfAnotherIsToldToWhoLooksOn() {
        String job = RunningApp.copyOf("kiln");
        try (Client.Listening on = lead.listen(stream(MINE, job));
                Client.Listening list = lead.listen("/api/events?tab=tab-of-the-list")) {
            on.next("open");
            list.next("open");
            read(tech, job);
            JsonNode told = on.next("job");
            assertEquals(job, told.get(0).path("job").asString());
            assertEquals("Jonna Brask", told.get(0).path("who").asString());
            list.next("jobs");
        }
    }

    @Test
    void whoElseIsHereIsToldAndWhoLeftIsNot() {
        String job = RunningApp.copyOf("kiln");
        try (Client.Listening on = lead.listen(stream(MINE, job))) {
            try (Client.Listening other = tech.listen(stream(THEIRS, job))) {
                JsonNode here = on.next("here");
                assertEquals(1, here.size(), here.toString());
                assertEquals("Jonna Brask", here.get(0).path("who").asString());
                assertEquals("a", here.get(0).path("build").asString());
                assertEquals("Mirela Osk", other.next("here").get(0).path("who").asString());
            }
        }
    }

    @Test
    void otherRulesAreToldToEverybody() {
        try (Client.Listening on = lead.listen("/api/events?tab=" + MINE)) {
            on.next("open");
            Client.Answer done = lead.put("/api/house/ways/spares", Map.of("option", "firm", "person", "Nobody Here"));
            assertEquals(200, done.status(), done.text());
            on.next("rules");
        } finally {
            lead.put("/api/house/ways/spares", Map.of("option", "", "person", "Nobody Here"));
        }
    }

    @Test
    void whatIsDoneOnAnotherNodeIsToldHere() {
        String job = RunningApp.copyOf("kiln");
        try (ConfigurableApplicationContext node = RunningApp.node("--harbor.demo=");
                Client.Listening on = lead.listen(stream(MINE, job))) {
            on.next("open");
            read(Client.signedIn(RunningApp.url(node), "tech", RunningApp.PASSWORD), job);
            assertEquals("Jonna Brask", on.next("job").get(0).path("who").asString());
        }
    }

    @Test
    void nobodyListensUnasked() {
        assertEquals(
                401,
                Client.anonymous(RunningApp.url()).get(stream(MINE, "kiln")).status());
        for (String tab : List.of("", "x", "a%0Ab-12345678")) {
            Client.Answer refused = lead.get("/api/events?tab=" + tab);
            assertEquals(400, refused.status(), refused.text());
            assertTrue(refused.text().contains("tab"), refused.text());
        }
    }
}
