package wideharbor.app.packing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** Scans into cases, and back. */
@ExtendWith(RunningApp.class)
class PackingEndpointTest {
    private final Client tech = RunningApp.as("tech");

    private JsonNode send(String job, List<Map<String, Object>> scans) {
        Client.Answer answer = tech.post("/api/jobs/" + job + "/packing/scans", Map.of("scans", scans));
        assertEquals(200, answer.status(), answer.text());
        return answer.json();
    }

    private static JsonNode line(JsonNode sheet, String type) {
        return sheet.path("lines")
                .valueStream()
                .filter(l -> l.path("type").asString().equals(type))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no line " + type));
    }

    @Test
    void whatCanBeIsCountedAndWhatCannotIsTold() {
        String job = RunningApp.copyOf("second-bell");
        String one = OnTheWay.piece(job, "body-petrel", 0);
        String wrong = OnTheWay.piece(job, "gimbal-3", 0);
        JsonNode sheet = send(
                job,
                List.of(
                        OnTheWay.scan("INTO_CASE", one.toLowerCase(java.util.Locale.ROOT), 1, 2, ""),
                        OnTheWay.scan("INTO_CASE", wrong, 1, 2, ""),
                        OnTheWay.scan("INTO_CASE", "NO-SUCH", 1, 2, ""),
                        OnTheWay.scan("INTO_CASE", "body-petrel", 1, 2, ""),
                        OnTheWay.scan("INTO_CASE", "shim-05", 1, 2, "")));
        assertEquals(1, line(sheet, "body-petrel").path("in").asInt());
        assertEquals(
                List.of(
                        wrong + " is not on the pull list of this job.",
                        "Nothing of this house or this list has the code 'NO-SUCH'.",
                        "Each Body Quellmar Petrel has a code of its own: scan the piece."),
                sheet.path("refused")
                        .valueStream()
                        .map(r -> r.path("why").asString())
                        .filter(w -> !w.contains("shim"))
                        .toList());
        assertEquals(one, sheet.at("/boxes/1/contents/0/codes/0").asString());
    }

    @Test
    void aPieceThatMayNotGoStays() {
        String job = RunningApp.copyOf("second-bell");
        String other = RunningApp.copyOf("second-bell");
        String one = OnTheWay.piece(job, "body-petrel", 0);
        send(other, List.of(OnTheWay.scan("INTO_CASE", one, 1, 1, "")));
        assertTrue(send(job, List.of(OnTheWay.scan("INTO_CASE", one, 1, 1, "")))
                .at("/refused/0/why")
                .asString()
                .startsWith(one + " is out with Second Bell"));
        send(other, List.of(OnTheWay.scan("OUT_OF_CASE", one, 1, 0, "")));
        JsonNode card = tech.get("/api/stock/pieces/" + one).json().path("piece");
        Map<String, Object> edit = OnTheWay.edit(card.path("version").asLong(), "body-petrel");
        edit.putAll(Map.of("condition", "QUARANTINED", "note", "smells burnt"));
        assertEquals(200, tech.put("/api/stock/pieces/" + one, edit).status());
        assertEquals(
                one + " is quarantined: smells burnt",
                send(job, List.of(OnTheWay.scan("INTO_CASE", one, 1, 1, "")))
                        .at("/refused/0/why")
                        .asString());
    }

    /** A scan that comes eight times at once, as it does when a network comes back, is one. */
    @Test
    void theSameScanAtOnceIsOne() {
        String job = RunningApp.copyOf("second-bell");
        Map<String, Object> scan = OnTheWay.scan("INTO_CASE", OnTheWay.piece(job, "body-petrel", 0), 1, 1, "");
        List<Integer> answers = IntStream.range(0, 8)
                .parallel()
                .mapToObj(i -> tech.post("/api/jobs/" + job + "/packing/scans", Map.of("scans", List.of(scan)))
                        .status())
                .toList();
        assertEquals(Collections.nCopies(8, 200), answers);
        JsonNode sheet = tech.get("/api/jobs/" + job + "/packing").json();
        assertEquals(1, line(sheet, "body-petrel").path("in").asInt());
        assertEquals(1, sheet.path("packed").asInt());
    }

    @Test
    void whatIsTakenOutOfAPackedJobUnpacksIt() {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.packed(job);
        send(job, List.of(OnTheWay.scan("OUT_OF_CASE", OnTheWay.code(job, "body-petrel", 0), 1, 0, "")));
        JsonNode dispatch = tech.get("/api/jobs/" + job + "/dispatch").json();
        assertEquals("SIGNED", dispatch.path("stage").asString());
        assertEquals(
                "135 of 136 pieces are scanned into cases.",
                dispatch.path("whyNotPacked").asString());
    }

    @Test
    void everyPieceIsAccountedFor() {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.packed(job);
        String first = OnTheWay.code(job, "body-petrel", 0);
        String second = OnTheWay.code(job, "body-petrel", 1);
        assertEquals(
                409,
                tech.post(
                                "/api/jobs/" + job + "/packing/scans",
                                Map.of("scans", List.of(OnTheWay.scan("BACK", first, 1, 0, ""))))
                        .status());
        assertEquals(
                200,
                tech.post("/api/jobs/" + job + "/dispatch", OnTheWay.HANDED).status());
        JsonNode sheet = send(
                job,
                List.of(
                        OnTheWay.scan("MISSING", first, 1, 0, "left at the balcony"),
                        OnTheWay.scan("DAMAGED", second, 1, 0, "mount scratched")));
        assertEquals("RETURNED", sheet.path("stage").asString());
        assertEquals(first, sheet.at("/notWhole/0/code").asString());
        assertEquals("mount scratched", sheet.at("/notWhole/1/remark").asString());
        assertEquals(
                "LOST",
                tech.get("/api/stock/pieces/" + first)
                        .json()
                        .at("/piece/condition")
                        .asString());
        assertEquals(
                "NEEDS_SERVICE",
                tech.get("/api/stock/pieces/" + second)
                        .json()
                        .at("/piece/condition")
                        .asString());
        assertEquals(
                409, tech.post("/api/jobs/" + job + "/reconciled", Map.of()).status());
        JsonNode found = send(job, List.of(OnTheWay.scan("BACK", first, 1, 0, "")));
        assertEquals(1, found.path("notWhole").size(), "what turned up is missing no more");
        assertEquals(
                "READY",
                tech.get("/api/stock/pieces/" + first)
                        .json()
                        .at("/piece/condition")
                        .asString());
        OnTheWay.back(job);
        assertEquals(
                200, tech.post("/api/jobs/" + job + "/reconciled", Map.of()).status());
        Client.Answer closed = tech.post(
                "/api/jobs/" + job + "/packing/scans",
                Map.of("scans", List.of(OnTheWay.scan("BACK", first, 1, 0, ""))));
        assertEquals(409, closed.status());
        assertEquals("This job's return is closed.", closed.detail());
        assertEquals(
                409,
                tech.edit(job, "SET", Map.of("key", "handle:base:0", "value", 3))
                        .status());
    }

    /** Six hundred pieces one after the other, as a scanner sends them: none is lost, none counts twice. */
    @Test
    void manyScansInOneRequestAreCountedInTheirOrder() {
        String job = RunningApp.copyOf("second-bell");
        String one = OnTheWay.piece(job, "body-petrel", 0);
        List<Map<String, Object>> scans = IntStream.range(0, 400)
                .mapToObj(i -> OnTheWay.scan(i % 2 == 0 ? "INTO_CASE" : "OUT_OF_CASE", one, 1, i % 2 == 0 ? 1 : 0, ""))
                .toList();
        JsonNode sheet = send(job, scans);
        assertEquals(0, sheet.path("refused").size());
        assertEquals(0, line(sheet, "body-petrel").path("in").asInt());
        assertEquals(
                50, tech.get("/api/stock/pieces/" + one).json().path("been").size());
    }

    /** A case's label says its number, what it weighs by the scale, and what is in it; a piece's its code. */
    @Test
    void casesAndPiecesHaveLabels() throws java.io.IOException {
        String job = RunningApp.copyOf("second-bell");
        String one = OnTheWay.piece(job, "body-petrel", 0);
        send(job, List.of(OnTheWay.scan("INTO_CASE", one, 1, 1, "")));
        String cases = words("/api/jobs/" + job + "/case-labels.pdf");
        assertTrue(cases.contains("1 Second Bell, Case, camera"), cases);
        assertTrue(cases.contains("8.85 kg"), cases);
        assertTrue(cases.contains("1 x Body Quellmar Petrel: " + one), cases);
        assertTrue(cases.contains("not packed yet"), cases);
        String pieces = words("/api/stock/labels.pdf?text=" + one);
        assertTrue(pieces.replace(" ", "").contains(one) && pieces.contains("Body Quellmar Petrel"), pieces);
    }

    private String words(String path) throws java.io.IOException {
        Client.Answer answer = tech.get(path);
        assertEquals(200, answer.status());
        try (var document = org.apache.pdfbox.Loader.loadPDF(answer.bytes())) {
            return new org.apache.pdfbox.text.PDFTextStripper()
                    .getText(document)
                    .replaceAll("\\s+", " ");
        }
    }

    /** A kit that shrank: what is counted comes out of its case again, though nobody asks for it any more. */
    @Test
    void whatIsNoLongerAskedForComesOutOfItsCase() {
        String job = RunningApp.copyOf("second-bell");
        Client.Answer kit = kit(job, List.of(Map.of("item", "rods-15s-300@1", "count", 2)));
        assertEquals(204, kit.status(), kit.text());
        send(job, List.of(OnTheWay.scan("INTO_CASE", "rods-15s-300", 2, 1, "")));
        assertEquals(
                204,
                kit(job, List.of(Map.of("item", "rods-15s-300@1", "count", 0))).status());
        JsonNode left = line(tech.get("/api/jobs/" + job + "/packing").json(), "rods-15s-300");
        assertEquals(-2, left.path("toPack").asInt());
        JsonNode out = send(job, List.of(OnTheWay.scan("OUT_OF_CASE", "rods-15s-300", 2, 1, "")));
        assertEquals(0, out.path("refused").size(), out.path("refused").toString());
    }

    private Client.Answer kit(String job, List<Map<String, Object>> lines) {
        return tech.put("/api/jobs/" + job + "/kit", Map.of("revision", tech.revision(job), "lines", lines));
    }
}
