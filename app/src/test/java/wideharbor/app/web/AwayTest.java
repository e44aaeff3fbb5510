package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.URI;
import java.time.Duration;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import wideharbor.app.Client;
import wideharbor.app.Line;
import wideharbor.app.RunningApp;

/** The database goes away, comes back, and goes dead: who asks is told so soon, and nothing has to be started again. */
@ExtendWith(RunningApp.class)
class AwayTest {
    /** Three seconds are promised; the machine of a test may be slow. */
    private static final Duration SOON = Duration.ofSeconds(6);

    private static Client.Answer soon(Supplier<Client.Answer> question) {
        long begun = System.nanoTime();
        Client.Answer answer = question.get();
        Duration took = Duration.ofNanos(System.nanoTime() - begun);
        assertTrue(took.compareTo(SOON) < 0, "answered after " + took);
        return answer;
    }

    private static void isAway(Client.Answer answer) {
        assertEquals(503, answer.status(), answer.text());
        assertTrue(answer.detail().startsWith("The database does not answer just now."), answer.text());
    }

    private static void comesBack(Client lead) {
        int status = 0;
        for (int i = 0; i < 100 && status != 200; i++) {
            status = lead.get("/api/jobs").status();
        }
        assertEquals(200, status, "back by itself");
    }

    @Test
    void saysSoAndGoesOnByItself() {
        String database = System.getenv("HARBOR_DB_URL");
        int port = URI.create(database.substring("jdbc:".length())).getPort();
        try (Line line = new Line(port);
                ConfigurableApplicationContext node = RunningApp.node(
                        "--harbor.demo=",
                        "--spring.datasource.url=" + database.replace(":" + port, ":" + line.port()))) {
            String job = RunningApp.copyOf("kiln");
            Client lead = Client.signedIn(RunningApp.url(node), "lead", RunningApp.PASSWORD);
            Client stranger = Client.anonymous(RunningApp.url(node));
            assertEquals(200, lead.get("/api/jobs").status());
            line.cut();
            isAway(soon(() -> lead.get("/api/jobs")));
            isAway(soon(() -> lead.post("/api/jobs/" + job + "/built", Map.of())));
            isAway(soon(() -> stranger.signIn("lead", RunningApp.PASSWORD)));
            assertEquals(200, soon(() -> lead.get("/")).status(), "the interface itself is there");
            assertEquals(200, soon(() -> lead.get("/actuator/health/liveness")).status());
            assertEquals(503, soon(() -> lead.get("/actuator/health/readiness")).status());
            line.mend();
            comesBack(lead);
            line.goDead();
            isAway(soon(() -> lead.get("/api/jobs/" + job)));
            assertEquals(200, soon(() -> lead.get("/")).status());
            line.mend();
            comesBack(lead);
            assertEquals(200, lead.get("/actuator/health/readiness").status());
        }
    }
}
