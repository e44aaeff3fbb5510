package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Tally;

class ChecksCommandTest {
    private String out = "";
    private String err = "";

    private int run(String... files) {
        StringWriter o = new StringWriter();
        StringWriter e = new StringWriter();
        int code = ChecksCommand.run(files, new PrintWriter(o, true), new PrintWriter(e, true));
        out = o.toString();
        err = e.toString();
        return code;
    }

    private static String file(String job) {
        return HarborCodecTest.DEMO.resolve(job + ".harbor.json").toString();
    }

    /** What looks at nothing looks green: the demo gives every check something to look at. */
    @Test
    void everyCheckHasASubjectInTheDemo() throws IOException {
        try (Stream<Path> all = Files.list(HarborCodecTest.DEMO)) {
            String[] files = all.map(Path::toString)
                    .filter(f -> f.endsWith(".harbor.json"))
                    .sorted()
                    .toArray(String[]::new);
            assertEquals(5, files.length);
            assertEquals(CheckCommand.CLEAR, run(files), out);
        }
        assertTrue(out.contains("checks, each looked at something."), out);
    }

    @Test
    void oneJobLeavesSomeWithoutASubjectAndSaysWhich() {
        assertEquals(CheckCommand.HELD, run(file("second-bell")));
        assertTrue(out.contains("Looked at nothing: "), out);
        assertTrue(out.substring(out.indexOf("Looked at nothing: ")).contains("balance.gimbal"), out);
    }

    @Test
    void whatIsUnreadableIsNamed() {
        assertEquals(CheckCommand.UNREADABLE, run("nowhere.harbor.json"));
        assertTrue(err.contains("nowhere.harbor.json"), err);
    }

    /** Looked at is fine, found, undecided or not checked; the tally is the report's. */
    @Test
    void theTallyIsTheReports() {
        var job = new HarborCodec().read(HarborCodecTest.demo("slack-water"));
        CheckEngine engine = CheckEngine.standard();
        var report = engine.judge(job).report();
        List<Tally> all = Tally.of(engine, report);
        assertEquals(engine.checks().size(), all.size());
        assertEquals(
                report.findings().size(),
                all.stream()
                        .mapToInt(t -> t.found() + t.undecided() + t.notChecked())
                        .sum());
        assertTrue(all.stream().allMatch(t -> t.fine() >= 0), all::toString);
        Tally axis = all.stream()
                .filter(t -> t.check().equals("rods.axis-height"))
                .findFirst()
                .orElseThrow();
        assertEquals(axis.looked() * 2, axis.plus(axis).looked());
        assertTrue(axis.found() > 0);
    }
}
