package wideharbor.app.security;

import java.util.List;
import java.util.Map;
import wideharbor.app.Client;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** For each operation a body that is valid as far as it goes, and names nothing that is there. */
final class ValidBodies {
    private ValidBodies() {}

    static Object of(String method, String path, String job) {
        Object body = Map.of();
        if (path.endsWith("/edits") || path.endsWith("/trials")) {
            body = Map.of(
                    "revision",
                    9999,
                    "configuration",
                    "",
                    "lens",
                    "",
                    "only",
                    false,
                    "request",
                    Client.request("SET", Map.of("key", "a:b:0", "value", 0)));
        } else if (path.endsWith("/left")) {
            body = Map.of("configuration", "", "lens", "", "note", "");
        } else if (path.contains("/house/ways/")) {
            body = Map.of("option", "none", "person", "");
        } else if (path.contains("/photos/")) {
            body = Map.of("words", "w", "marks", List.of(), "version", 0);
        } else if (path.endsWith("/rolls")) {
            body = Map.of("id", "00000000-0000-0000-0000-000000000000", "build", "none", "card", "c", "mode", "");
        } else if (path.contains("/rolls/")) {
            body = Map.of("id", "00000000-0000-0000-0000-000000000000", "stage", "OUT");
        } else if (path.endsWith("/api/notes")) {
            body = Map.of(
                    "id",
                    "00000000-0000-0000-0000-000000000000",
                    "kind",
                    "KNOWN",
                    "about",
                    "type:none",
                    "words",
                    "w",
                    "job",
                    "");
        } else if (path.endsWith("/settled")) {
            body = Map.of("why", "w");
        } else if (path.endsWith("/dispatch")) {
            body = OnTheWay.HANDED;
        } else if (path.endsWith("/back")) {
            body = Map.of("revision", 9999, "configuration", "", "lens", "", "seq", 1);
        } else if (path.endsWith("do")) {
            body = Map.of("revision", 9999, "configuration", "", "lens", "", "anyway", false);
        } else if (path.endsWith("/crew")) {
            body = Map.of("username", "only-tech", "displayName", "Only");
        } else if (path.endsWith("/remarks")) {
            body = Map.of("words", "The case rattles.");
        } else if (path.endsWith("/assembly/ticks")) {
            body = Map.of(
                    "ticks",
                    List.of(Map.of(
                            "id",
                            "00000000-0000-0000-0000-000000000000",
                            "step",
                            "none",
                            "print",
                            "0",
                            "done",
                            true,
                            "minutes",
                            0,
                            "remark",
                            "")));
        } else if (path.endsWith("/tests")) {
            body = Map.of(
                    "results",
                    List.of(Map.of(
                            "id",
                            "00000000-0000-0000-0000-000000000000",
                            "test",
                            "none",
                            "print",
                            "0",
                            "said",
                            "HOLDS",
                            "value",
                            0,
                            "plusMinus",
                            0,
                            "reading",
                            "",
                            "remark",
                            "")));
        } else if (path.startsWith("/api/instruments")) {
            body = path.endsWith("/read") ? Map.of("unit", "g") : Map.of("truth", 1, "noise", 0, "fault", "NONE");
        } else if (path.endsWith("/left-out")) {
            body = Map.of("id", "00000000-0000-0000-0000-000000000000", "test", "none", "reason", "r");
        } else if (path.endsWith("/scans")) {
            body = Map.of("scans", List.of(OnTheWay.scan("INTO_CASE", "none", 1, 1, "")));
        } else if (path.startsWith("/api/stock/pieces/") && method.equals("POST")) {
            body = Map.of("text", "code,type\n");
        } else if (path.startsWith("/api/stock/pieces/")) {
            body = OnTheWay.edit(1, "body-wren");
        } else if (path.contains("/reads") || path.contains("/ticks") || path.contains("/withdraw")) {
            body = Map.of("finding", "none");
        } else if (path.contains("/proposals/")) {
            body = Map.of("findings", List.of("none"));
        } else if (path.endsWith("/waivers")) {
            body = Map.of("finding", "none", "reason", "none");
        } else if (path.endsWith("/title")) {
            body = Map.of("revision", 9999, "title", "t");
        } else if (path.endsWith("/take-off") || path.endsWith("/put-back")) {
            body = Map.of("revision", 9999);
        } else if (path.endsWith("/kit")) {
            body = Map.of("revision", 9999, "lines", List.of());
        } else if (path.endsWith("/kit/read")) {
            body = Map.of("text", "");
        } else if (path.endsWith("/bodies")) {
            body = Map.of("revision", 9999, "title", "t", "item", "none@1", "like", "");
        } else if (path.equals("/api/jobs")) {
            body = Map.of("title", "t", "out", "2027-01-01", "worn", List.of(), "like", "nowhere");
        } else if (path.endsWith("/brief")) {
            body = Map.of(
                    "revision",
                    9999,
                    "brief",
                    RunningApp.as("lead").get("/api/jobs/" + job).json().path("brief"));
        }
        if (path.equals("/api/join")) {
            body = Map.of("username", "none", "code", "none", "password", "none-at-all");
        } else if (path.startsWith("/api/people")) {
            body = path.endsWith("suspended")
                    ? Map.of("suspended", false)
                    : Map.of("username", "lead", "displayName", "x", "roles", List.of("DESK"));
        } else if (path.endsWith("/maker/try")) {
            body = Map.of("template", "none", "answers", Map.of(), "faces", List.of());
        } else if (path.endsWith("/uptake")) {
            body = Map.of("of", "none@1", "jobs", List.of(Map.of("job", "none", "revision", 1)));
        } else if (path.startsWith("/api/catalogue/parts")) {
            body = Map.of("text", "{}");
        } else if (path.startsWith("/api/catalogue/standing")) {
            body = Map.of("ids", List.of("none"), "standing", "RETIRED");
        } else if (path.equals("/api/house/rules/HAND_STOP")) {
            body = Map.of("value", 40, "reason", "r", "source", "s", "seen", 9999);
        } else if (path.equals("/api/me/name")) {
            body = Map.of("displayName", "");
        } else if (path.equals("/api/me/password")) {
            body = Map.of("now", "wrong", "next", "wrong");
        } else if (path.endsWith("/name")) {
            body = Map.of("name", "n");
        } else if (path.startsWith("/api/house/standards")) {
            body = Map.of("revision", 1, "title", "t", "note", "", "loadGrams", 0, "facts", List.of());
        }
        return body;
    }
}
