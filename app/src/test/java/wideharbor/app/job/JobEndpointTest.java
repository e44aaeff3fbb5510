package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.core.util.DefaultIndenter;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.core.util.Separators;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class JobEndpointTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");
    private final Client desk = RunningApp.as("desk");

    private static ObjectNode brief(Client client, String job) {
        return (ObjectNode) client.get("/api/jobs/" + job).json().path("brief");
    }

    private static Client.Answer change(Client client, String job, int revision, ObjectNode brief) {
        return client.put("/api/jobs/" + job + "/brief", Map.of("revision", revision, "brief", brief));
    }

    /** Looked at is fine, found, undecided or not checked; a check without a subject says so. */
    @Test
    void everyCheckTellsWhatItLookedAt() {
        JsonNode all = tech.get("/api/jobs/slack-water/checks").json();
        assertTrue(all.size() > 80, all.size() + " checks");
        int nothing = 0;
        for (JsonNode row : all) {
            int sum = row.path("fine").asInt()
                    + row.path("found").asInt()
                    + row.path("undecided").asInt()
                    + row.path("notChecked").asInt();
            assertEquals(row.path("looked").asInt(), sum, row.toString());
            nothing += sum == 0 ? 1 : 0;
        }
        assertTrue(nothing > 0 && nothing < all.size() / 2, nothing + " looked at nothing");
        assertEquals(404, tech.get("/api/jobs/nowhere/checks").status());
    }

    @Test
    void jobsComeByLoadOutWithTheirState() {
        JsonNode jobs = tech.get("/api/jobs").json().path("jobs");
        String last = "9999";
        for (JsonNode job : jobs) {
            assertTrue(job.path("loadAt").asString().compareTo(last) <= 0, "newest first");
            last = job.path("loadAt").asString();
        }
        assertTrue(tech.get("/api/jobs?search=slack+water")
                .json()
                .toString()
                .contains("\"verdict\":\"Held by 5 stops, 10 unread cautions\""));
    }

    /** Every word somewhere in title, place or operator; what a pattern would take for anything stands for itself. */
    @Test
    void aJobIsFoundByWordsOfAllItsFields() {
        assertTrue(found("hall+BELL+second").contains("second-bell"));
        assertTrue(found("varga+slack").contains("slack-water"));
        assertEquals(List.of(), found("bell+quarry"));
        assertEquals(List.of(), found("%25"));
        assertEquals(List.of(), found("slack_water"));
        assertEquals(List.of(), found("!"));
    }

    private List<String> found(String search) {
        return ids(tech.get("/api/jobs?search=" + search).json());
    }

    /**
     * However many old jobs are on file, what is to load out next is on the first page, is found, and is judged anew.
     */
    @Test
    void oldJobsDoNotHideTheLiveOnes() throws Exception {
        int old = 520;
        String base = RunningApp.copyOf("kiln");
        try (Connection database = RunningApp.database();
                PreparedStatement copy =
                        database.prepareStatement("INSERT INTO job (id, title, load_at, place, operator, stage, "
                                + "revision, state_no, brief, clear, stops, undecided, unread_cautions, "
                                + "configurations_clear, "
                                + "configurations_all, version) SELECT ?, 'Old', '2020-01-01 08:00', 'old "
                                + "quay', '', 'DISPATCHED', 1, 1, "
                                + "brief, 0, 0, 0, 0, 0, 0, 0 FROM job WHERE id = ?")) {
            for (int i = 0; i < old; i++) {
                copy.setString(1, "old-" + i);
                copy.setString(2, base);
                copy.executeUpdate();
            }
            try {
                JsonNode first = tech.get("/api/jobs").json();
                assertTrue(first.path("total").asInt() > old);
                assertEquals(first.path("size").asInt(), first.path("jobs").size());
                assertTrue(ids(first).contains(base), first.toString());
                JsonNode last = tech.get("/api/jobs?page="
                                + first.path("total").asInt()
                                        / first.path("size").asInt())
                        .json();
                assertTrue(ids(last).stream().allMatch(id -> id.startsWith("old-")), last.toString());
                assertEquals(
                        old,
                        tech.get("/api/jobs?search=old%20quay")
                                .json()
                                .path("total")
                                .asInt());
                JsonNode judged = lead.put("/api/house/ways/rods-straight", Map.of("option", "usual", "person", ""))
                        .json();
                assertTrue(judged.path("jobs").asInt() >= 5, judged.toString());
            } finally {
                database.createStatement().execute("DELETE FROM job WHERE id LIKE 'old-%'");
            }
        }
    }

    private static List<String> ids(JsonNode page) {
        return page.path("jobs").valueStream().map(j -> j.path("id").asString()).toList();
    }

    /** Warmer and shorter: the day's stop goes, and its requirement is met at once. */
    @Test
    void aChangedBriefIsJudgedAtOnce() {
        String job = RunningApp.copyOf("slack-water");
        ObjectNode brief = brief(desk, job);
        brief.put("temperatureC", 22);
        brief.put("hoursOn", 6);
        ((ObjectNode) brief.at("/asks/shoot")).putArray("day");
        Client.Answer answer = change(desk, job, 1, brief);
        assertEquals(200, answer.status(), answer.text());
        assertEquals(2, answer.json().path("revision").asInt());
        assertTrue(answer.json().path("requirements").toString().contains("\"id\":\"day\",\"status\":\"MET\"")
                || status(answer.json(), "day").equals("MET"));
        assertEquals(
                "Held by 4 stops, 10 unread cautions",
                tech.bench(job).path("verdict").asString());
    }

    private static String status(JsonNode job, String requirement) {
        for (JsonNode r : job.path("requirements")) {
            if (r.path("id").asString().equals(requirement)) {
                return r.path("status").asString();
            }
        }
        return "";
    }

    @Test
    void aStaleBriefIsRefusedWithTheNewerOne() {
        String job = RunningApp.copyOf("kiln");
        ObjectNode mine = brief(desk, job);
        mine.put("hoursOn", 7);
        assertEquals(200, change(desk, job, 1, mine).status());
        ObjectNode theirs = brief(lead, job);
        theirs.put("hoursOn", 5);
        Client.Answer stale = change(lead, job, 1, theirs);
        assertEquals(409, stale.status());
        assertEquals(7, stale.json().at("/newer/brief/hoursOn").asDouble());
        assertEquals(7, brief(lead, job).path("hoursOn").asDouble());
    }

    @Test
    void aBriefThatCannotBeIsRefusedWithTheLimit() {
        String job = RunningApp.copyOf("kiln");
        ObjectNode brief = brief(desk, job);
        brief.put("hoursOn", 40);
        says(change(desk, job, 1, brief), "Hours on must lie from 0.25 to 24 h, but was 40");
        brief = brief(desk, job);
        brief.put("back", "2026-01-01");
        says(change(desk, job, 1, brief), "Dates must run prep, load, shoot, return");
        brief = brief(desk, job);
        brief.putNull("place");
        Client.Answer missing = change(desk, job, 1, brief);
        says(missing, "place");
        assertEquals("brief.place", missing.json().at("/places/0/place").asString());
        brief = brief(desk, job);
        ((ObjectNode) brief.path("asks"))
                .putArray("tapes")
                .addObject()
                .put("what", "door")
                .put("distanceMm", 2)
                .put("lens", "");
        Client.Answer close = change(desk, job, 1, brief);
        says(close, "Taped distance must lie from 10");
        assertEquals("brief.asks.tapes[0]", close.json().at("/places/0/place").asString());
        assertEquals(1, tech.get("/api/jobs/" + job).json().path("revision").asInt());
    }

    private static void says(Client.Answer answer, String words) {
        assertEquals(400, answer.status(), answer.text());
        assertTrue(answer.detail().contains(words), answer.text());
    }

    /** From brief to door: mend, read, build, two signatures, out; and what stands in the way on each step. */
    @Test
    void fromHeldToDispatched() {
        String job = RunningApp.copyOf("slack-water");
        OnTheWay.checked(job);
        Client.Answer held = tech.post("/api/jobs/" + job + "/sign", Map.of());
        assertEquals(409, held.status());
        assertEquals("Held by 5 stops, 10 unread cautions: a held package is not signed.", held.detail());
        assertTrue(tech.get("/api/jobs/" + job + "/dispatch")
                .json()
                .path("heldBy")
                .toString()
                .contains(": 74 mm short"));
        tech.mend(job);
        tech.readAll(job);
        assertEquals("Clear", tech.bench(job).path("verdict").asString());
        assertEquals(409, tech.post("/api/jobs/" + job + "/sign", Map.of()).status(), "mending reopened it");
        OnTheWay.checked(job);
        assertEquals(200, tech.post("/api/jobs/" + job + "/sign", Map.of()).status());
        Client.Answer twice = tech.post("/api/jobs/" + job + "/sign", Map.of());
        assertEquals(409, twice.status());
        assertTrue(twice.detail().contains("another person"), twice.detail());
        assertEquals(
                409,
                tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED).status(),
                "one signature is not enough");
        JsonNode signed = lead.post("/api/jobs/" + job + "/sign", Map.of()).json();
        assertEquals("SIGNED", signed.path("stage").asString());
        assertEquals(2, signed.path("signatures").size());
        assertEquals(
                409,
                tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED).status(),
                "nothing is in a case yet");
        OnTheWay.scanned(job);
        assertEquals(200, tech.post("/api/jobs/" + job + "/packed", Map.of()).status());
        assertEquals(
                "DISPATCHED",
                tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED)
                        .json()
                        .path("stage")
                        .asString());
        Client.Answer out = tech.edit(job, "SET", Map.of("key", "rods:rods:0", "value", -50));
        assertEquals(409, out.status());
        assertTrue(out.detail().contains("recall"), out.detail());
        JsonNode recalled = lead.post("/api/jobs/" + job + "/recall", Map.of()).json();
        assertEquals("DRAFT", recalled.path("stage").asString());
        assertEquals(0, recalled.path("signatures").size(), "old signatures do not count for the new revision");
    }

    @Test
    void anyEditAfterSigningReopens() {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.signed(job);
        tech.edit(job, "SET", Map.of("key", "handle:base:0", "value", 3));
        JsonNode now = tech.get("/api/jobs/" + job + "/dispatch").json();
        assertEquals("DRAFT", now.path("stage").asString());
        assertEquals(0, now.path("signatures").size());
        assertTrue(now.path("stageNote").asString().startsWith("It was signed at revision"), now.toString());
    }

    @Test
    void aWaiverHoldsUntilItGetsWorse() {
        String job = RunningApp.copyOf("slack-water");
        String rods = "rods.reach|front|a|studio|a135|part:rods";
        assertEquals(
                409,
                lead.post("/api/jobs/" + job + "/reads", Map.of("finding", rods))
                        .status(),
                "a stop is not read away");
        assertEquals(
                400,
                lead.post("/api/jobs/" + job + "/waivers", Map.of("finding", rods, "reason", " "))
                        .status());
        assertEquals(
                204,
                lead.post("/api/jobs/" + job + "/waivers", Map.of("finding", rods, "reason", "clip-on box on the 135"))
                        .status());
        assertEquals(
                "Held by 4 stops, 10 unread cautions",
                tech.bench(job).path("verdict").asString());
        tech.post(
                "/api/jobs/" + job + "/builds/a/edits",
                Map.of(
                        "revision",
                        1,
                        "configuration",
                        "studio",
                        "lens",
                        "a135",
                        "only",
                        false,
                        "request",
                        Client.request("SET", Map.of("key", "box:rods:0", "value", 360))));
        assertEquals(
                "Held by 5 stops, 10 unread cautions",
                tech.bench(job).path("verdict").asString());
    }

    @Test
    void theFileOfAJobIsReadBackWithoutLoss() {
        String job = RunningApp.copyOf("slack-water");
        tech.edit(job, "REMOVE", Map.of("placements", List.of("clip"), "withDependants", false));
        String file = tech.get("/api/jobs/" + job + "/package.harbor.json").text();
        String copy = job + "-back";
        Client.Answer taken = lead.upload(
                "/api/packages",
                file.replaceFirst("\"id\" : \"" + job + "\"", "\"id\" : \"" + copy + "\"")
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertEquals(201, taken.status(), taken.text());
        assertEquals(tech.bench(job).path("stack"), tech.bench(copy).path("stack"));
        assertEquals(tech.bench(job).path("findings"), tech.bench(copy).path("findings"));
        assertEquals(tech.bench(job).path("removed"), tech.bench(copy).path("removed"));
    }

    @Test
    void aHostileFileStoresNothing() {
        int before = lead.get("/api/jobs").json().path("total").asInt();
        byte[] whole = RunningApp.packageFile("kiln", "half");
        Client.Answer half = lead.upload("/api/packages", java.util.Arrays.copyOf(whole, whole.length - 500));
        assertEquals(422, half.status());
        assertTrue(half.detail().contains("line ") && half.detail().contains("Nothing was stored"), half.detail());
        String circle = new String(RunningApp.packageFile("kiln", "circle"), java.nio.charset.StandardCharsets.UTF_8)
                .replaceFirst("\"parent\": \"body:base\"", "\"parent\": \"head:top\"");
        Client.Answer round = lead.upload("/api/packages", circle.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertEquals(422, round.status());
        assertTrue(round.json().path("places").toString().contains("/builds/0"), round.text());
        Client.Answer deep = lead.upload(
                "/api/packages", "[".repeat(10_000_000).getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        assertEquals(422, deep.status());
        Client.Answer again = lead.upload("/api/packages", RunningApp.packageFile("kiln", "kiln"));
        assertEquals(409, again.status());
        assertEquals(before, lead.get("/api/jobs").json().path("total").asInt());
    }

    @Test
    void thePullListIsACsvWithAName() {
        String csv = tech.get("/api/jobs/kiln/pull-list.csv").text();
        assertTrue(csv.startsWith("category,item,"), csv);
        assertTrue(csv.contains("Matte box, two stage"), csv);
    }

    /** Every piece of the pull list is in a case, or in none, once. */
    @Test
    void thePackingListHasEveryPieceOnce() {
        JsonNode dispatch = tech.get("/api/jobs/slack-water/dispatch").json();
        int pulled = dispatch.path("lines")
                .valueStream()
                .mapToInt(l -> l.path("pieces").asInt())
                .sum();
        int cases = dispatch.path("cases").size();
        int packed = dispatch.path("cases")
                .valueStream()
                .flatMap(c -> c.path("contents").valueStream())
                .mapToInt(p -> p.path("pieces").asInt())
                .sum();
        int loose = dispatch.path("loose")
                .valueStream()
                .mapToInt(p -> p.path("pieces").asInt())
                .sum();
        assertEquals(
                pulled,
                packed
                        + loose
                        + (int) dispatch.path("cases")
                                .valueStream()
                                .filter(c -> c.path("inKit").asBoolean())
                                .count());
        String csv = tech.get("/api/jobs/slack-water/packing-list.csv").text();
        assertTrue(csv.startsWith("case,case_name,item,name,pieces"), csv);
        assertTrue(csv.contains("\n" + cases + ","), csv);
    }

    /** The description that the interface's types are made from is the one that is served. */
    @Test
    void theDescriptionOfTheEndpointsIsTheCommittedOne() throws IOException {
        JsonMapper mapper = new JsonMapper();
        Path file = Path.of("..", "ui", "src", "shared", "api", "openapi.json");
        JsonNode served = tech.get("/v3/api-docs").json();
        if (Boolean.getBoolean("harbor.write-docs")) {
            Files.writeString(file, sorted(mapper, served));
        }
        assertEquals(mapper.readTree(Files.readString(file)), served);
    }

    /** Keys in order, a line each, so that a change shows as what it is. */
    private static String sorted(JsonMapper mapper, JsonNode served) {
        Separators close = Separators.createDefaultInstance()
                .withObjectNameValueSpacing(Separators.Spacing.AFTER)
                .withArrayEmptySeparator("")
                .withObjectEmptySeparator("");
        DefaultIndenter line = new DefaultIndenter(" ", "\n");
        return mapper.writer()
                        .with(new DefaultPrettyPrinter(close)
                                .withObjectIndenter(line)
                                .withArrayIndenter(line))
                        .with(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                        .writeValueAsString(mapper.convertValue(served, Map.class))
                + "\n";
    }

    @Test
    void aScreensAddressAnswersWithTheInterface() {
        assertTrue(Client.anonymous(RunningApp.url())
                .get("/jobs/kiln/bench")
                .text()
                .contains("<div id=\"root\">"));
        assertEquals(404, tech.get("/api/nothing-here").status());
        assertEquals(404, tech.get("/assets/none.js").status());
    }

    /** The clamp that hangs wants 5/32 in; what is packed is 4 mm. */
    @Test
    void theDispatchNamesTheKeyThatIsMissing() {
        var first = RunningApp.as("tech")
                .get("/api/jobs/" + RunningApp.copyOf("kiln") + "/dispatch")
                .json()
                .at("/screws/0");
        assertEquals("hex 5/32 in", first.at("/keys/0").asString(), first.toString());
        assertEquals("hex 4 mm", first.at("/near/0").asString());
        assertEquals(0, first.path("held").size());
    }

    /** A title is text, whatever stands in it: it prints as it is, and nothing is fetched for it. */
    @Test
    void aTitleIsOnlyText() throws Exception {
        AtomicInteger asked = new AtomicInteger();
        HttpServer outside = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        outside.createContext("/", exchange -> {
            asked.incrementAndGet();
            exchange.sendResponseHeaders(404, -1);
        });
        outside.start();
        try {
            String address = "http://127.0.0.1:" + outside.getAddress().getPort() + "/x";
            for (String title : List.of(
                    "Salt & Pepper",
                    "Tom’s 'best' \\ day",
                    "</style><link href=\"" + address + "\" rel=\"stylesheet\">",
                    "<img src=\"" + address + "\">")) {
                String id = RunningApp.copyOf("kiln") + "-titled";
                ObjectNode file = (ObjectNode) JsonMapper.shared().readTree(RunningApp.packageFile("kiln", id));
                file.put("title", title);
                assertEquals(
                        201,
                        lead.upload("/api/packages", JsonMapper.shared().writeValueAsBytes(file))
                                .status());
                assertTrue(
                        words(tech.get("/api/jobs/" + id + "/pull-list.pdf")).contains(title.substring(0, 8)), title);
                assertEquals(
                        200,
                        tech.get("/api/jobs/" + id + "/builds/a/signals/labels.pdf")
                                .status(),
                        title);
            }
        } finally {
            outside.stop(0);
        }
        assertEquals(0, asked.get(), "the server fetches nothing for a paper");
    }

    private static String words(Client.Answer paper) throws IOException {
        assertEquals(200, paper.status());
        try (var document = org.apache.pdfbox.Loader.loadPDF(paper.bytes())) {
            return new org.apache.pdfbox.text.PDFTextStripper().getText(document);
        }
    }

    /** Paper for the shelf: a PDF of a page or more with the lines in it. */
    @Test
    void thePullListIsAlsoPaper() throws Exception {
        var answer = tech.get("/api/jobs/slack-water/pull-list.pdf");
        assertEquals(200, answer.status());
        try (var document = org.apache.pdfbox.Loader.loadPDF(answer.bytes())) {
            String words = new org.apache.pdfbox.text.PDFTextStripper().getText(document);
            assertTrue(document.getNumberOfPages() >= 1);
            assertTrue(words.contains("Slack Water, pull list"), words);
            assertTrue(words.contains("Shoulder pad on a dovetail, narrow"), words);
            assertTrue(words.contains("−") || words.contains("Battery 150 Wh"), words);
            assertTrue(words.contains("not weighed"), words);
        }
    }
}
