package wideharbor.app.assembly;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** Steps of a rig, ticked. */
@ExtendWith(RunningApp.class)
class AssemblyEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    private static String of(String job) {
        return "/api/jobs/" + job + "/builds/a/assembly";
    }

    private JsonNode sheet(String job) {
        Client.Answer answer = tech.get(of(job));
        assertEquals(200, answer.status(), answer.text());
        return answer.json();
    }

    private static JsonNode step(JsonNode sheet, String key) {
        return sheet.path("steps")
                .valueStream()
                .filter(s -> s.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step " + key));
    }

    private static Map<String, Object> tick(String id, JsonNode step, boolean done, String remark) {
        return Map.of(
                "id",
                id,
                "step",
                step.path("key").asString(),
                "print",
                step.path("print").asString(),
                "done",
                done,
                "minutes",
                2.5,
                "remark",
                remark);
    }

    private static Client.Answer send(Client who, String job, List<Map<String, Object>> ticks) {
        return who.post(of(job) + "/ticks", Map.of("ticks", ticks));
    }

    @Test
    void theOrderIsToldWithItsReasons() {
        JsonNode sheet = sheet("slack-water");
        assertEquals("LAY", sheet.at("/steps/0/act").asString());
        JsonNode lens = step(sheet, "fit:lens-a40");
        assertTrue(lens.path("title").asString().startsWith("Anamorphic 40"), lens.toString());
        assertTrue(sheet.path("setUpMinutes").asDouble()
                <= sheet.path("plainSetUpMinutes").asDouble());
        assertTrue(sheet.path("leastSetUpMinutes").asDouble()
                <= sheet.path("setUpMinutes").asDouble());
        JsonNode last = sheet.path("steps").path(sheet.path("steps").size() - 1);
        assertEquals("BALANCE", last.path("act").asString());
    }

    @Test
    void aTickSentTwiceCountsOnceAndCanBeTakenBack() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode first = sheet(job).at("/steps/1");
        String id = UUID.randomUUID().toString();
        JsonNode done = send(tech, job, List.of(tick(id, first, true, "tight"))).json();
        assertEquals(1, done.path("done").asInt());
        JsonNode tick = step(done, first.path("key").asString()).path("tick");
        assertEquals("tight", tick.path("remark").asString());
        assertFalse(tick.path("who").asString().isEmpty());
        JsonNode back = send(lead, job, List.of(tick(UUID.randomUUID().toString(), first, false, "")))
                .json();
        assertEquals(0, back.path("done").asInt());
        // The first comes once more, late: it is known, and the step stays as it was left.
        assertEquals(
                0,
                send(tech, job, List.of(tick(id, first, true, "tight")))
                        .json()
                        .path("done")
                        .asInt());
    }

    /** One tick that comes eight times at once, as it does when a network comes back: once, and nobody is refused. */
    @Test
    void theSameTickAtOnceIsOne() {
        String job = RunningApp.copyOf("kiln");
        JsonNode first = sheet(job).at("/steps/0");
        String id = UUID.randomUUID().toString();
        List<Integer> answers = java.util.stream.IntStream.range(0, 8)
                .parallel()
                .mapToObj(
                        i -> send(tech, job, List.of(tick(id, first, true, ""))).status())
                .toList();
        assertEquals(java.util.Collections.nCopies(8, 200), answers);
        assertEquals(1, sheet(job).path("done").asInt());
    }

    @Test
    void whatHasLeftIsNotTicked() throws java.sql.SQLException {
        String job = RunningApp.copyOf("kiln");
        JsonNode first = sheet(job).at("/steps/0");
        try (var connection = RunningApp.database();
                var statement = connection.prepareStatement(
                        "UPDATE job SET stage = 'DISPATCHED', state_no = state_no + 1 WHERE id = ?")) {
            statement.setString(1, job);
            assertEquals(1, statement.executeUpdate());
        }
        Client.Answer refused = send(tech, job, List.of(tick(UUID.randomUUID().toString(), first, true, "")));
        assertEquals(409, refused.status(), refused.text());
        assertTrue(refused.detail().contains("dispatched"), refused.detail());
    }

    @Test
    void theWayBackBeginsWithWhatCameLast() {
        JsonNode back = tech.get(of("slack-water") + "?back=true").json();
        assertEquals("BALANCE", back.at("/steps/0/act").asString());
        assertEquals(
                "Battery 150 Wh off Battery plate P-50",
                back.at("/steps/1/title").asString());
        JsonNode last = back.path("steps").path(back.path("steps").size() - 1);
        assertEquals("Put away Body Quellmar Tern", last.path("title").asString());
        assertTrue(last.path("on").isEmpty());
    }

    /** Every step is on the paper, what is done is crossed, and the verdict stands on it. */
    @Test
    void theStepsAreOnPaper() throws Exception {
        String job = RunningApp.copyOf("slack-water");
        JsonNode sheet = sheet(job);
        send(tech, job, List.of(tick(UUID.randomUUID().toString(), sheet.at("/steps/0"), true, "")));
        Client.Answer paper = tech.get(of(job) + ".pdf");
        assertEquals(200, paper.status(), paper.text());
        try (var document = org.apache.pdfbox.Loader.loadPDF(paper.bytes())) {
            String words = new org.apache.pdfbox.text.PDFTextStripper()
                    .getText(document)
                    .replaceAll("\\s+", " ");
            assertTrue(words.contains("Lay out Body Quellmar Tern"), words);
            assertTrue(words.contains("Hard: it bears the rig."), words);
            assertTrue(words.contains("42 steps"), words);
            assertTrue(words.contains("Held by 5 stops"), words);
            assertTrue(words.contains("×"), words);
            assertTrue(document.getNumberOfPages() >= 2);
        }
    }

    @Test
    void ticksBelongToTheWayItIsWorn() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode first = sheet(job).at("/steps/0");
        send(tech, job, List.of(tick(UUID.randomUUID().toString(), first, true, "")));
        assertEquals(1, sheet(job).path("done").asInt());
        assertEquals(
                0,
                tech.get(of(job) + "?configuration=shoulder")
                        .json()
                        .path("done")
                        .asInt());
    }

    @Test
    void whatIsNoStepIsRefusedAndNothingIsStored() {
        String job = RunningApp.copyOf("kiln");
        JsonNode first = sheet(job).at("/steps/0");
        Map<String, Object> unknown = Map.of(
                "id",
                UUID.randomUUID().toString(),
                "step",
                "fit:nothing",
                "print",
                "0",
                "done",
                true,
                "minutes",
                0,
                "remark",
                "");
        Client.Answer refused = send(tech, job, List.of(tick(UUID.randomUUID().toString(), first, true, ""), unknown));
        assertEquals(409, refused.status(), refused.text());
        assertTrue(refused.detail().contains("fit:nothing"), refused.detail());
        assertEquals(0, sheet(job).path("done").asInt());
        assertEquals(400, send(tech, job, List.of()).status());
        assertEquals(
                400, send(tech, job, List.of(tick("short", first, true, ""))).status());
    }

    /** A tick says what was done; where something else is to be done now, it no longer counts. */
    @Test
    void aStepThatChangedIsToBeDoneAgain() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode lens = step(sheet(job), "fit:rods");
        Map<String, Object> other = Map.of(
                "id",
                UUID.randomUUID().toString(),
                "step",
                lens.path("key").asString(),
                "print",
                "otherwise",
                "done",
                true,
                "minutes",
                0,
                "remark",
                "");
        JsonNode sheet = send(tech, job, List.of(other)).json();
        assertTrue(step(sheet, "fit:rods").at("/tick/stale").asBoolean());
        assertEquals(0, sheet.path("done").asInt());
    }
}
