package wideharbor.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** How the machine is doing is for administrators, and for a monitor with the token of the house. */
@ExtendWith(RunningApp.class)
class GaugesTest {
    private static final String GAUGES = "/actuator/prometheus";

    @Test
    void areForAdministrators() {
        assertEquals(401, Client.anonymous(RunningApp.url()).get(GAUGES).status());
        assertEquals(403, RunningApp.as("tech").get(GAUGES).status());
        Client.Answer told = RunningApp.as("lead").get(GAUGES);
        assertEquals(200, told.status());
        assertTrue(told.text().contains("jvm_memory_used_bytes"), told.text());
        assertEquals(
                401, Client.anonymous(RunningApp.url()).withBearer(GAUGES, "").status(), "no token, no monitor");
    }

    @Test
    void areForAMonitorWithTheToken() {
        try (ConfigurableApplicationContext node = RunningApp.node("--harbor.demo=", "--harbor.metrics-token=t0ken")) {
            Client monitor = Client.anonymous(RunningApp.url(node));
            assertEquals(200, monitor.withBearer(GAUGES, "t0ken").status());
            assertEquals(401, monitor.withBearer(GAUGES, "t0kem").status());
            assertEquals(401, monitor.withBearer("/api/jobs", "t0ken").status());
        }
    }
}
