package wideharbor.app.judging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** Many people edit, look and ask for remedies at once, without a pause: every request is answered. */
@ExtendWith(RunningApp.class)
class StandstillTest {
    private static final int PEOPLE = 20;
    private static final Duration TIME = Duration.ofSeconds(60);

    @Test
    void twentyPeopleOnTwentyBuildsNeverBringItToAStand() throws Exception {
        List<String> jobs = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            jobs.add(RunningApp.copyOf("slack-water"));
        }
        ConcurrentLinkedQueue<Integer> statuses = new ConcurrentLinkedQueue<>();
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        try {
            List<Future<?>> all = new ArrayList<>();
            Instant end = Instant.now().plus(TIME);
            for (String job : jobs) {
                all.add(people.submit(() -> work(job, end, statuses)));
            }
            for (Future<?> one : all) {
                // Fails when a request got no answer at all: see the client's own limit.
                one.get();
            }
        } finally {
            people.shutdownNow();
        }
        Map<Integer, Integer> counts = new TreeMap<>();
        statuses.forEach(s -> counts.merge(s, 1, Integer::sum));
        System.out.println("20 people, 20 builds, 60 s: answers by status " + counts);
        assertEquals(Map.of(200, statuses.size()), counts);
        assertTrue(statuses.size() > PEOPLE * 4, counts.toString());
    }

    private static void work(String job, Instant end, ConcurrentLinkedQueue<Integer> statuses) {
        Client tech = RunningApp.as("tech");
        int revision = tech.revision(job);
        for (int i = 0; Instant.now().isBefore(end); i++) {
            Map<String, Object> slide = Map.of("key", "rods:rods:0", "value", -40 - i % 20);
            Client.Answer tried = tech.trial(job, revision, "SET", slide);
            statuses.add(tried.status());
            Client.Answer edited = tech.edit(job, revision, "SET", slide);
            statuses.add(edited.status());
            revision = edited.json().path("revision").asInt(revision);
            if (i % 3 == 0) {
                Client.Answer bench = tech.get("/api/jobs/" + job + "/builds/a/bench");
                statuses.add(bench.status());
                JsonNode read = bench.json();
                // The job may have moved on meanwhile, and remedies wait for their share of the machine.
                tech.get(Client.remediesPath(job, read.at("/findings/" + i % 10)));
                revision = read.path("revision").asInt(revision);
            }
        }
    }
}
