package wideharbor.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/**
 * Starts the real application once per run, on a free port, against the throwaway MariaDB that {@code ./harbor test}
 * started, emptied first.
 */
public final class RunningApp implements BeforeAllCallback {
    public static final String PASSWORD = "quay-" + Long.toHexString(System.nanoTime());
    public static final Path DEMO = Path.of("..", "demo").toAbsolutePath().normalize();

    private static final AtomicInteger COPIES = new AtomicInteger();
    private static ConfigurableApplicationContext running;

    @Override
    public void beforeAll(ExtensionContext context) {
        start();
    }

    private static synchronized void start() {
        if (running == null) {
            emptyDatabase("harbor");
            running = node();
            Runtime.getRuntime().addShutdownHook(new Thread(running::close));
        }
    }

    /** Another node on the same database, as after a restart. The caller closes it. */
    public static ConfigurableApplicationContext node(String... otherwise) {
        List<String> arguments = new ArrayList<>(List.of("--server.port=0", "--spring.main.banner-mode=off"));
        if (List.of(otherwise).stream().noneMatch(a -> a.startsWith("--harbor.accounts="))) {
            arguments.add("--harbor.accounts=tech:" + PASSWORD + ",lead:" + PASSWORD + ",desk:" + PASSWORD);
        }
        if (otherwise.length == 0) {
            arguments.add("--harbor.demo=" + DEMO);
            arguments.add("--harbor.standins=true");
            // The demo is written for this day: what tests and pictures say of days stays true.
            arguments.add("--harbor.today=2026-11-28");
        }
        arguments.addAll(List.of(otherwise));
        return SpringApplication.run(WideHarbor.class, arguments.toArray(String[]::new));
    }

    public static String url() {
        return url(running);
    }

    public static String url(ConfigurableApplicationContext node) {
        return "http://127.0.0.1:" + node.getEnvironment().getProperty("local.server.port");
    }

    /** A signed-in user. */
    public static Client as(String user) {
        return Client.signedIn(url(), user, PASSWORD);
    }

    /** A demo job's own copy for one test, so that tests do not meet. */
    public static String copyOf(String demo) {
        String id = demo + "-" + COPIES.incrementAndGet();
        Client.Answer answer = as("lead").upload("/api/packages", packageFile(demo, id));
        if (answer.status() != 201) {
            throw new IllegalStateException("could not load " + demo + ": " + answer.text());
        }
        takeWhatItBrought(id);
        return id;
    }

    /** What the file says of reads counts once somebody here says the same. */
    private static void takeWhatItBrought(String job) {
        Client lead = as("lead");
        List<String> findings = lead.get("/api/jobs/" + job + "/brought")
                .json()
                .path("proposals")
                .valueStream()
                .map(p -> p.path("finding").asString())
                .toList();
        if (!findings.isEmpty()) {
            lead.post("/api/jobs/" + job + "/brought/proposals/take", Map.of("findings", findings));
        }
    }

    /** What the judging anew of the open jobs came to, once none is left. */
    public static JsonNode allJudged() {
        Client lead = as("lead");
        for (int i = 0; i < 600; i++) {
            JsonNode now = lead.get("/api/judging").json();
            if (now.path("left").asInt() == 0) {
                return now;
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
        throw new IllegalStateException("a minute was not enough to judge the open jobs anew");
    }

    public static byte[] packageFile(String demo, String id) {
        try {
            String text = Files.readString(DEMO.resolve(demo + ".harbor.json"));
            return text.replaceFirst("\"id\": \"" + demo + "\"", "\"id\": \"" + id + "\"")
                    .getBytes(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The throwaway database itself, for what no endpoint does. */
    public static Connection database() throws SQLException {
        String url = System.getenv("HARBOR_DB_URL");
        if (url == null) {
            throw new IllegalStateException(
                    "These tests need the throwaway MariaDB of ./harbor test; run them through it.");
        }
        return DriverManager.getConnection(url, System.getenv("HARBOR_DB_USER"), System.getenv("HARBOR_DB_PASSWORD"));
    }

    /**
     * A house that has just been opened, with nothing and nobody in it but its first administrator, on a database of
     * its own. The caller closes it.
     */
    public static ConfigurableApplicationContext emptyHouse() {
        emptyDatabase("harbor_empty");
        return node(
                "--spring.datasource.url=" + System.getenv("HARBOR_DB_URL") + "_empty",
                "--harbor.demo=",
                "--harbor.accounts=admin:" + PASSWORD);
    }

    private static void emptyDatabase(String name) {
        try (Connection connection = database();
                var statement = connection.createStatement()) {
            statement.execute("DROP DATABASE IF EXISTS " + name);
            statement.execute("CREATE DATABASE " + name + " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        } catch (SQLException e) {
            throw new IllegalStateException("The throwaway database cannot be emptied", e);
        }
    }
}
