package wideharbor.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class BenchEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private static JsonNode row(JsonNode bench, String placement) {
        for (JsonNode row : bench.path("stack")) {
            if (row.path("placement").asString().equals(placement)) {
                return row;
            }
        }
        throw new AssertionError("no row " + placement);
    }

    private static double rodSlide(JsonNode bench) {
        return row(bench, "rods").at("/settings/0/value").asDouble();
    }

    @Test
    void anIdThatIsNoneIsRefusedWithItsPlace() {
        String job = RunningApp.copyOf("slack-water");
        Client.Answer lens = tech.get("/api/jobs/" + job + "/builds/a/bench?lens=50%2Fmm");
        assertEquals(400, lens.status());
        assertTrue(lens.detail().startsWith("lens "), lens.detail());
        assertTrue(lens.detail().contains("but was '50/mm'"), lens.detail());
        assertEquals(404, tech.get("/api/jobs/" + job + "/builds/z/bench").status());
        Client.Answer category = tech.get("/api/catalogue?category=sofa");
        assertEquals(400, category.status());
        assertTrue(category.detail().contains("'sofa' is none of [BODY, LENS"), category.detail());
    }

    @Test
    void theBenchTellsWhatTheCoreComputed() {
        JsonNode bench = tech.bench(RunningApp.copyOf("slack-water"));
        assertEquals(
                "Held by 5 stops, 10 unread cautions", bench.path("verdict").asString());
        assertEquals(83, bench.at("/meters/rods/has").asDouble(), 1e-6);
        assertEquals(27, bench.path("stack").size());
        assertEquals(
                "house legs without a label, never weighed",
                row(bench, "legs").at("/mass/reason").asString());
        assertEquals(640, row(bench, "monitor").at("/mass/low").asDouble());
        assertEquals("rods.axis-height", bench.at("/findings/0/check").asString());
        assertTrue(
                row(bench, "bridge").path("carries").toString().contains("Matte box"),
                "the rods carry the matte box along");
    }

    @Test
    void aFixIsAppliedAndItsFindingIsGone() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode first = tech.bench(job).at("/findings/0");
        JsonNode remedy = tech.remedies(job, first).get(0);
        assertEquals("Riser R-2 under Quick plate Q-11", remedy.path("title").asString());
        Client.Answer answer = tech.edit(
                job,
                "FIX",
                Map.of(
                        "finding",
                        first.path("key").asString(),
                        "fix",
                        remedy.path("id").asString()));
        assertEquals(200, answer.status(), answer.text());
        assertEquals(85, answer.json().at("/meters/rods/has").asDouble(), 1e-6);
        assertEquals(
                "Fix: Riser R-2 under Quick plate Q-11",
                answer.json().path("undo").asString());
        Client.Answer again = tech.edit(
                job,
                "FIX",
                Map.of(
                        "finding",
                        first.path("key").asString(),
                        "fix",
                        remedy.path("id").asString()));
        assertEquals(409, again.status());
        assertTrue(again.detail().contains("gone already"));
        assertEquals(
                409, tech.get(Client.remediesPath(job, first)).status(), "nothing mends a finding that is not there");
    }

    @Test
    void aStaleEditIsRefusedWithTheNewerStateAndOverwritesNothing() {
        String job = RunningApp.copyOf("kiln");
        int seen = tech.revision(job);
        assertEquals(
                200,
                RunningApp.as("lead")
                        .edit(job, "SET", Map.of("key", "rods:rods:0", "value", -55))
                        .status());
        Client.Answer stale = tech.edit(job, seen, "SET", Map.of("key", "rods:rods:0", "value", -40));
        assertEquals(409, stale.status());
        assertTrue(stale.detail().contains("Nothing was overwritten"), stale.detail());
        assertEquals(seen + 1, stale.json().at("/newer/revision").asInt());
        assertEquals(-55, rodSlide(stale.json().path("newer")), 1e-9);
        assertEquals(-55, rodSlide(tech.bench(job)), 1e-9);
    }

    /** What is tried while the part is still in the hand is what the edit brings there, and leaves nothing behind. */
    @Test
    void aTrialForetellsTheEditAndStoresNothing() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode before = tech.bench(job);
        int seen = before.path("revision").asInt();
        Map<String, Object> slide = Map.of("key", "box:rods:0", "value", 190);
        JsonNode tried = tech.trial(job, seen, "SET", slide).json();
        assertTrue(tried.path("findings").size() > 0);
        assertTrue(!tried.path("meters").equals(before.path("meters")), "the matte box is mass: the balance shifts");
        assertEquals(before, tech.bench(job), "nothing is stored");
        assertEquals(
                0, tech.get("/api/jobs/" + job + "/builds/a/journal").json().size());
        JsonNode done = tech.edit(job, seen, "SET", slide).json();
        for (String part : List.of("findings", "stack", "meters")) {
            assertEquals(tried.path(part), done.path(part), part);
        }
        // The configuration looked at is judged ahead; the other stands as it did until the edit is made.
        assertEquals(tried.at("/configurations/0"), done.at("/configurations/0"));
        assertEquals(before.at("/configurations/1"), tried.at("/configurations/1"));
        Client.Answer late = tech.trial(job, seen, "SET", slide);
        assertEquals(409, late.status(), "it was asked of a revision that no longer stands");
    }

    /** Eight people press at the same moment with the same revision in view: one is done, seven are told. */
    @Test
    void ofManyAtOnceExactlyOneIsDone() throws Exception {
        String job = RunningApp.copyOf("kiln");
        int seen = tech.revision(job);
        ExecutorService pool = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> presses = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                int value = -50 - i;
                Client client = RunningApp.as(i % 2 == 0 ? "tech" : "lead");
                presses.add(() -> client.edit(job, seen, "SET", Map.of("key", "rods:rods:0", "value", value))
                        .status());
            }
            List<Integer> codes = new ArrayList<>();
            for (Future<Integer> done : pool.invokeAll(presses)) {
                codes.add(done.get());
            }
            assertEquals(1, codes.stream().filter(c -> c == 200).count(), codes.toString());
            assertEquals(7, codes.stream().filter(c -> c == 409).count(), codes.toString());
        } finally {
            pool.shutdownNow();
        }
        assertEquals(seen + 1, tech.revision(job));
        assertEquals(
                1, tech.get("/api/jobs/" + job + "/builds/a/journal").json().size());
    }

    @Test
    void anyNumberOfStepsIsUndoneAndRedoneAlsoAfterARestart() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode before = tech.bench(job);
        for (int i = 1; i <= 6; i++) {
            assertEquals(
                    200,
                    tech.edit(job, "SET", Map.of("key", "rods:rods:0", "value", -52 - i))
                            .status());
        }
        tech.edit(job, "REMOVE", Map.of("placements", List.of("bridge"), "withDependants", true));
        for (int i = 0; i < 4; i++) {
            assertEquals(200, tech.step(job, "undo", false).status());
        }
        ConfigurableApplicationContext restarted = RunningApp.node();
        try {
            Client there = Client.signedIn(RunningApp.url(restarted), "tech", RunningApp.PASSWORD);
            for (int i = 0; i < 3; i++) {
                assertEquals(200, there.step(job, "undo", false).status());
            }
            assertEquals(409, there.step(job, "undo", false).status());
            JsonNode undone = there.bench(job);
            assertEquals(before.path("stack"), undone.path("stack"));
            assertEquals(before.path("findings"), undone.path("findings"));
            assertEquals(before.path("meters"), undone.path("meters"));
            for (int i = 0; i < 6; i++) {
                assertEquals(200, there.step(job, "redo", false).status());
            }
            assertEquals(-58, rodSlide(there.bench(job)), 1e-9);
        } finally {
            restarted.close();
        }
        assertEquals(
                "Take off Bridge plate B-15 with what hangs on it",
                tech.bench(job).path("redo").asString());
        tech.edit(job, "SET", Map.of("key", "rods:rods:0", "value", -52));
        assertEquals("", tech.bench(job).path("redo").asString(), "a new edit ends redo");
    }

    /** Two slides are pushed after the rig was remembered; the way back is one entry, and it is exact. */
    @Test
    void aRigComesBackAsItWasLeft() {
        String job = RunningApp.copyOf("slack-water");
        String left = "/api/jobs/" + job + "/builds/a/left";
        Client.Answer kept = tech.post(left, Map.of("configuration", "", "lens", "", "note", "wrap of night one"));
        assertEquals(200, kept.status(), kept.detail());
        JsonNode state = kept.json().get(0);
        assertEquals("wrap of night one", state.path("note").asString());
        assertEquals(0, state.path("strayed").size());
        JsonNode before = tech.bench(job);
        tech.edit(job, "SET", Map.of("key", "box:rods:0", "value", 236));
        tech.edit(job, "SET", Map.of("key", "handle:base:0", "value", 4));
        JsonNode strayed = tech.get(left).json().get(0).path("strayed");
        assertEquals(2, strayed.size(), strayed.toString());
        String id = state.path("id").asString();
        assertTrue(tech.get(left + "/" + id + "/drawing").json().path("parts").size() > 20);
        Client.Answer back = tech.edit(job, "COME_BACK", Map.of("state", id));
        assertEquals("Back as it was left, 2 numbers", back.json().path("undo").asString());
        assertEquals(before.path("stack"), tech.bench(job).path("stack"));
        assertEquals(422, tech.edit(job, "COME_BACK", Map.of("state", id)).status(), "there is nothing to set back");
        assertEquals(400, tech.edit(job, "COME_BACK", Map.of("state", "x")).status());
        assertEquals(404, tech.edit(job, "COME_BACK", Map.of("state", "999999")).status());
    }

    @Test
    void handsMeetTheRigWhereTheCoreSays() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode hands = tech.get("/api/jobs/" + job + "/builds/a/hands?configuration=shoulder")
                .json();
        assertEquals(1680, hands.path("heightMm").asDouble());
        assertEquals(4, hands.path("sides").size());
        assertTrue(hands.at("/sides/2/safe").toString().contains("Top handle TH-2"), hands.toString());
        assertEquals(1, hands.path("finders").size());
        assertTrue(hands.at("/putDown/contacts").toString().contains("Shoulder pad"), hands.toString());
        assertEquals(
                0,
                tech.get("/api/jobs/" + job + "/builds/a/hands?configuration=studio")
                        .json()
                        .path("finders")
                        .size());
    }

    @Test
    void aTightRoomPutsTheBatteryOnTop() {
        String job = RunningApp.copyOf("slack-water");
        int revision = tech.revision(job);
        Client.Answer tight = tech.post(
                "/api/jobs/" + job + "/builds/a/edits",
                Map.of(
                        "revision",
                        revision,
                        "configuration",
                        "shoulder",
                        "lens",
                        "",
                        "only",
                        false,
                        "request",
                        Client.request("TIGHT", Map.of("title", "In the wheelhouse"))));
        assertEquals(200, tight.status(), tight.detail());
        assertEquals("in-the-wheelhouse", tight.json().path("configuration").asString());
        JsonNode sides = tech.get(
                        "/api/jobs/" + job + "/builds/a/compare?configuration=shoulder&with=in-the-wheelhouse")
                .json();
        assertTrue(
                sides.at("/other/deepMm").asDouble() < sides.at("/one/deepMm").asDouble(), sides.toString());
        Client.Answer sticks = tech.edit(job, tech.revision(job), "TIGHT", Map.of("title", "Shorter on sticks"));
        assertEquals(200, sticks.status(), "legs and pan bar make it no longer: " + sticks.detail());
        Client.Answer none = tech.post(
                "/api/jobs/" + job + "/builds/a/edits",
                Map.of(
                        "revision",
                        tech.revision(job),
                        "configuration",
                        "in-the-wheelhouse",
                        "lens",
                        "",
                        "only",
                        false,
                        "request",
                        Client.request("TIGHT", Map.of("title", "Shorter still"))));
        assertEquals(422, none.status());
        assertTrue(none.detail().contains("No battery stands behind"), none.detail());
    }

    @Test
    void undoingAnotherPersonsEditAsksFirst() {
        String job = RunningApp.copyOf("kiln");
        RunningApp.as("lead").edit(job, "SET", Map.of("key", "rods:rods:0", "value", -55));
        Client.Answer asked = tech.step(job, "undo", false);
        assertEquals(409, asked.status());
        assertTrue(asked.detail().contains("Mirela Osk's"), asked.detail());
        assertEquals(200, tech.step(job, "undo", true).status());
        assertEquals(-58, rodSlide(tech.bench(job)), 1e-9);
    }

    @Test
    void takingAPartOffLeavesItsDependantsLooseUntilItIsBack() {
        String job = RunningApp.copyOf("kiln");
        JsonNode off = tech.edit(job, "REMOVE", Map.of("placements", List.of("rods"), "withDependants", false))
                .json();
        assertEquals(2, off.path("loose").size());
        assertEquals(
                "since Rods 15 mm pair, 250 was taken off",
                off.at("/loose/0/why").asString());
        Client.Answer onRemoved = tech.edit(job, "SET", Map.of("key", "rods:rods:0", "value", 1));
        assertEquals(422, onRemoved.status());
        assertEquals(
                "Rods 15 mm pair, 250 was taken off the rig; put it back before it is changed.", onRemoved.detail());
        JsonNode back = tech.edit(job, "RESTORE", Map.of("placement", "rods")).json();
        assertEquals(0, back.path("loose").size());
    }

    @Test
    void aPartIsAddedToAFreePortFromWhatMates() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode ports = tech.get("/api/jobs/" + job + "/builds/a/ports").json();
        assertTrue(ports.toString().contains("body:right"), ports.toString());
        JsonNode page = tech.get("/api/jobs/" + job + "/builds/a/fit?port=body:right&search=shelf")
                .json();
        JsonNode offers = page.path("offers");
        assertEquals(offers.size(), page.path("total").asInt());
        JsonNode shelf = offers.get(0);
        for (JsonNode offer : offers) {
            shelf = offer.path("name").asString().equals("Side shelf, 1/4-20") ? offer : shelf;
        }
        assertTrue(shelf.path("addsGrams").asDouble() > 0, offers.toString());
        JsonNode added = tech.edit(
                        job,
                        "ADD",
                        Map.of(
                                "port",
                                "body:right",
                                "item",
                                shelf.path("item").asString(),
                                "itemPort",
                                shelf.path("port").asString()))
                .json();
        assertEquals(
                "Side shelf, 1/4-20", row(added, "side-shelf").path("title").asString());
        Client.Answer taken =
                tech.edit(job, "ADD", Map.of("port", "body:right", "item", "side-shelf@1", "itemPort", "foot"));
        assertEquals(422, taken.status());
        assertTrue(taken.detail().contains("is taken"), taken.detail());
    }

    @Test
    void weighingClosesTheOpenMass() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode weighed = tech.edit(job, "WEIGH", Map.of("placement", "legs", "grams", 4150))
                .json();
        assertEquals(4150, row(weighed, "legs").at("/mass/value").asDouble());
        assertEquals(0, weighed.at("/meters/mass/wholeUnweighed").size());
        assertTrue(!weighed.path("findings").toString().contains("mass.known"));
    }

    @Test
    void anArmsTipIsBroughtToAPointOrToldHowFarShort() {
        String job = RunningApp.copyOf("kiln");
        JsonNode leaning = row(
                        tech.edit(job, "SET", Map.of("key", "arm:swing:0", "value", 20))
                                .json(),
                        "arm")
                .path("tip");
        tech.edit(job, "SET", Map.of("key", "arm:swing:0", "value", 0));
        List<Double> there = leaning.valueStream().map(JsonNode::asDouble).toList();
        JsonNode moved =
                tech.edit(job, "TIP", Map.of("placement", "arm", "at", there)).json();
        assertEquals(there.get(1), row(moved, "arm").at("/tip/1").asDouble(), 1, moved.toString());
        says(tech.edit(job, "TIP", Map.of("placement", "arm", "at", List.of(-900, 0, 0))), 422, "does not reach there");
        says(tech.edit(job, "TIP", Map.of("placement", "arm", "at", List.of(1))), 400, "three figures");
        says(tech.edit(job, "TIP", Map.of("placement", "rods", "at", List.of(1, 2, 3))), 422, "is no arm");
    }

    @Test
    void anImprovisedUseIsToldToWhoeverComesAfter() {
        String job = RunningApp.copyOf("kiln");
        says(
                tech.edit(job, "IMPROVISE", Map.of("placement", "box", "limit", " ")),
                422,
                "Say what the part is made for");
        JsonNode after = tech.edit(
                        job, "IMPROVISE", Map.of("placement", "box", "limit", "Braces the lens; 1 kg at most."))
                .json();
        assertEquals("IMPROVISED", row(after, "box").path("confidence").asString());
        assertTrue(after.path("findings").toString().contains("joints.improvised"));
        JsonNode tried = tech.edit(job, "TRIED", Map.of("placement", "box")).json();
        assertEquals("", row(tried, "box").path("note").asString());
    }

    @Test
    void configurationsAreDerivedFollowedComparedAndTakenOut() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode derived =
                tech.edit(job, "DERIVE", Map.of("title", "Rain, on sticks")).json();
        assertEquals("rain-on-sticks", derived.path("configuration").asString());
        assertEquals(3, derived.path("configurations").size());
        assertEquals("studio", derived.at("/configurations/2/basedOn").asString());
        Map<String, Object> here = Client.request("SET", Map.of("key", "handle:base:0", "value", 6));
        Client.Answer set = tech.post(
                "/api/jobs/" + job + "/builds/a/edits",
                Map.of(
                        "revision",
                        tech.revision(job),
                        "configuration",
                        "rain-on-sticks",
                        "lens",
                        "",
                        "only",
                        true,
                        "request",
                        here));
        assertEquals(6, row(set.json(), "handle").at("/settings/0/value").asDouble(), set.text());
        assertEquals(
                18, row(tech.bench(job), "handle").at("/settings/0/value").asDouble(), "the studio stays as it was");
        JsonNode compared = tech.get("/api/jobs/" + job + "/builds/a/compare?configuration=studio&with=rain-on-sticks")
                .json();
        assertTrue(compared.path("differs").toString().contains("6.0 mm"), compared.toString());
        JsonNode out = tech.post(
                        "/api/jobs/" + job + "/builds/a/edits",
                        Map.of(
                                "revision",
                                tech.revision(job),
                                "configuration",
                                "rain-on-sticks",
                                "lens",
                                "",
                                "only",
                                false,
                                "request",
                                Client.request("UNCONFIGURE", Map.of())))
                .json();
        assertEquals("studio", out.path("configuration").asString(), "the first one is shown");
        assertEquals(2, out.path("configurations").size());
        assertEquals(
                3, tech.step(job, "undo", false).json().path("configurations").size());
        says(tech.edit(job, "DERIVE", Map.of("title", " ")), 400, "Title of a configuration");
        says(tech.edit(job, "CARRY", Map.of("placement", "box")), 422, "does not say where it carries");
        says(tech.edit(job, "LEAN", Map.of("rollDegrees", 0, "tiltDegrees", 20)), 422, "How this rig stands is up to");
        says(tech.edit(job, "LEAN", Map.of("rollDegrees", 0, "tiltDegrees", 91)), 400, "Tilt");
    }

    @Test
    void everyChangeIsToldAgainstWhatTheBriefAsks() {
        JsonNode all = tech.get("/api/jobs/kiln/builds/a/changeovers").json();
        assertEquals(6, all.path("ways").size(), "three configurations, six ways");
        JsonNode way = all.path("ways")
                .valueStream()
                .filter(w -> w.path("from").asString().equals("vest")
                        && w.path("to").asString().equals("gimbal"))
                .findFirst()
                .orElseThrow();
        assertTrue(!way.path("met").asBoolean());
        assertEquals(4, way.path("askedMinutes").asDouble());
        assertTrue(way.path("keys").toString().contains("hex 3/16 in"), way.toString());
        assertEquals("UNPLUG", way.at("/steps/0/act").asString());
    }

    @Test
    void theBalanceIsToldWithEveryLensAndSlide() {
        JsonNode sheet = tech.get("/api/jobs/slack-water/builds/a/balance?configuration=shoulder")
                .json();
        assertEquals(3, sheet.path("lenses").size());
        assertEquals("pad:rail:0", sheet.at("/slides/0/key").asString(), "what serves every lens comes first");
        assertEquals(2, sheet.at("/slides/0/serves").size());
        assertEquals(3, sheet.at("/slides/0/perMm").size());
        assertTrue(sheet.path("swaps").size() >= 2);
    }

    @Test
    void theBodysOwnPartsAreKeptReplacedOrFree() {
        JsonNode own = tech.get("/api/jobs/" + RunningApp.copyOf("kiln") + "/builds/a/own-parts")
                .json();
        assertEquals(3, own.size(), own.toString());
        assertEquals("KEPT", own.at("/0/state").asString());
    }

    @Test
    void nonsenseIsRefusedInWordsAndChangesNothing() {
        String job = RunningApp.copyOf("kiln");
        int seen = tech.revision(job);
        says(tech.edit(job, "SET", Map.of("key", "rods", "value", 1)), 400, "placement:port:index");
        says(tech.edit(job, "SET", Map.of("key", "nobody:x:0", "value", 1)), 422, "no placement 'nobody'");
        says(tech.edit(job, "SET", Map.of("key", "rods:rods:0", "value", 1e12)), 422, "must lie from");
        says(
                tech.edit(job, "REMOVE", Map.of("placements", List.of("body"), "withDependants", false)),
                422,
                "cannot be taken off");
        says(tech.edit(job, "WEIGH", Map.of("placement", "box", "grams", -5)), 400, "Mass must lie from 0");
        says(
                tech.edit(job, "ADD", Map.of("port", "body:right", "item", "ghost@1", "itemPort", "x")),
                422,
                "no item ghost@1");
        says(tech.edit(job, "ADD", Map.of("port", "bodyright", "item", "ghost", "itemPort", "x")), 400, "id@revision");
        says(tech.get("/api/jobs/no-such-job/builds/a/bench"), 404, "There is no job 'no-such-job'");
        says(tech.get("/api/jobs/" + job + "/builds/z/bench"), 404, "There is no build 'z'");
        says(tech.get("/api/jobs/" + job + "/builds/a/bench?lens=x"), 404, "There is no lens 'x'");
        says(tech.post("/api/jobs/" + job + "/builds/a/edits", "{\"revision\":"), 400, "not valid JSON");
        assertEquals(seen, tech.revision(job));
    }

    private static void says(Client.Answer answer, int status, String words) {
        assertEquals(status, answer.status(), answer.text());
        assertTrue(answer.detail().contains(words), answer.text());
        assertTrue(!answer.text().contains("Exception") && !answer.text().contains("at wideharbor"), "no stack trace");
    }
}
