package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/** A database of the version before, migrated: what people accepted there still stands, or is open again. */
@ExtendWith(RunningApp.class)
class UpgradeTest {
    private static final String OLD = "harbor_before";
    private static final String LAST_BEFORE = "3";
    /** A remembered drawing as the version before wrote it. */
    private static final String OLD_DRAWING = """
            {"view":"RIGHT","parts":[],"axis":[0,0,1,0],"plumb":[],"slideBar":[],"rodHeights":[],
            "rooms":[{"placement":"body","use":"card door","border":[],"intruders":[]}],"clashes":[],"ports":[],
            "tracks":[],"bearings":[],"cables":[{"id":"k","ends":["a","b"],"title":"SDI","carries":"picture",
            "way":[],"words":"","met":true}]}
            """;

    private static final HarborCodec CODEC = new HarborCodec();

    @Test
    void whatWasAcceptedStandsOrIsOpenAgain() throws Exception {
        try (Connection fresh = RunningApp.database()) {
            fresh.createStatement().execute("DROP DATABASE IF EXISTS " + OLD);
            fresh.createStatement()
                    .execute("CREATE DATABASE " + OLD + " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        }
        String url = System.getenv("HARBOR_DB_URL").replaceFirst("/harbor$", "/" + OLD);
        String user = System.getenv("HARBOR_DB_USER");
        String password = System.getenv("HARBOR_DB_PASSWORD");
        Flyway.configure()
                .dataSource(url, user, password)
                .locations("classpath:db/migration")
                .target(LAST_BEFORE)
                .load()
                .migrate();
        try (Connection old = DriverManager.getConnection(url, user, password)) {
            people(old);
            JsonNode bell = store(old, "second-bell");
            for (JsonNode read : bell.path("reads")) {
                insert(
                        old,
                        "INSERT INTO caution_read (job_id, finding, who, read_at) VALUES (?, ?, ?, '2026-11-23 "
                                + "16:20:00')",
                        "second-bell",
                        read.path("finding").asString(),
                        // As they were written while a name typed otherwise was another person.
                        read.path("who").asString().equals("lead") ? "LEAD" : "tech");
            }
            store(old, "slack-water");
            for (String key : List.of(
                    "rods.axis-height|a|studio||rods",
                    "brief.viewers|a|studio||viewer,Focus puller",
                    "brief.viewers|a|shoulder||viewer,Focus puller")) {
                insert(
                        old,
                        "INSERT INTO waiver (job_id, finding, accepted_excess, reason, who, waived_at) VALUES "
                                + "(?, ?, 5, 'Agreed on the bench.', ?, '2026-11-23 16:20:00')",
                        "slack-water",
                        key,
                        "lead");
            }
        }
        try (Connection old = DriverManager.getConnection(url, user, password)) {
            insert(
                    old,
                    "INSERT INTO left_state (job_id, build_id, configuration_id, lens_id, revision, who, left_at, "
                            + "note, "
                            + "marks, drawing) VALUES (?, 'a', 'studio', 'a40', 1, 'tech', '2026-11-23 16:20:00', '', "
                            + "'[]', ?)",
                    "slack-water",
                    OLD_DRAWING);
        }
        try (ConfigurableApplicationContext node =
                RunningApp.node("--spring.datasource.url=" + url, "--harbor.demo=")) {
            Client lead = Client.signedIn(RunningApp.url(node), "lead", RunningApp.PASSWORD);
            assertEquals(
                    "Held by 6 stops, 3 unread cautions",
                    verdict(lead, "second-bell"),
                    "as it is judged today: its bare hi-hat tips");
            JsonNode bench = lead.get("/api/jobs/second-bell/builds/a/bench").json();
            assertTrue(bench.path("findings").toString().contains("\"readBy\":\"Mirela Osk\""), "one person, by id");
            assertEquals(
                    verdict(RunningApp.as("lead"), "slack-water").replace("10 unread", "13 unread"),
                    verdict(lead, "slack-water"),
                    "one waiver stands, one is open again; its meal is in the warm, its pad further back, and there is time to set box and motor aside");
            JsonNode open = lead.get("/api/jobs/slack-water/brought").json().path("proposals");
            assertEquals(1, open.size(), open.toString());
            assertEquals(
                    "rods.axis-height|height|a|studio||part:rods",
                    open.at("/0/finding").asString());
            assertEquals("Agreed on the bench.", open.at("/0/reason").asString());
            JsonNode left = lead.get("/api/jobs/slack-water/builds/a/left?configuration=studio")
                    .json();
            JsonNode drawing = lead.get("/api/jobs/slack-water/builds/a/left/"
                            + left.at("/0/id").asString() + "/drawing?configuration=studio")
                    .json();
            assertEquals("CARD_DOOR", drawing.at("/rooms/0/use").asString(), drawing.toString());
            assertEquals("PICTURE", drawing.at("/cables/0/carries").asString());
        }
    }

    private static String verdict(Client who, String job) {
        return who.get("/api/jobs/" + job).json().path("verdict").asString();
    }

    private static void people(Connection old) throws Exception {
        for (Map.Entry<String, String> one :
                Map.of("tech", "Jonna Brask", "lead", "Mirela Osk").entrySet()) {
            insert(
                    old,
                    "INSERT INTO app_user (username, display_name, password, role) VALUES (?, ?, '', ?)",
                    one.getKey(),
                    one.getValue(),
                    one.getKey().equals("lead") ? "LEAD" : "TECHNICIAN");
        }
    }

    /** A job as the version before stored it. */
    private static JsonNode store(Connection old, String name) throws Exception {
        byte[] file = Files.readAllBytes(
                Path.of("..", "format", "src", "test", "resources", "version-1", name + ".harbor.json"));
        ObjectNode tree = (ObjectNode) HarborCodec.mapper().readTree(file);
        Job job = CODEC.read(file);
        for (ItemType type : job.catalogue().all()) {
            insert(
                    old,
                    "INSERT IGNORE INTO catalogue_type (type_id, revision, maker, name, category, content) "
                            + "VALUES (?, ?, ?, ?, ?, ?)",
                    type.ref().id(),
                    type.ref().revision(),
                    type.maker(),
                    type.name(),
                    type.category().name(),
                    CODEC.writeType(type));
        }
        insert(
                old,
                "INSERT INTO job (id, title, load_at, stage, revision, state_no, brief, rules, clear, stops, "
                        + "undecided, "
                        + "unread_cautions, configurations_clear, configurations_all, version) "
                        + "VALUES (?, ?, ?, 'DRAFT', 1, 1, ?, ?, 0, 0, 0, 0, 0, 0, 0)",
                job.id(),
                job.title(),
                job.brief().dates().load(),
                CODEC.writeBrief(job.brief()),
                "{}");
        int ordinal = 0;
        for (Build build : job.gear().builds()) {
            insert(
                    old,
                    "INSERT INTO build (job_id, build_id, title, ordinal, revision, content, version) VALUES "
                            + "(?, ?, ?, ?, 1, ?, 0)",
                    job.id(),
                    build.id().toString(),
                    build.title(),
                    ordinal++,
                    CODEC.writeBuild(build));
        }
        for (var line : job.gear().kit().counts().entrySet()) {
            insert(
                    old,
                    "INSERT INTO kit_line (job_id, type_id, type_revision, pieces) VALUES (?, ?, ?, ?)",
                    job.id(),
                    line.getKey().id(),
                    line.getKey().revision(),
                    line.getValue());
        }
        return tree;
    }

    private static void insert(Connection old, String sql, Object... values) throws Exception {
        try (PreparedStatement statement = old.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }
    }
}
