package wideharbor.perf.house;

import java.io.IOException;
import java.net.http.HttpClient;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** A house that ./harbor began for a trial: where it is, who is in it, and jobs to work on. */
final class TrialHouse {
    static final String PASSWORD = "trial-of-a-whole-house";
    private static final List<String> DEMOS = List.of("second-bell", "slack-water", "kiln", "the-lift", "queens-yard");

    private final String base;
    private final Path demo;
    private final HttpClient http;
    private final Visitor lead;

    private TrialHouse(String base, Path demo, HttpClient http, Visitor lead) {
        this.base = base;
        this.demo = demo;
        this.http = http;
        this.lead = lead;
    }

    /**
     * @param accounts as ./harbor keeps them, a name and a password to the line
     * @param demo the folder of the demo's packages
     */
    static TrialHouse at(String base, Path accounts, Path demo) throws IOException {
        ExecutorService few = Executors.newFixedThreadPool(8, work -> {
            Thread thread = new Thread(work, "http");
            thread.setDaemon(true);
            return thread;
        });
        HttpClient http = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .connectTimeout(Duration.ofSeconds(5))
                .executor(few)
                .build();
        for (String line : Files.readAllLines(accounts)) {
            String[] pair = line.split(" ");
            if (pair[0].equals("lead")) {
                return new TrialHouse(base, demo, http, Visitor.signedIn(base, http, pair[0], pair[1]));
            }
        }
        throw new IllegalStateException("There is no lead in " + accounts);
    }

    String base() {
        return base;
    }

    HttpClient http() {
        return http;
    }

    Visitor lead() {
        return lead;
    }

    /** Invites people who join with the password of trials; those of an earlier trial are there already. */
    List<Visitor> people(int count) {
        List<Visitor> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String name = "trial" + i;
            Visitor.Answer invited = lead.post(
                    "/api/people",
                    Map.of("username", name, "displayName", "Trial " + i, "roles", Set.of("TECHNICIAN")));
            Visitor person = new Visitor(base, http);
            if (invited.isOk()) {
                person.get("/api/session");
                person.post(
                        "/api/join",
                        Map.of(
                                "username",
                                name,
                                "code",
                                invited.json().path("code").asString(),
                                "password",
                                PASSWORD));
            }
            person.signIn(name, PASSWORD);
            all.add(person);
        }
        return all;
    }

    /** Copies of the demo's jobs, one after another, each an own job. */
    List<String> jobs(int count) throws IOException {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(copyOf(DEMOS.get(i % DEMOS.size()), "trial-" + i));
        }
        return all;
    }

    String copyOf(String job, String id) throws IOException {
        byte[] file = packageFile(job, id);
        Visitor.Answer answer = lead.upload("/api/packages", file);
        if (!answer.isOk() && answer.status() != 409) {
            throw new IllegalStateException("could not load " + job + ": " + answer);
        }
        return id;
    }

    byte[] packageFile(String job, String id) throws IOException {
        String text = Files.readString(demo.resolve(job + ".harbor.json"));
        return text.replaceFirst("\"id\": \"" + job + "\"", "\"id\": \"" + id + "\"")
                .getBytes(StandardCharsets.UTF_8);
    }
}
