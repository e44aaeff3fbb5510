package wideharbor.app.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class HouseAndCalculatorsTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private JsonNode standard(String id) {
        for (JsonNode s : tech.get("/api/house/standards").json()) {
            if (s.path("id").asString().equals(id)) {
                return s;
            }
        }
        throw new IllegalStateException("no standard " + id);
    }

    private static Map<String, Object> change(JsonNode s, double height) {
        return Map.of(
                "revision",
                s.path("revision").asInt(),
                "title",
                s.path("title").asString(),
                "note",
                "Our own drawing.",
                "loadGrams",
                0,
                "facts",
                List.of(Map.of("name", "axisHeightMm", "value", height, "unit", "mm")));
    }

    /** A lower rod height on file: what was low fits, and the open jobs say so at once; then back again. */
    @Test
    void aChangedFigureJudgesTheOpenJobsAnew() {
        String job = RunningApp.copyOf("slack-water");
        assertTrue(
                tech.get("/api/jobs/" + job).json().path("verdict").asString().startsWith("Held by 5 stops"));
        assertEquals(
                403,
                tech.put("/api/house/standards/rod-15-lw", change(standard("rod-15-lw"), 83))
                        .status());
        JsonNode done = lead.put("/api/house/standards/rod-15-lw", change(standard("rod-15-lw"), 83))
                .json();
        assertTrue(done.path("jobs").asInt() >= 5, done.toString());
        String turned = RunningApp.allJudged().path("turned").toString();
        assertTrue(turned.contains("Slack Water"), turned);
        assertTrue(
                tech.get("/api/jobs/" + job).json().path("verdict").asString().startsWith("Held by 4 stops"));
        JsonNode now = standard("rod-15-lw");
        assertEquals(83, now.at("/facts/2/value").asDouble());
        Map<String, Object> stale = Map.of("revision", 1, "title", "x", "note", "", "loadGrams", 0, "facts", List.of());
        assertEquals(409, lead.put("/api/house/standards/rod-15-lw", stale).status());
        assertEquals(
                200, lead.put("/api/house/standards/rod-15-lw", change(now, 85)).status());
        assertTrue(
                tech.get("/api/jobs/" + job).json().path("verdict").asString().startsWith("Held by 5 stops"));
    }

    @Test
    void nonsenseIsRefusedWithTheLimit() {
        Client.Answer answer = lead.put("/api/house/standards/rod-19-studio", change(standard("rod-19-studio"), 4000));
        assertEquals(400, answer.status());
        assertTrue(answer.detail().contains("Axis height must lie from 0 to 400 mm"), answer.detail());
        assertEquals(
                404,
                lead.put("/api/house/standards/nothing", change(standard("rod-19-studio"), 118))
                        .status());
    }

    /** 7.3 from {0.5×2, 1.0×3, 2.0×2, 5.0×1} within 0.25: 5.0 + 2.0 + 0.5 = 7.5. */
    @Test
    void shims() {
        JsonNode answer = tech.post(
                        "/api/calculators/shims",
                        Map.of(
                                "targetMm",
                                7.3,
                                "toleranceMm",
                                0.25,
                                "atHand",
                                List.of(
                                        Map.of("thicknessMm", 0.5, "count", 2), Map.of("thicknessMm", 1.0, "count", 3),
                                        Map.of("thicknessMm", 2.0, "count", 2),
                                                Map.of("thicknessMm", 5.0, "count", 1))))
                .json();
        assertEquals(7.5, answer.path("sumMm").asDouble(), 1e-9);
        assertEquals(3, answer.path("stack").size());
        assertEquals(
                400,
                tech.post("/api/calculators/shims", Map.of("targetMm", -1, "toleranceMm", 0.2, "atHand", List.of()))
                        .status());
    }

    @Test
    void rodsAndHeight() {
        JsonNode answer = tech.post(
                        "/api/calculators/rods",
                        Map.of(
                                "baseToAxisMm",
                                66,
                                "platesMm",
                                List.of(11),
                                "bracketDropsMm",
                                List.of(6, 41),
                                "standard",
                                "rod-15-studio"))
                .json();
        assertEquals(83, answer.at("/0/hasMm").asDouble(), 1e-9);
        assertEquals(118, answer.at("/0/needsMm").asDouble(), 1e-9);
        assertTrue(!answer.at("/0/met").asBoolean());
        assertTrue(answer.at("/1/met").asBoolean(), "66 + 11 + 41 = 118");
        assertEquals(
                400,
                tech.post(
                                "/api/calculators/rods",
                                Map.of(
                                        "baseToAxisMm",
                                        66,
                                        "platesMm",
                                        List.of(11),
                                        "bracketDropsMm",
                                        List.of(6),
                                        "standard",
                                        "nato-rail"))
                        .status());
    }

    @Test
    void dockingGapAndKeys() {
        JsonNode plan = tech.post(
                        "/api/calculators/docking",
                        Map.of(
                                "reading",
                                Map.of(
                                        "top",
                                        0.55,
                                        "bottom",
                                        0.1,
                                        "left",
                                        0.2,
                                        "right",
                                        0.2,
                                        "stepUp",
                                        0,
                                        "stepLeft",
                                        0,
                                        "feelerDiameter",
                                        86,
                                        "lever",
                                        120,
                                        "base",
                                        110)))
                .json();
        assertEquals("PITCH", plan.at("/plan/steps/0/act").asString());
        assertEquals(
                0.832,
                tech.get("/api/calculators/power/lasting?wattHours=150&celsius=-4&watts=62&hours=6")
                        .json()
                        .path("factor")
                        .asDouble(),
                1e-9);
        assertEquals(
                400,
                tech.get("/api/calculators/power/lasting?wattHours=0&celsius=-4&watts=62&hours=6")
                        .status());
        assertTrue(tech.get("/api/calculators/power/output?watts=18&watts=9&endVolts=12&limitWatts=50&limitAmps=5")
                .json()
                .path("met")
                .asBoolean());
        assertEquals(
                0.25,
                tech.get("/api/calculators/power/cable?watts=60&endVolts=12&leastVolts=11&lengthMm=800")
                        .json()
                        .at("/1/sectionMm2")
                        .asDouble(),
                1e-9);
        assertEquals(
                "APPROVAL",
                tech.get("/api/calculators/power/cabin?wattHours=150&spares=5")
                        .json()
                        .path("rule")
                        .asString());
        JsonNode keys = tech.get("/api/calculators/keys").json();
        JsonNode four = keys.valueStream()
                .filter(k -> k.path("key").asString().equals("hex 4 mm"))
                .findFirst()
                .orElseThrow();
        assertTrue(four.path("near").toString().contains("hex 5/32 in"), four.toString());
    }

    /** The house makes a missing spare a stop: the kiln's transmitter has none; the job may say otherwise. */
    @Test
    void aWayOfWorkingIsAnsweredForTheHouseAndMayDifferForAJob() {
        String job = RunningApp.copyOf("kiln");
        assertEquals(403, tech.put("/api/house/ways/spares", answer("firm", "")).status());
        assertEquals(404, lead.put("/api/house/ways/none", answer("firm", "")).status());
        Client.Answer nonsense = lead.put("/api/house/ways/spares", answer("maybe", ""));
        assertEquals(400, nonsense.status());
        assertTrue(nonsense.detail().contains("there are only read, firm"), nonsense.detail());
        JsonNode done = lead.put("/api/house/ways/spares", answer("firm", "")).json();
        assertTrue(done.path("jobs").asInt() >= 5, done.toString());
        String turned = RunningApp.allJudged().path("turned").toString();
        assertTrue(turned.contains("Kiln"), turned);
        JsonNode spare = spare(job);
        assertEquals("STOP", spare.path("severity").asString());
        assertTrue(
                spare.path("why").asString().endsWith("What is a missing spare? A reason to stay (house)."),
                spare.toString());
        var brief = (tools.jackson.databind.node.ObjectNode)
                lead.get("/api/jobs/" + job).json().path("brief");
        ((tools.jackson.databind.node.ObjectNode) brief.path("asks"))
                .putObject("ways")
                .put("spares", "read");
        int revision = lead.get("/api/jobs/" + job).json().path("revision").asInt();
        assertEquals(
                200,
                lead.put("/api/jobs/" + job + "/brief", Map.of("revision", revision, "brief", brief))
                        .status());
        assertEquals("CAUTION", spare(job).path("severity").asString());
        assertEquals(200, lead.put("/api/house/ways/spares", answer("read", "")).status());
    }

    private static Map<String, String> answer(String option, String person) {
        return Map.of("option", option, "person", person);
    }

    /** Pia operates the kiln: her answer decides there, nowhere else, and is taken back by leaving it to the house. */
    @Test
    void anOperatorMayWorkOtherwise() {
        String job = RunningApp.copyOf("kiln");
        String pia = "Pia Lindqvane";
        assertTrue(lead.get("/api/house/operators").json().toString().contains(pia));
        assertEquals(
                200, lead.put("/api/house/ways/spares", answer("firm", pia)).status());
        assertTrue(
                spare(job).path("why").asString().endsWith("A reason to stay (operator)."),
                spare(job).toString());
        JsonNode hers = way(lead.get("/api/house/ways?person=Pia%20Lindqvane").json());
        assertEquals("firm", hers.path("chosen").asString());
        assertEquals(
                "read",
                way(lead.get("/api/house/ways").json()).path("chosen").asString(),
                "the house goes on as before");
        assertEquals(200, lead.put("/api/house/ways/spares", answer("", pia)).status());
        assertEquals("CAUTION", spare(job).path("severity").asString());
        assertEquals(
                "",
                way(lead.get("/api/house/ways?person=Pia%20Lindqvane").json())
                        .path("chosen")
                        .asString());
    }

    private static JsonNode way(JsonNode all) {
        return all.valueStream()
                .filter(w -> w.path("id").asString().equals("spares"))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode spare(String job) {
        return tech.bench(job)
                .path("findings")
                .valueStream()
                .filter(f -> f.path("check").asString().equals("package.spares"))
                .findFirst()
                .orElseThrow();
    }
}
