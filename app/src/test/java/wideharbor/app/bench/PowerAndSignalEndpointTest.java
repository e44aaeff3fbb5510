package wideharbor.app.bench;

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

/** Power and Signal: what is told, what is switched, and cables by hand. */
@ExtendWith(RunningApp.class)
class PowerAndSignalEndpointTest {
    private final Client tech = RunningApp.as("tech");

    /** The map, who sees what, and a switch: a look put on is told at once; a value without sense changes nothing. */
    @Test
    void signalsAreToldAndSwitched() {
        String job = RunningApp.copyOf("slack-water");
        String signals = "/api/jobs/" + job + "/builds/a/signals";
        JsonNode now = tech.get(signals).json();
        assertEquals("Director", now.at("/seats/0/viewer/who").asString());
        assertTrue(now.at("/seats/0/reached").asBoolean());
        assertFalse(now.at("/seats/1/reached").asBoolean());
        assertTrue(now.path("boxes").toString().contains("Director sees nothing"), "what breaks is told with each box");
        assertEquals(0, now.path("orders").size(), "the Tern has no order of its own");
        assertEquals(
                200,
                tech.edit(job, "SET", Map.of("key", "body:sdi-2:0", "value", 1)).status());
        JsonNode then = tech.get(signals).json();
        assertEquals("Body Quellmar Tern", then.at("/seats/0/looks/0").asString());
        assertEquals(
                422,
                tech.edit(job, "SET", Map.of("key", "body:sdi-2:1", "value", 7)).status());
        assertEquals(404, tech.get("/api/jobs/" + job + "/builds/none/signals").status());
        byte[] labels = tech.get(signals + "/labels.pdf").bytes();
        assertEquals("%PDF", new String(labels, 0, 4, java.nio.charset.StandardCharsets.US_ASCII));
    }

    /**
     * A cable by hand: unplugged, offered, plugged, laid; each is an entry of the journal, and nonsense is refused in
     * words.
     */
    @Test
    void cablesAreUnpluggedPluggedAndLaid() {
        String job = RunningApp.copyOf("slack-water");
        String signals = "/api/jobs/" + job + "/builds/a/signals";
        JsonNode now = tech.get(signals).json();
        JsonNode cable = null;
        for (JsonNode c : now.path("cables")) {
            cable = c.path("carries").asString().equals("PICTURE") ? c : cable;
        }
        String id = cable.path("id").asString();
        assertEquals(200, tech.edit(job, "UNPLUG", Map.of("cable", id)).status());
        JsonNode without = tech.get(signals).json();
        assertEquals(now.path("cables").size() - 1, without.path("cables").size());
        assertEquals(now.path("open").size() + 2, without.path("open").size());
        String from = "";
        for (JsonNode open : without.path("open")) {
            boolean out = open.path("kind").asString().equals("PICTURE")
                    && open.path("direction").asString().equals("OUT");
            from = out ? open.path("ref").asString() : from;
        }
        JsonNode offer = tech.get(signals + "/offers?from=" + from).json().path(0);
        assertTrue(
                offer.at("/cables/0/lengthMm").asDouble()
                        >= offer.at("/cables/0/neededMm").asDouble(),
                offer.toString());
        String to = offer.at("/to/ref").asString();
        String item = offer.at("/cables/0/type/item").asString();
        assertEquals(
                200,
                tech.edit(job, "PLUG", Map.of("from", from, "to", to, "item", item))
                        .status());
        assertEquals(
                now.path("cables").size(),
                tech.get(signals).json().path("cables").size());
        says(tech.edit(job, "PLUG", Map.of("from", from, "to", to, "item", item)), 422, "taken");
        says(tech.edit(job, "PLUG", Map.of("from", "body", "to", to, "item", item)), 400, "placement:socket");
        says(tech.edit(job, "LAY", Map.of("cable", "k-body", "along", List.of("nowhere"), "bay", "")), 422, "nowhere");
        assertEquals(
                200,
                tech.edit(job, "LAY", Map.of("cable", "k-body", "along", List.of("top"), "bay", ""))
                        .status());
        assertTrue(tech.get(signals).json().path("cables").toString().contains("\"along\":[\"top\"]"));
        assertEquals(404, tech.get(signals + "/offers?from=body:none").status());
        assertEquals(400, tech.get(signals + "/offers?from=body").status());
    }

    @Test
    void thePowerOfARigAndItsDayAreTold() {
        String power = "/api/jobs/slack-water/builds/a/power";
        JsonNode now = tech.get(power).json();
        assertEquals("BATTERY", now.at("/tree/0/kind").asString());
        assertTrue(now.path("dayWritten").asBoolean());
        JsonNode plate = now.at("/plates/0");
        assertTrue(plate.at("/now/darkHours").asDouble() > 0, "the day outlasts what is packed: " + plate);
        assertTrue(plate.path("then").isNull(), "nothing is tried");
        JsonNode tried = tech.get(power + "?moreBatteries=6&moreBays=2").json().at("/plates/0/then");
        assertTrue(
                tried.path("darkHours").asDouble() < plate.at("/now/darkHours").asDouble(), tried.toString());
        assertEquals("OFF", stateOfTransmitter(now), "on standby nobody sends the picture");
        assertTrue(plate.path("bootSeconds").asDouble() > 0);
        assertEquals(
                plate.path("bootSeconds").asDouble() * plate.at("/now/swaps").size() / 60,
                plate.at("/now/bootMinutes").asDouble(),
                1e-9,
                "every change waits for the body");
        assertEquals(404, tech.get(power + "?battery=none@1").status());
        assertEquals(400, tech.get(power + "?moreBatteries=99").status());
    }

    private static String stateOfTransmitter(JsonNode power) {
        for (JsonNode device : power.path("devices")) {
            if (device.path("placement").asString().equals("tx")) {
                return device.at("/states/4").asString();
            }
        }
        throw new AssertionError("no transmitter in " + power.path("devices"));
    }

    private static void says(Client.Answer answer, int status, String words) {
        assertEquals(status, answer.status(), answer.text());
        assertTrue(answer.detail().contains(words), answer.text());
        assertTrue(!answer.text().contains("Exception") && !answer.text().contains("at wideharbor"), "no stack trace");
    }
}
