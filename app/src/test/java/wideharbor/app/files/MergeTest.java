package wideharbor.app.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class MergeTest {
    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");

    /**
     * A file taken out, worked on elsewhere, and brought back: the differences are shown, and taken as an edit that can
     * be undone.
     */
    @Test
    void aFileComesBackWithItsDifferencesShown() {
        String job = RunningApp.copyOf("kiln");
        byte[] before = tech.get("/api/jobs/" + job + "/package.harbor.json")
                .text()
                .getBytes(java.nio.charset.StandardCharsets.UTF_8);
        assertEquals(
                0,
                tech.upload("/api/packages/compare", before)
                        .json()
                        .path("lines")
                        .size());
        tech.edit(job, "SET", Map.of("key", "rods:rods:0", "value", -51));
        JsonNode compared = tech.upload("/api/packages/compare", before).json();
        assertFalse(compared.path("isNew").asBoolean());
        assertEquals("rods:rods:0", compared.at("/lines/0/id").asString());
        assertEquals("-51.0", compared.at("/lines/0/here").asString());
        assertEquals("-58.0", compared.at("/lines/0/there").asString());
        int revision = compared.path("revision").asInt();
        assertEquals(
                403,
                tech.upload("/api/packages/merge?revision=" + revision, before).status());
        assertEquals(
                409,
                lead.upload("/api/packages/merge?revision=" + (revision - 1), before)
                        .status());
        assertEquals(
                200,
                lead.upload("/api/packages/merge?revision=" + revision, before).status());
        assertEquals(
                0,
                tech.upload("/api/packages/compare", before)
                        .json()
                        .path("lines")
                        .size());
        JsonNode bench = tech.bench(job);
        assertTrue(
                bench.path("undo").asString().startsWith("Take the package file's side"),
                bench.path("undo").asString());
        assertEquals(200, lead.step(job, "undo", true).status());
        assertEquals(
                1,
                tech.upload("/api/packages/compare", before)
                        .json()
                        .path("lines")
                        .size());
    }

    @Test
    void aFileOfNoKnownJobIsNew() {
        JsonNode compared = tech.upload("/api/packages/compare", RunningApp.packageFile("kiln", "never-seen"))
                .json();
        assertTrue(compared.path("isNew").asBoolean());
    }

    /** A part that needs an adapter goes on through one; the offers say so before, the build has it after. */
    @Test
    void fitOffersChainsWithTheirEffects() {
        String job = RunningApp.copyOf("slack-water");
        JsonNode page = tech.get("/api/jobs/" + job + "/builds/a/fit?port=top:rail&search=monitor")
                .json();
        JsonNode through = page.path("offers")
                .valueStream()
                .filter(o -> !o.path("through").isEmpty())
                .findFirst()
                .orElseThrow(() -> new AssertionError(page.toString()));
        assertTrue(
                through.path("addsGrams").asDouble() > through.at("/mass/grams").asDouble(), through.toString());
        int parts = tech.bench(job).path("stack").size();
        assertEquals(
                200,
                tech.edit(
                                job,
                                "ADD",
                                Map.of(
                                        "port",
                                        "top:rail",
                                        "item",
                                        through.path("item").asString(),
                                        "itemPort",
                                        through.path("port").asString()))
                        .status());
        assertEquals(
                parts + 1 + through.path("through").size(),
                tech.bench(job).path("stack").size());
        JsonNode faces = tech.get("/api/jobs/" + job + "/builds/a/budget").json();
        assertEquals(6, faces.size());
    }
}
