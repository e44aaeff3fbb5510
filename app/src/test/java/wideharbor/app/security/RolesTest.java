package wideharbor.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

@ExtendWith(RunningApp.class)
class RolesTest {
    /** Operation × nobody, technician, desk, lead, administrator, crew of the job: what each is answered. */
    private static final String RIGHTS = """
            GET,    /api/jobs,                                                401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB,                                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/judging,                                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/checks,                                            401, ok,  ok,  ok,  ok,  ok
            PUT,    /api/jobs/JOB/brief,                                      401, 403, ok,  ok,  403, 403
            GET,    /api/worn,                                                401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs,                                                401, 403, ok,  ok,  403, 403
            PUT,    /api/jobs/JOB/title,                                      401, 403, ok,  ok,  403, 403
            POST,   /api/jobs/none/archive,                                   401, 403, ok,  ok,  403, 403
            DELETE, /api/jobs/none,                                           401, 403, ok,  ok,  403, 403
            POST,   /api/jobs/none/bring-back,                                401, 403, ok,  ok,  403, 403
            POST,   /api/jobs/JOB/bodies,                                     401, ok,  ok,  ok,  403, 403
            PUT,    /api/jobs/JOB/bodies/a/title,                             401, ok,  ok,  ok,  403, 403
            POST,   /api/jobs/JOB/bodies/a/take-off,                          401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/bodies/a/put-back,                          401, ok,  403, ok,  403, 403
            GET,    /api/jobs/JOB/builds/a/by-hand?part=x&deed=MOVE,          401, ok,  ok,  ok,  ok,  ok
            GET,    /api/catalogue/maker/templates,                           401, ok,  ok,  ok,  ok,  403
            POST,   /api/catalogue/maker/try,                                 401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/kit/read,                                   401, ok,  403, ok,  403, 403
            PUT,    /api/jobs/JOB/kit,                                        401, ok,  403, ok,  403, 403
            GET,    /api/jobs/JOB/builds/a/lens-offers,                       401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/lenses,                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/bench,                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/drawing,                           401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/ports,                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/fit?port=x:y,                      401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/journal,                           401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/builds/a/edits,                             401, ok,  403, ok,  403, 403
            GET,    /api/jobs/JOB/builds/a/assembly,                          401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/space,                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/assembly.pdf,                      401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/builds/a/assembly/ticks,                    401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/builds/a/trials,                            401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/builds/a/undo,                              401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/builds/a/back,                              401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/builds/a/redo,                              401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/reads,                                      401, ok,  403, ok,  403, 403
            GET,    /api/jobs/JOB/crew,                                       401, ok,  ok,  ok,  ok,  403
            POST,   /api/jobs/JOB/crew,                                       401, 403, ok,  ok,  403, 403
            DELETE, /api/jobs/JOB/crew/none,                                  401, 403, ok,  ok,  403, 403
            GET,    /api/jobs/JOB/remarks,                                    401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/remarks,                                    401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/remarks/1/settled,                          401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/ticks,                                      401, ok,  403, ok,  403, ok
            POST,   /api/jobs/JOB/waivers,                                    401, 403, 403, ok,  403, 403
            POST,   /api/jobs/JOB/waivers/withdraw,                           401, 403, 403, ok,  403, 403
            GET,    /api/jobs/JOB/dispatch,                                   401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/built,                                      401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/checked,                                    401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/packed,                                     401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/reconciled,                                 401, ok,  403, ok,  403, 403
            GET,    /api/jobs/JOB/builds/a/tests,                             401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/builds/a/tests,                             401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/builds/a/tests/left-out,                    401, 403, 403, ok,  403, 403
            GET,    /api/jobs/JOB/packing,                                    401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/calendar.ics,                               401, ok,  ok,  ok,  ok,  ok
            GET,    /api/calendar?days=28,                                    401, ok,  ok,  ok,  ok,  403
            GET,    /api/calendar.ics,                                        401, ok,  ok,  ok,  ok,  403
            GET,    /api/jobs/JOB/case-labels.pdf,                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/papers,                                     401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/book.pdf?sheets=PULL,                       401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/cards/SOUND.pdf,                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/stock/labels.pdf?text=body,                          401, ok,  ok,  ok,  ok,  403
            POST,   /api/jobs/JOB/packing/scans,                              401, ok,  403, ok,  403, 403
            GET,    /api/instruments,                                         401, ok,  ok,  ok,  ok,  403
            POST,   /api/instruments/none/read,                               401, ok,  403, ok,  403, 403
            PUT,    /api/instruments/none/pretence,                           401, ok,  403, ok,  403, 403
            GET,    /api/stock/pieces?text=body,                              401, ok,  ok,  ok,  ok,  403
            GET,    /api/stock/pieces/NONE,                                   401, ok,  ok,  ok,  ok,  403
            PUT,    /api/stock/pieces/NONE,                                   401, ok,  403, ok,  403, 403
            GET,    /api/stock/pieces.csv,                                    401, ok,  ok,  ok,  ok,  403
            POST,   /api/stock/pieces/read,                                   401, 403, 403, ok,  403, 403
            POST,   /api/stock/pieces/store,                                  401, 403, 403, ok,  403, 403
            POST,   /api/jobs/JOB/sign,                                       401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/dispatch,                                   401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/recall,                                     401, 403, 403, ok,  403, 403
            GET,    /api/jobs/JOB/brought,                                    401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/brought/proposals/take,                     401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/brought/proposals/leave,                    401, ok,  403, ok,  403, 403
            POST,   /api/jobs/JOB/brought/parts/take,                         401, 403, 403, ok,  403, 403
            POST,   /api/jobs/JOB/brought/standards/leave,                    401, 403, 403, ok,  403, 403
            GET,    /api/jobs/JOB/pull-list.csv,                              401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/signed/none.pdf,                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/media,                                      401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/rolls,                                      401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/rolls,                                      401, ok,  403, ok,  403, ok
            POST,   /api/jobs/JOB/rolls/none,                                 401, ok,  403, ok,  403, ok
            GET,    /api/jobs/JOB/roll-labels.pdf,                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/photos,                                     401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/photos/none?of=case:1,                      401, ok,  403, ok,  403, ok
            PUT,    /api/jobs/JOB/photos/none,                                401, ok,  403, ok,  403, ok
            DELETE, /api/jobs/JOB/photos/none,                                401, ok,  403, ok,  403, ok
            GET,    /api/jobs/JOB/photos/none/picture.jpg,                    401, ok,  ok,  ok,  ok,  ok
            GET,    /api/stock/pieces/BD-001/photos,                          401, ok,  ok,  ok,  ok,  403
            GET,    /api/jobs/JOB/notes,                                      401, ok,  ok,  ok,  ok,  403
            GET,    /api/notes,                                               401, ok,  ok,  ok,  ok,  403
            POST,   /api/notes,                                               401, ok,  403, ok,  403, 403
            POST,   /api/notes/none/settled,                                  401, ok,  403, ok,  403, 403
            GET,    /api/stock/types/none/ready,                              401, ok,  ok,  ok,  ok,  403
            GET,    /api/incidents,                                           401, ok,  ok,  ok,  ok,  403
            GET,    /api/jobs/JOB/pull-list.pdf,                              401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/package.harbor.json,                        401, ok,  ok,  ok,  ok,  403
            POST,   /api/packages,                                            401, 403, ok,  ok,  403, 403
            POST,   /api/packages/compare,                                    401, ok,  ok,  ok,  403, 403
            POST,   /api/packages/merge?revision=1,                           401, 403, 403, ok,  403, 403
            GET,    /api/jobs/JOB/remedies?finding=none,                      401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/budget,                            401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/own-parts,                         401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/power,                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/signals,                           401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/signals/labels.pdf,                401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/signals/offers?from=x:y,           401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/hands,                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/left,                              401, ok,  ok,  ok,  ok,  ok
            POST,   /api/jobs/JOB/builds/a/left,                              401, ok,  403, ok,  403, 403
            GET,    /api/jobs/JOB/builds/a/left/1/drawing,                    401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/packing-list.csv,                           401, ok,  ok,  ok,  ok,  ok
            GET,    /api/people,                                              401, 403, 403, 403, ok,  403
            POST,   /api/people,                                              401, 403, 403, 403, ok,  403
            PUT,    /api/people/none,                                         401, 403, 403, 403, ok,  403
            POST,   /api/people/none/reset,                                   401, 403, 403, 403, ok,  403
            POST,   /api/people/none/suspended,                               401, 403, 403, 403, ok,  403
            GET,    /api/audit,                                               401, 403, 403, 403, ok,  403
            GET,    /api/me/sessions,                                         401, ok,  ok,  ok,  ok,  ok
            POST,   /api/join,                                         ok , ok,  ok,  ok,  ok,  ok
            POST,   /api/me/sessions/end,                                     401, ok,  ok,  ok,  ok,  ok
            PUT,    /api/me/name,                                             401, ok,  ok,  ok,  ok,  ok
            PUT,    /api/me/password,                                         401, ok,  ok,  ok,  ok,  ok
            GET,    /api/house/operators,                                     401, ok,  ok,  ok,  ok,  403
            GET,    /api/jobs/JOB/builds/a/balance,                           401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/changeovers,                       401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/compare?with=low,                  401, ok,  ok,  ok,  ok,  ok
            GET,    /api/catalogue/stack-ends,                                401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue/stacks?body=body-wren@2&support=head-60@3, 401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue/parts/body-wren@2/cross-fit,               401, ok,  ok,  ok,  ok,  403
            GET,    /api/house/ways,                                          401, ok,  ok,  ok,  ok,  403
            PUT,    /api/house/ways/none,                                     401, 403, 403, ok,  403, 403
            GET,    /api/catalogue,                                           401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue/parts/box-2@2,                             401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue/parts/box-2@2/drawing,                     401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue/parts/box-2@2/text,                        401, ok,  ok,  ok,  ok,  403
            POST,   /api/catalogue/parts,                                     401, ok,  403, ok,  403, 403
            GET,    /api/catalogue.csv,                                       401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue.harbor.json,                               401, ok,  ok,  ok,  ok,  403
            POST,   /api/catalogue/standing,                                  401, 403, 403, ok,  403, 403
            POST,   /api/catalogue/imports?name=a.csv,                        401, 403, 403, ok,  403, 403
            GET,    /api/catalogue/imports/none,                              401, 403, 403, ok,  403, 403
            POST,   /api/catalogue/imports/none/store,                        401, 403, 403, ok,  403, 403
            DELETE,  /api/catalogue/imports/none,                        401, 403, 403, ok,  403, 403
            GET,    /api/house/standards,                                     401, ok,  ok,  ok,  ok,  403
            GET,    /api/house/rules,                                         401, ok,  ok,  ok,  ok,  403
            GET,    /api/jobs/JOB/builds/a/history/0,                         401, ok,  ok,  ok,  ok,  ok
            GET,    /api/jobs/JOB/builds/a/history/0/drawing,                 401, ok,  ok,  ok,  ok,  ok
            PUT,    /api/jobs/JOB/builds/a/history/1/name,                    401, ok,  403, ok,  403, 403
            GET,    /api/catalogue/parts/none@1/differences?from=none@2,      401, ok,  ok,  ok,  ok,  403
            GET,    /api/catalogue/parts/none@2/uptake?of=none@1,             401, ok,  ok,  ok,  ok,  403
            POST,   /api/catalogue/parts/none@2/uptake,                       401, ok,  403, ok,  403, 403
            DELETE, /api/catalogue/parts/none@1,                              401, 403, 403, ok,  403, 403
            GET,    /api/jobs/JOB/decisions,                                  401, ok,  ok,  ok,  ok,  ok
            GET,    /api/house/rules/HAND_STOP/history,                       401, ok,  ok,  ok,  ok,  403
            POST,   /api/house/rules/HAND_STOP/trial,                         401, 403, 403, ok,  403, 403
            PUT,    /api/house/rules/HAND_STOP,                               401, 403, 403, ok,  403, 403
            PUT,    /api/house/standards/none,                                401, 403, 403, ok,  403, 403
            POST,   /api/calculators/shims,                                   401, ok,  ok,  ok,  ok,  403
            POST,   /api/calculators/docking,                                 401, ok,  ok,  ok,  ok,  403
            POST,   /api/calculators/rods,                                    401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/keys,                                    401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/power/lasting?wattHours=98&celsius=20&watts=40&hours=4,401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/power/output?watts=9&endVolts=12&limitWatts=50&limitAmps=5,401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/power/cable?watts=9&endVolts=12&leastVolts=11&lengthMm=500,401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/power/cabin?wattHours=98,                401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/lens/corners?focalMm=24&tStop=2&widthMm=36&heightMm=20&pupilMm=45&aheadMm=40&openWidthMm=130&openHeightMm=98,401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/lens/flange?bodyMm=26&adaptersMm=26&lensMm=52&focalMm=35,401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/lens/gears?ringMm=82&moduleMm=0.8&teeth=40&armMm=40&asideMm=30&underMm=85,401, ok,  ok,  ok,  ok,  403
            GET,    /api/calculators/lens/cards?gigabytes=512&megabits=1200&minutes=120&copyMegabytes=400,401, ok,  ok,  ok,  ok,  403
            GET,    /v3/api-docs,                                             401, ok,  ok,  ok,  ok,  ok
            GET,    /api/session,                                             ok,  ok,  ok,  ok,  ok,  ok
            GET,    /actuator/health,                                         ok,  ok,  ok,  ok,  ok,  ok
            """;

    private static String job = "";
    private static Map<String, Client> people = Map.of();

    @BeforeAll
    static void signIn() {
        job = RunningApp.copyOf("kiln");
        people = Map.of(
                "nobody", Client.anonymous(RunningApp.url()),
                "tech", RunningApp.as("tech"),
                "desk", RunningApp.as("desk"),
                "lead", only("only-lead", "LEAD"),
                "admin", only("only-admin", "ADMINISTRATOR"),
                "crew", ofCrew("only-crew"));
        people.get("nobody").get("/api/session");
    }

    /** Somebody of one role alone. */
    private static Client only(String name, String role) {
        return joined(
                name,
                RunningApp.as("lead")
                        .post("/api/people", Map.of("username", name, "displayName", name, "roles", List.of(role))));
    }

    private static Client ofCrew(String name) {
        return joined(
                name,
                RunningApp.as("lead")
                        .post("/api/jobs/" + job + "/crew", Map.of("username", name, "displayName", name)));
    }

    private static Client joined(String name, Client.Answer invited) {
        String code = invited.json().path("code").asString();
        Client nobody = Client.anonymous(RunningApp.url());
        nobody.get("/api/session");
        nobody.post("/api/join", Map.of("username", name, "code", code, "password", RunningApp.PASSWORD));
        return RunningApp.as(name);
    }

    private record Right(String method, String path, List<String> answers) {
        /** As the description of the endpoints writes a path: every name of something is a place for one. */
        boolean isOf(String operation, String template) {
            String pattern = template.replaceAll("\\{[^}]+}", "[^/]+");
            return method.equals(operation) && path.replaceAll("\\?.*", "").matches(pattern);
        }
    }

    private static List<Right> rights() {
        return RIGHTS.lines()
                .map(line -> line.split(",\\s*"))
                .map(cells -> new Right(
                        cells[0],
                        String.join(",", List.of(cells).subList(1, cells.length - 6)),
                        List.of(cells).subList(cells.length - 6, cells.length)))
                .toList();
    }

    /**
     * What the description of the endpoints names and nobody has decided who may do is found here; the page says all.
     */
    @Test
    void everyOperationIsInTheTableAndThePageSaysIt() throws Exception {
        List<String> undecided = new ArrayList<>();
        StringBuilder page = new StringBuilder(HEAD);
        JsonNode paths = RunningApp.as("lead").get("/v3/api-docs").json().path("paths");
        new TreeMap<>(paths.properties().stream().collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)))
                .forEach((template, operations) -> operations.properties().forEach(operation -> {
                    String method = operation.getKey().toUpperCase(Locale.ROOT);
                    Optional<Right> right = rights().stream()
                            .filter(r -> r.isOf(method, template))
                            .findFirst();
                    right.ifPresentOrElse(
                            r -> page.append("| ")
                                    .append(method)
                                    .append(" | `")
                                    .append(template)
                                    .append("` |")
                                    .append(r.answers().stream()
                                            .map(a -> a.equals("ok") ? " yes |" : " – |")
                                            .collect(Collectors.joining()))
                                    .append('\n'),
                            () -> undecided.add(method + " " + template));
                }));
        assertEquals(List.of(), undecided);
        Path committed = Path.of("..", "docs", "roles.md");
        if (Boolean.getBoolean("harbor.write-docs")) {
            Files.writeString(committed, page);
        }
        assertEquals(page.toString(), Files.readString(committed), "docs/roles.md is written by this test");
    }

    private static final String HEAD = """
            # Who may do what

            Every operation of the interface, by role; a person may hold several. Written by the test that calls each as
            each (`RolesTest`): what is not in its table fails it. *Nobody* is who has not signed in.

            | | operation | nobody | technician | desk | lead | administrator | crew of the job |
            | --- | --- | --- | --- | --- | --- | --- | --- |
            """;

    /** Every endpoint × role: refused ones answer 401 or 403 before anything is looked at; the others get past that. */
    @ParameterizedTest
    @CsvSource(textBlock = RIGHTS)
    void everyEndpointAsksForItsRole(
            String method,
            String path,
            String nobody,
            String tech,
            String desk,
            String lead,
            String admin,
            String crew) {
        Map.of("nobody", nobody, "tech", tech, "desk", desk, "lead", lead, "admin", admin, "crew", crew)
                .forEach((who, expected) -> {
                    Client.Answer answer = send(people.get(who), method, path.replace("JOB", job));
                    if (expected.equals("ok")) {
                        assertTrue(
                                answer.status() != 401 && answer.status() != 403,
                                who + " " + path + " " + answer.status());
                        assertTrue(answer.status() < 500, who + " " + path + " " + answer.text());
                    } else {
                        assertEquals(Integer.parseInt(expected), answer.status(), who + " " + path);
                    }
                });
    }

    /** Bodies are valid as far as they go, so that a role's refusal is not hidden behind a malformed request. */
    private static Client.Answer send(Client client, String method, String path) {
        if (method.equals("GET")) {
            return client.get(path);
        }
        if (method.equals("DELETE")) {
            return client.delete(path);
        }
        if (path.startsWith("/api/packages")
                || path.contains("imports?name")
                || method.equals("POST") && path.contains("/photos/")) {
            return client.upload(path, new byte[] {'{', '}'});
        }
        Object body = ValidBodies.of(method, path, job);
        return method.equals("PUT") ? client.put(path, body) : client.post(path, body);
    }

    /** Asking without being anybody leaves nothing in the store of sessions, however often. */
    @Test
    void strangersLeaveNoSessions() throws Exception {
        Client stranger = Client.anonymous(RunningApp.url());
        int before = sessions();
        for (int i = 0; i < 20; i++) {
            assertEquals(401, stranger.get("/api/jobs").status());
            assertEquals(200, stranger.get("/api/session").status());
        }
        assertEquals(before, sessions());
    }

    private static int sessions() throws java.sql.SQLException {
        try (java.sql.Connection database = RunningApp.database();
                var rows = database.createStatement()
                        .executeQuery("SELECT COUNT(*) FROM SPRING_SESSION WHERE PRINCIPAL_NAME IS NULL")) {
            rows.next();
            return rows.getInt(1);
        }
    }

    @Test
    void aWrongPasswordIsRefusedInWords() {
        Client client = Client.anonymous(RunningApp.url());
        Client.Answer answer = client.signIn("tech", "guess");
        assertEquals(401, answer.status());
        assertEquals("Name or password is not right.", answer.detail());
        assertEquals(
                answer.text(),
                client.signIn("nobody-of-this-name", "guess").text(),
                "the same words for an unknown name");
    }

    @Test
    void withoutTheCsrfTokenNothingIsChanged() {
        String own = RunningApp.copyOf("kiln");
        assertEquals(
                403,
                people.get("lead")
                        .postWithoutToken("/api/jobs/" + own + "/built", Map.of())
                        .status());
        assertEquals(
                "DRAFT",
                people.get("lead")
                        .get("/api/jobs/" + own + "/dispatch")
                        .json()
                        .path("stage")
                        .asString());
    }

    @Test
    void signingOutEndsTheSession() {
        Client client = RunningApp.as("desk");
        assertEquals(204, client.post("/api/logout", Map.of()).status());
        assertEquals(401, client.get("/api/jobs").status());
    }

    @Test
    void theSessionSaysWhatMayBeDone() {
        var tech = people.get("tech").get("/api/session").json();
        assertEquals("Jonna Brask", tech.path("displayName").asString());
        assertTrue(tech.path("editsBuilds").asBoolean()
                && !tech.path("editsBriefs").asBoolean());
        assertTrue(people.get("lead").get("/api/session").json().path("waives").asBoolean());
    }
}
