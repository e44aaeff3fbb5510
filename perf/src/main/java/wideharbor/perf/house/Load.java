package wideharbor.perf.house;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/** So many people at work at once, all signed in before anything is measured, each with a stream of events open. */
public final class Load {
    private static final int MINUTES = 5;
    private static final int EDIT_EACH_SECONDS = 60;
    private static final int BUILDS = 100;
    private static final String[] WORDS = {"plate", "rod 15", "battery", "monitor", "clamp", "cable", "prime", "handle"
    };

    private final List<String> jobs;
    private final Timings timings = new Timings();
    private final long until;
    private final CountDownLatch done;

    private Load(List<String> jobs, int people, double minutes) {
        this.jobs = jobs;
        this.until = System.nanoTime() + (long) (minutes * 60e9);
        this.done = new CountDownLatch(people);
    }

    /** base address, accounts, demo folder, people, minutes (5). */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        TrialHouse house = TrialHouse.at(arguments[0], Path.of(arguments[1]), Path.of(arguments[2]));
        int count = Integer.parseInt(arguments[3]);
        double minutes = arguments.length > 4 ? Double.parseDouble(arguments[4]) : MINUTES;
        System.out.println(count + " people on " + BUILDS + " jobs, " + minutes + " minutes");
        List<String> jobs = house.jobs(BUILDS);
        List<Visitor> people = house.people(count);
        System.out.println("all are signed in");
        Load load = new Load(jobs, count, minutes);
        List<InputStream> streams = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            streams.add(people.get(i).listen("/api/events?tab=tab-of-trial-" + i + "&job=" + jobs.get(i % BUILDS)));
            load.begin(people.get(i), i);
        }
        load.done.await();
        for (InputStream stream : streams) {
            stream.close();
        }
        System.out.print(load.timings.table());
        System.exit(0);
    }

    private void begin(Visitor person, int number) {
        Thread thread = new Thread(() -> work(person, number), "trial-" + number);
        thread.setDaemon(true);
        thread.start();
    }

    private void work(Visitor person, int number) {
        Random random = new Random(number * 0x9E3779B97F4A7C15L);
        String job = jobs.get(number % BUILDS);
        String bench = "/api/jobs/" + job + "/builds/a/bench";
        long edit = System.nanoTime() + TimeUnit.SECONDS.toNanos(random.nextInt(EDIT_EACH_SECONDS));
        try {
            TimeUnit.MILLISECONDS.sleep(random.nextInt(10_000));
            while (System.nanoTime() < until) {
                if (System.nanoTime() > edit) {
                    edit += TimeUnit.SECONDS.toNanos(EDIT_EACH_SECONDS);
                    edit(person, job, bench, random);
                } else {
                    look(person, job, bench, random);
                }
                TimeUnit.MILLISECONDS.sleep(3_000 + random.nextInt(7_000));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            done.countDown();
        }
    }

    private void look(Visitor person, String job, String bench, Random random) {
        int which = random.nextInt(20);
        if (which < 3) {
            timings.add("jobs", person.get("/api/jobs"));
        } else if (which < 11) {
            timings.add("bench", person.get(bench));
        } else if (which < 14) {
            timings.add("power", person.get("/api/jobs/" + job + "/builds/a/power"));
        } else if (which < 17) {
            timings.add("signal", person.get("/api/jobs/" + job + "/builds/a/signals"));
        } else {
            String word = WORDS[random.nextInt(WORDS.length)].replace(" ", "+");
            timings.add("search", person.get("/api/catalogue?search=" + word));
        }
    }

    /** Moves a setting a little, then asks for the remedies of what is found first, as the Bench does. */
    private void edit(Visitor person, String job, String bench, Random random) {
        Visitor.Answer seen = person.get(bench);
        timings.add("bench", seen);
        if (!seen.isOk()) {
            return;
        }
        JsonNode state = seen.json();
        Optional<Slide> slide = Slide.in(state);
        if (slide.isEmpty()) {
            return;
        }
        Visitor.Answer done = person.set(
                job,
                state.path("revision").asInt(),
                slide.get().key(),
                slide.get().another(random));
        timings.add("edit", done);
        if (done.isOk()) {
            done.json()
                    .path("findings")
                    .valueStream()
                    .limit(4)
                    .forEach(f -> timings.add(
                            "remedies",
                            person.get("/api/jobs/" + job + "/remedies?first=true&finding="
                                    + encoded(f.path("key").asString()))));
        }
    }

    private static String encoded(String text) {
        return java.net.URLEncoder.encode(text, java.nio.charset.StandardCharsets.UTF_8);
    }
}
