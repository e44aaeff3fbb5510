package wideharbor.app.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** What a role may not do by hand it may not do by a file. */
@ExtendWith(RunningApp.class)
class BroughtTest {
    private static final JsonMapper MAPPER = new JsonMapper();

    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");
    private final Client desk = RunningApp.as("desk");

    private static ObjectNode file(String demo, String id) {
        return (ObjectNode) MAPPER.readTree(new String(RunningApp.packageFile(demo, id), StandardCharsets.UTF_8));
    }

    private Client.Answer upload(Client who, ObjectNode file) {
        return who.upload("/api/packages", MAPPER.writeValueAsBytes(file));
    }

    private JsonNode brought(String job) {
        return desk.get("/api/jobs/" + job + "/brought").json();
    }

    private String verdict(String job) {
        return desk.get("/api/jobs/" + job).json().path("verdict").asString();
    }

    private static List<String> findings(JsonNode proposals) {
        return proposals.valueStream().map(p -> p.path("finding").asString()).toList();
    }

    /** A file with every stop waived and every caution read in the lead's name: it changes nothing by itself. */
    @Test
    void waiversAndReadsOfAFileAreOnlyProposed() {
        String honest = RunningApp.copyOf("slack-water");
        String job = honest + "-waived";
        ObjectNode file = file("slack-water", job);
        for (JsonNode finding : tech.bench(honest).path("findings")) {
            String key = finding.path("key").asString();
            if (finding.path("severity").asString().equals("STOP")) {
                ((ObjectNode) file.withArray("waivers").addObject())
                        .put("finding", key)
                        .put("acceptedExcess", 1e9)
                        .put("reason", "Agreed on the telephone.")
                        .put("who", "lead")
                        .put("when", "2026-11-20T10:00:00Z");
            } else if (finding.path("severity").asString().equals("CAUTION")) {
                ((ObjectNode) file.withArray("reads").addObject())
                        .put("finding", key)
                        .put("who", "lead")
                        .put("when", "2026-11-20T10:00:00Z");
            }
        }
        assertEquals(201, upload(desk, file).status());
        assertEquals(verdict(honest), verdict(job));

        JsonNode proposals = brought(job).path("proposals");
        List<String> waivers = findings(proposals).stream()
                .filter(f -> proposals
                        .valueStream()
                        .anyMatch(p -> p.path("finding").asString().equals(f)
                                && p.path("said").asString().equals("WAIVER")))
                .toList();
        assertTrue(!waivers.isEmpty() && waivers.size() < proposals.size(), proposals.toString());
        assertEquals("lead", proposals.at("/0/who").asString());
        assertEquals(
                403,
                tech.post("/api/jobs/" + job + "/brought/proposals/take", Map.of("findings", waivers))
                        .status());
        assertEquals(verdict(honest), verdict(job), "a technician waives no stop, a file's waiver neither");
        JsonNode after = lead.post(
                        "/api/jobs/" + job + "/brought/proposals/take", Map.of("findings", findings(proposals)))
                .json();
        assertEquals(0, after.path("proposals").size());
        JsonNode bench = tech.bench(job);
        assertTrue(
                bench.path("findings")
                        .valueStream()
                        .filter(f -> f.path("key").asString().equals(waivers.get(0)))
                        .allMatch(f -> f.path("waiver").asString().contains("Mirela Osk")),
                "waived in the lead's own name: " + bench.path("findings"));
    }

    @Test
    void aProposalCanBeLeft() {
        String job = RunningApp.copyOf("second-bell") + "-left";
        assertEquals(201, upload(desk, file("second-bell", job)).status());
        assertTrue(verdict(job).startsWith("Held by"), verdict(job));
        List<String> all = findings(brought(job).path("proposals"));
        assertTrue(all.size() > 5, all.toString());
        assertEquals(
                0,
                tech.post("/api/jobs/" + job + "/brought/proposals/leave", Map.of("findings", all))
                        .json()
                        .path("proposals")
                        .size());
        assertTrue(verdict(job).startsWith("Held by"));
    }

    /**
     * A standard with the highest number there is neither becomes the house's nor locks the house out of its own table.
     */
    @Test
    void aStandardOfAFileChangesNothingUntilALeadTakesIt() {
        JsonNode before = standard("nato-rail");
        String job = RunningApp.copyOf("kiln") + "-standard";
        ObjectNode file = file("kiln", job);
        ObjectNode row = (ObjectNode) MAPPER.readTree(
                "{\"id\":\"" + before.path("id").asString() + "\",\"revision\":2147483647,\"title\":\"Anything goes\","
                        + "\"family\":\"RAIL\",\"gendered\":true,\"twist\":\"RESISTS\","
                        + "\"entry\":\"FROM_SIDE\",\"loadGrams\":0,"
                        + "\"note\":\"\",\"facts\":{\"type\":\"none\"}}");
        file.withArray("standards").add(row);
        Client.Answer taken = upload(desk, file);
        assertEquals(201, taken.status(), taken.text());
        assertEquals(before.path("revision"), standard("nato-rail").path("revision"));
        assertEquals(before.path("title"), standard("nato-rail").path("title"));
        JsonNode told = brought(job).path("standards");
        assertEquals(before.path("revision").asInt(), told.at("/0/here").asInt(), told.toString());
        assertEquals(
                403,
                desk.post("/api/jobs/" + job + "/brought/standards/leave", Map.of())
                        .status());
        assertEquals(
                0,
                lead.post("/api/jobs/" + job + "/brought/standards/leave", Map.of())
                        .json()
                        .path("standards")
                        .size());
        assertEquals(before.path("revision"), standard("nato-rail").path("revision"));
    }

    private JsonNode standard(String id) {
        return tech.get("/api/house/standards")
                .json()
                .valueStream()
                .filter(s -> s.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /**
     * A part that the house does not know serves its own job, is offered nowhere else, and holds the signature until a
     * lead takes it.
     */
    @Test
    void aPartOfAFileStaysThePackagesUntilALeadTakesIt() {
        String job = RunningApp.copyOf("second-bell") + "-part";
        ObjectNode file = file("second-bell", job);
        ObjectNode part = (ObjectNode) file.path("catalogue").get(0).deepCopy();
        String ref = "brought-" + job + "@1";
        part.put("ref", ref);
        file.withArray("catalogue").add(part);
        ((ObjectNode) file.withArray("kit").addObject()).put("type", ref).put("count", 1);
        assertEquals(201, upload(desk, file).status());
        assertEquals(404, desk.get("/api/catalogue/parts/" + ref).status(), "not the house's");
        assertEquals(ref, brought(job).at("/parts/0/item").asString());
        assertTrue(desk.get("/api/jobs/" + job + "/pull-list.csv")
                .text()
                .contains(part.path("name").asString()));
        lead.post(
                "/api/jobs/" + job + "/brought/proposals/take",
                Map.of("findings", findings(brought(job).path("proposals"))));
        OnTheWay.checked(job);
        Client.Answer refused = lead.post("/api/jobs/" + job + "/sign", Map.of());
        assertEquals(409, refused.status());
        assertTrue(refused.detail().contains("a lead must take them"), refused.detail());
        assertEquals(
                0,
                lead.post("/api/jobs/" + job + "/brought/parts/take", Map.of())
                        .json()
                        .path("parts")
                        .size());
        assertEquals(200, desk.get("/api/catalogue/parts/" + ref).status());
        assertEquals(200, lead.post("/api/jobs/" + job + "/sign", Map.of()).status());
    }
}
