package wideharbor.perf.house;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Kills application, database or both without warning while people edit, and lets the house come back by itself. What
 * was answered as done must be there, once; what was not answered may be there or not, but whole.
 */
public final class Kills {
    private static final int WRITERS = 6;
    private static final int BACK_WITHIN_SECONDS = 120;

    private final TrialHouse house;
    private final Path run;
    private final AtomicInteger acknowledged = new AtomicInteger();
    private final AtomicInteger unanswered = new AtomicInteger();
    private final List<String> faults = Collections.synchronizedList(new ArrayList<>());
    private volatile boolean over;

    private Kills(TrialHouse house, Path run) {
        this.house = house;
        this.run = run;
    }

    /** base address, accounts, demo folder, folder of the pid files, how many kills. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        TrialHouse house = TrialHouse.at(arguments[0], Path.of(arguments[1]), Path.of(arguments[2]));
        int count = Integer.parseInt(arguments[4]);
        Kills kills = new Kills(house, Path.of(arguments[3]));
        boolean sound = kills.run(count);
        System.exit(sound ? 0 : 1);
    }

    private boolean run(int count) throws IOException, InterruptedException {
        List<Visitor> people = house.people(WRITERS);
        List<Thread> writers = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            String job = house.copyOf("slack-water", "kills-" + i + "-" + System.currentTimeMillis());
            Visitor person = people.get(i);
            Thread thread = new Thread(new Writer(person, job, i), "writer-" + i);
            writers.add(thread);
            thread.start();
        }
        List<Double> back = new ArrayList<>();
        Random random = new Random(7);
        String[] whats = {"app", "db", "both"};
        for (int i = 0; i < count; i++) {
            TimeUnit.MILLISECONDS.sleep(1_000 + random.nextInt(3_000));
            String what = whats[i % whats.length];
            long begun = System.nanoTime();
            List<String> killed = what.equals("both") ? List.of("app", "db") : List.of(what);
            Map<String, String> before = new HashMap<>();
            for (String one : killed) {
                before.put(one, kill(one));
            }
            back.add(awaitBack(begun, before));
            System.out.printf("%d of %d: %s, back after %.1f s%n", i + 1, count, what, back.get(i));
        }
        TimeUnit.SECONDS.sleep(3);
        over = true;
        for (Thread writer : writers) {
            writer.join();
        }
        Collections.sort(back);
        System.out.printf(
                "%d kills; back after %.1f s (median), %.1f s (longest); %d edits acknowledged, %d without an answer%n",
                count, back.get(back.size() / 2), back.get(back.size() - 1), acknowledged.get(), unanswered.get());
        faults.forEach(System.out::println);
        System.out.println(faults.isEmpty() ? "none lost, none doubled, none half written" : faults.size() + " FAULTS");
        return faults.isEmpty();
    }

    private String pid(String what) throws IOException {
        Path file = run.resolve(what + ".pid");
        return Files.exists(file) ? Files.readString(file).split(" ")[0] : "";
    }

    private String kill(String what) throws IOException {
        String pid = pid(what);
        ProcessHandle.of(Long.parseLong(pid)).ifPresent(ProcessHandle::destroyForcibly);
        return pid;
    }

    private boolean areOthers(Map<String, String> before) throws IOException {
        for (Map.Entry<String, String> e : before.entrySet()) {
            if (pid(e.getKey()).isEmpty() || pid(e.getKey()).equals(e.getValue())) {
                return false;
            }
        }
        return true;
    }

    /** Until other processes stand there and answer, with the database behind them. */
    private double awaitBack(long begun, Map<String, String> before) throws IOException, InterruptedException {
        Visitor stranger = new Visitor(house.base(), house.http());
        while (!areOthers(before) || stranger.get("/actuator/health/readiness").status() != 200) {
            if (System.nanoTime() - begun > TimeUnit.SECONDS.toNanos(BACK_WITHIN_SECONDS)) {
                throw new IllegalStateException("not back after " + BACK_WITHIN_SECONDS + " s");
            }
            TimeUnit.MILLISECONDS.sleep(200);
        }
        return (System.nanoTime() - begun) / 1e9;
    }

    /** One person on one build, and what they know of it. */
    private final class Writer implements Runnable {
        private final Visitor person;
        private final String job;
        private final Random random;
        private int revision;

        Writer(Visitor person, String job, int number) {
            this.person = person;
            this.job = job;
            this.random = new Random(number * 0x9E3779B97F4A7C15L);
        }

        @Override
        public void run() {
            try {
                Visitor.Answer bench = look();
                revision = bench.json().path("revision").asInt();
                while (!over) {
                    bench = edit(bench);
                    TimeUnit.MILLISECONDS.sleep(100);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } catch (RuntimeException e) {
                faults.add(job + ": " + e);
            }
        }

        private Visitor.Answer look() throws InterruptedException {
            Visitor.Answer bench = person.get("/api/jobs/" + job + "/builds/a/bench");
            while (!bench.isOk()) {
                if (bench.status() == 500 || bench.status() == 401 || bench.status() == 404) {
                    faults.add(job + ": read answered " + bench.status() + " " + bench.text());
                }
                TimeUnit.MILLISECONDS.sleep(300);
                bench = person.get("/api/jobs/" + job + "/builds/a/bench");
            }
            return bench;
        }

        private Visitor.Answer edit(Visitor.Answer bench) throws InterruptedException {
            Slide slide = Slide.in(bench.json()).orElseThrow();
            double value = slide.another(random);
            Visitor.Answer done = person.set(job, revision, slide.key(), value);
            if (done.isOk()) {
                acknowledged.incrementAndGet();
                expect(
                        done.json().path("revision").asInt() == revision + 1,
                        "an edit made another revision than the next");
                revision++;
                return done;
            }
            unanswered.incrementAndGet();
            if (done.status() == 500 || done.status() == 409) {
                faults.add(job + ": edit answered " + done.status() + " " + done.text());
            }
            Visitor.Answer now = look();
            int stands = now.json().path("revision").asInt();
            double at = Slide.in(now.json()).orElseThrow().value();
            expect(
                    stands == revision || stands == revision + 1,
                    "at revision " + stands + ", acknowledged " + revision);
            expect(at == (stands == revision ? slide.value() : value), "revision " + stands + " stands at " + at);
            revision = stands;
            return now;
        }

        private void expect(boolean holds, String otherwise) {
            if (!holds) {
                faults.add(job + ": " + otherwise);
            }
        }
    }
}
