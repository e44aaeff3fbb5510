package wideharbor.perf.house;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * Package files and lists of parts that were spoiled at random: cut off, with other bytes, other kinds of values, huge
 * and endless ones, script and formulas in names. Each is taken whole or refused in words; nothing of it stays
 * otherwise.
 */
public final class Hostile {
    private static final List<String> DEMOS = List.of("second-bell", "slack-water", "kiln", "the-lift", "queens-yard");

    private static final String[] VALUES = {
        "null",
        "-1",
        "1e308",
        "-1e308",
        "1e999",
        "0",
        "-0.0",
        "\"\"",
        "\"x\"",
        "[]",
        "{}",
        "true",
        "[[[[[[]]]]]]",
        "\"<script>alert(1)</script>\"",
        "\"=1+1\"",
        "\"\\u0000\"",
        "\"\\ud800\"",
        "\"../../etc/passwd\"",
        "2147483648",
        "\"" + "9".repeat(400) + "\"",
        "9".repeat(300),
        "\"" + "a".repeat(10_000) + "\"",
        "[1,2,3]",
        "{\"id\":1}",
        "1.5"
    };

    private final TrialHouse house;
    private final Random random = new Random(11);
    private final Map<Integer, Integer> answers = new TreeMap<>();
    private int faults;

    private Hostile(TrialHouse house) {
        this.house = house;
    }

    /** base address, accounts, demo folder, how many files, how many lists. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        Hostile hostile = new Hostile(TrialHouse.at(arguments[0], Path.of(arguments[1]), Path.of(arguments[2])));
        hostile.files(Integer.parseInt(arguments[3]));
        hostile.lists(Integer.parseInt(arguments[4]));
        System.out.println(hostile.faults == 0 ? "none made the house stumble" : hostile.faults + " FAULTS");
        System.exit(hostile.faults == 0 ? 0 : 1);
    }

    private long jobs() {
        return house.lead().get("/api/jobs").json().path("total").asLong();
    }

    private void files(int count) throws IOException {
        long before = jobs();
        int taken = 0;
        long longest = 0;
        for (int i = 0; i < count; i++) {
            String id = "hostile-" + i;
            byte[] file = spoiled(house.packageFile(DEMOS.get(i % DEMOS.size()), id));
            Visitor.Answer answer = house.lead().upload(i % 4 == 3 ? "/api/packages/compare" : "/api/packages", file);
            longest = Math.max(longest, answer.nanos());
            count(answer, "file " + i);
            if (answer.status() == 201) {
                taken++;
                String job = answer.json().path("job").asString();
                Visitor.Answer view = house.lead().get("/api/jobs/" + job);
                count(view, "job of file " + i);
                if (taken % 20 == 0) {
                    count(house.lead().get("/api/jobs/" + job + "/dispatch"), "dispatch of file " + i);
                }
            }
            if (i % 1000 == 999) {
                System.out.println((i + 1) + " files, answers " + answers);
            }
        }
        long now = jobs();
        if (now - before != taken) {
            fault("jobs went from " + before + " to " + now + ", taken were " + taken);
        }
        System.out.printf("%d files: %d taken, answers %s, longest %.0f ms%n", count, taken, answers, longest / 1e6);
    }

    private void count(Visitor.Answer answer, String what) {
        answers.merge(answer.status(), 1, Integer::sum);
        boolean told = answer.isOk() || answer.text().contains("\"detail\"");
        if (answer.status() >= 500
                || answer.status() == 0
                || !told
                || answer.text().contains("Exception")
                || answer.text().contains("wideharbor.")) {
            fault(what + " answered " + answer.status() + " " + answer.text());
        }
    }

    private void fault(String words) {
        faults++;
        System.out.println("FAULT: " + (words.length() > 600 ? words.substring(0, 600) : words));
    }

    private byte[] spoiled(byte[] whole) {
        switch (random.nextInt(10)) {
            case 0:
                return Arrays.copyOf(whole, random.nextInt(whole.length));
            case 1:
                for (int i = 0; i < 1 + random.nextInt(20); i++) {
                    whole[random.nextInt(whole.length)] = (byte) random.nextInt(256);
                }
                return whole;
            default:
                String text = new String(whole, StandardCharsets.UTF_8);
                for (int i = 0; i < 1 + random.nextInt(2); i++) {
                    text = otherValue(text);
                }
                return text.getBytes(StandardCharsets.UTF_8);
        }
    }

    /** A value that is no object and no list, with its colon. */
    private static final Pattern VALUE = Pattern.compile(": (\"[^\"]*\"|-?[0-9][0-9.eE+-]*|true|false)");

    /** Puts something else in place of what stands behind some colon. */
    private String otherValue(String text) {
        Matcher at = VALUE.matcher(text);
        if (!at.find(random.nextInt(text.length()))) {
            return text;
        }
        return text.substring(0, at.start(1)) + other(at.group(1), text) + text.substring(at.end(1));
    }

    /** Mostly near what stood there: what the schema lets pass is what the rest of the house must stand. */
    private String other(String value, String text) {
        if (value.matches("-?[0-9.]+") && random.nextInt(4) > 0) {
            double near = Double.parseDouble(value) * (random.nextInt(7) - 2) + random.nextInt(3);
            return value.contains(".") ? String.valueOf(near) : String.valueOf((long) near);
        }
        if (value.startsWith("\"") && random.nextInt(4) > 0) {
            // A name that stands elsewhere: of another part, port, cable, lens.
            Matcher elsewhere = VALUE.matcher(text);
            if (elsewhere.find(random.nextInt(text.length()))) {
                return elsewhere.group(1);
            }
        }
        return VALUES[random.nextInt(VALUES.length)];
    }

    private void lists(int count) throws InterruptedException {
        String whole = house.lead().get("/api/catalogue.csv").text();
        String parts = house.lead().get("/api/catalogue").json().path("total").asString();
        answers.clear();
        for (int i = 0; i < count; i++) {
            byte[] list = spoiledList(whole).getBytes(StandardCharsets.UTF_8);
            Visitor.Answer begun = house.lead().upload("/api/catalogue/imports?name=list" + i + ".csv", list);
            count(begun, "list " + i);
            if (begun.isOk()) {
                ended(begun.json().path("id").asString(), i);
            }
        }
        String now = house.lead().get("/api/catalogue").json().path("total").asString();
        if (!now.equals(parts)) {
            fault("the catalogue went from " + parts + " to " + now + " parts by dry runs");
        }
        System.out.println(count + " lists: answers " + answers);
    }

    private void ended(String id, int number) throws InterruptedException {
        String path = "/api/catalogue/imports/" + id;
        for (int i = 0; i < 600; i++) {
            Visitor.Answer state = house.lead().get(path);
            count(state, "state of list " + number);
            JsonNode json = state.json();
            String stage = json.path("stage").asString();
            if (stage.equals("CHECKED") || stage.equals("REFUSED") || stage.equals("CANCELLED")) {
                if (json.path("message").asString().startsWith("Internal")) {
                    fault("list " + number + ": " + state.text());
                }
                house.lead().delete(path);
                return;
            }
            TimeUnit.MILLISECONDS.sleep(20);
        }
        fault("list " + number + " was never read to its end");
    }

    private String spoiledList(String whole) {
        StringBuilder text = new StringBuilder(whole.substring(0, Math.min(whole.length(), 60_000)));
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(5)) {
                case 0 -> text.setLength(Math.max(1, at));
                case 1 -> text.insert(at, '"');
                case 2 -> text.insert(at, VALUES[random.nextInt(VALUES.length)]);
                case 3 -> text.insert(at, "\n,,,,=cmd|' /C calc'!A0,,");
                default -> text.setCharAt(at, (char) random.nextInt(0x300));
            }
        }
        return text.toString();
    }
}
