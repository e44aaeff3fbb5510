package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import wideharbor.core.build.GearPackage;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Remedies;
import wideharbor.core.check.Report;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;

class CheckCommandTest {
    @TempDir
    Path folder = Path.of("");

    private String out = "";
    private String err = "";

    private int run(String... args) {
        StringWriter o = new StringWriter();
        StringWriter e = new StringWriter();
        int code = CheckCommand.run(args, new PrintWriter(o, true), new PrintWriter(e, true));
        out = o.toString();
        err = e.toString();
        return code;
    }

    private static String file(String job) {
        return HarborCodecTest.DEMO.resolve(job + ".harbor.json").toString();
    }

    @Test
    void heldIsOneAndSaysByWhat() {
        assertEquals(CheckCommand.HELD, run(file("slack-water")));
        assertTrue(out.startsWith("Slack Water: Held by 5 stops, 10 unread cautions"), out);
        assertTrue(out.contains("Axis 2.0 mm low over the rods"), out);
        assertTrue(out.contains("has 83.00 mm, needs 84.00 to 86.00 mm"), out);
        assertTrue(out.contains("fix: Riser R-2 under Quick plate Q-11"), out);
    }

    /** The body gets no time in any of its ways: one paragraph, and where it is so. */
    @Test
    void whatIsSharedIsToldOnce() {
        run("--no-fixes", file("queens-yard"));
        assertEquals(2, out.split("Body Quellmar Auk gets no time", -1).length, out);
        assertTrue(out.contains("in Low pole; Dome, on sticks; Walking, on the post"), out);
    }

    @Test
    void clearIsZero() {
        assertEquals(CheckCommand.CLEAR, run("--strict", file("second-bell")));
        assertTrue(out.startsWith("Second Bell: Clear"), out);
    }

    @Test
    void strictHoldsOnUnreadCautions() throws IOException {
        Job job = new HarborCodec().read(HarborCodecTest.demo("second-bell"));
        Job unread = new Job(
                job.id(), job.title(), job.brief(), job.rules(), job.catalogue(), job.gear(), List.of(), List.of());
        Path path = folder.resolve("unread.harbor.json");
        Files.write(path, new HarborCodec().write(unread));
        assertEquals(CheckCommand.CLEAR, run(path.toString()));
        assertEquals(CheckCommand.HELD, run("--strict", path.toString()));
    }

    @Test
    void unreadableIsTwoAndNamesThePlace() throws IOException {
        Path path = folder.resolve("broken.harbor.json");
        Files.writeString(path, "{\"format\": \"wide-harbor\", \"version\": 9}");
        assertEquals(CheckCommand.UNREADABLE, run(path.toString()));
        assertTrue(err.contains("/version"), err);
        assertEquals(CheckCommand.UNREADABLE, run(folder.resolve("nowhere.json").toString()));
        assertTrue(err.contains("cannot be read"), err);
    }

    @Test
    void jsonIsForPrograms() {
        assertEquals(CheckCommand.HELD, run("--json", file("kiln")));
        JsonNode json = HarborCodec.mapper().readTree(out);
        assertEquals(9, json.at("/verdict/stops").asInt());
        assertEquals(
                "mount.needs|needs|a|low||part:motor,named:motor-box",
                json.at("/findings/0/key").asString());
        assertEquals(
                "Rail clamp, 1/4-20 with pins in place of Rail clamp, 1/4-20, no stop",
                json.at("/findings/2/fixes/0").asString());
    }

    /**
     * The demo's story: five planted faults of five families, each mended by a fix that is offered, to a clear verdict.
     */
    @Test
    void slackWaterIsMendedToAClearVerdictByItsFixesAlone() {
        CheckEngine engine = CheckEngine.standard();
        Job job = new HarborCodec().read(HarborCodecTest.demo("slack-water"));
        Report report = engine.check(job);
        assertEquals(
                List.of("rods.axis-height", "rods.reach", "front.corners", "power.runtime", "brief.viewers"),
                report.findings().stream()
                        .filter(f -> f.severity() == Severity.STOP)
                        .map(f -> f.key().check())
                        .distinct()
                        .toList());
        for (int i = 0; i < 24; i++) {
            Judged now = engine.judge(job);
            Remedies remedies = now.remedies();
            List<Remedies.Fix> fixes = now.report().findings().stream()
                    .map(remedies::of)
                    .filter(f -> !f.isEmpty())
                    .findFirst()
                    .orElse(List.of());
            if (fixes.isEmpty()) {
                break;
            }
            GearPackage next = job.gear()
                    .apply(BuildId.of("a"), fixes.get(0).commands(), job.catalogue())
                    .after();
            job = job.with(next);
        }
        Report mended = engine.check(job);
        // What a scale, a card and a neck must tell is left: no part on the shelf mends it.
        assertEquals(
                List.of("mass.known", "brief.recording", "people.finder"),
                mended.findings().stream()
                        .filter(f -> f.severity() != Severity.NOTE)
                        .map(f -> f.key().check())
                        .toList());
        List<Job.CautionRead> reads = mended.findings().stream()
                .map(Finding::key)
                .map(k -> new Job.CautionRead(k, Job.Accepted.STATEMENT, "tech", "now"))
                .toList();
        Job read =
                new Job(job.id(), job.title(), job.brief(), job.rules(), job.catalogue(), job.gear(), reads, List.of());
        assertTrue(Verdict.of(mended, read).clear());
    }

    @Test
    void theDemoIsAsLargeAsItShouldBe() {
        Job job = new HarborCodec().read(HarborCodecTest.demo("slack-water"));
        assertTrue(job.catalogue().all().size() >= 32, "item types");
        assertTrue(job.gear().build(BuildId.of("a")).base().placements().size() >= 25, "placements");
    }

    @Test
    void thePullListIsPlainCsv() {
        Job job = new HarborCodec().read(HarborCodecTest.demo("kiln"));
        String csv = PullListCsv.write(PullList.of(job));
        assertTrue(
                csv.startsWith(
                        "category,item,maker,name,on_rig,in_kit,pieces,each_g,line_g,serves\r\nbody,body-wren@2,"),
                csv);
        assertTrue(csv.contains("battery,battery-98@1,Quellmar,Battery 98 Wh,1,7,8,760,6080,"), csv);
        csv = PullListCsv.write(PullList.of(new HarborCodec().read(HarborCodecTest.demo("slack-water"))));
        assertTrue(csv.contains("legs,legs-150@2,Fennholt,\"Legs, house, no label\",1,0,1,,"), "no mass is no number");
    }
}
