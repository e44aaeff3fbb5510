package wideharbor.format;

import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Remedies;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Helpers;
import wideharbor.core.quantity.Words;

/** {@code harbor check FILE}: verdict and findings of one package file. Exit 0 no open stop, 1 held, 2 unreadable. */
@Command(
        name = "harbor check",
        description = "Checks a *.harbor.json package. Exit 0: no open stop; 1: held; 2: unreadable.",
        mixinStandardHelpOptions = true)
public final class CheckCommand implements Callable<Integer> {
    private static final int MOST_MENDED = 24;
    static final int CLEAR = 0;
    static final int HELD = 1;
    static final int UNREADABLE = 2;

    @Parameters(index = "0", paramLabel = "FILE", description = "a *.harbor.json file")
    private Path file = Path.of("");

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Option(names = "--strict", description = "unread cautions hold too")
    private boolean strict;

    @Option(names = "--no-fixes", description = "do not search for fixes")
    private boolean noFixes;

    @Spec
    private CommandSpec spec = CommandSpec.create();

    public static void main(String[] args) {
        System.exit(run(args, writer(System.out), writer(System.err)));
    }

    static PrintWriter writer(PrintStream to) {
        return new PrintWriter(to, true, StandardCharsets.UTF_8);
    }

    static int run(String[] args, PrintWriter out, PrintWriter err) {
        return new CommandLine(new CheckCommand())
                .setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler((e, line, result) -> {
                    err.println("Internal error: " + e);
                    return UNREADABLE;
                })
                .execute(args);
    }

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        Job job;
        try {
            job = new HarborCodec().read(Files.readAllBytes(file));
        } catch (IOException e) {
            return unreadable(List.of(new HarborFormatException.Problem(file.toString(), "cannot be read")));
        } catch (HarborFormatException e) {
            return unreadable(e.problems());
        }
        CheckEngine engine = CheckEngine.standard(Helpers.onEveryCore());
        Judged judged = engine.judge(job);
        Report report = judged.report();
        Map<FindingKey, List<Remedies.Fix>> fixes = noFixes ? Map.of() : tried(judged);
        Verdict verdict = Verdict.of(report, job);
        if (json) {
            out.println(HarborCodec.mapper().writeValueAsString(asJson(job, report, fixes, verdict)));
        } else {
            print(out, judged, fixes);
        }
        boolean held = verdict.stops() + verdict.open() > 0 || strict && verdict.unreadCautions() > 0;
        return held ? HELD : CLEAR;
    }

    /** The weightiest findings first; a package with more of them is far from done, and trying takes long. */
    private static Map<FindingKey, List<Remedies.Fix>> tried(Judged judged) {
        Remedies remedies = judged.remedies();
        return judged.report().findings().stream()
                .limit(MOST_MENDED)
                .collect(Collectors.toMap(Finding::key, remedies::of));
    }

    private int unreadable(List<HarborFormatException.Problem> problems) {
        PrintWriter err = spec.commandLine().getErr();
        err.println("Unreadable: " + file);
        problems.forEach(p -> err.println("  " + p));
        return UNREADABLE;
    }

    private static void print(PrintWriter out, Judged judged, Map<FindingKey, List<Remedies.Fix>> fixes) {
        Verdict verdict = judged.verdict();
        out.println(judged.job().title() + ": " + verdict.inWords());
        out.println("stops " + verdict.stops() + ", undecided " + verdict.open() + ", cautions unread "
                + verdict.unreadCautions() + ", read " + verdict.readCautions() + ", notes " + verdict.notes()
                + ", waived " + verdict.waived());
        alike(judged.report().findings()).forEach((told, findings) -> {
            out.println();
            out.println(told);
            out.println("      in " + where(findings, judged.job()));
            out.println("      " + findings.get(0).key());
            findings.stream()
                    .flatMap(f -> fixes.getOrDefault(f.key(), List.of()).stream())
                    .map(Remedies.Fix::title)
                    .distinct()
                    .forEach(title -> out.println("      fix: " + title));
        });
    }

    /** What is the same in several configurations, or with several lenses, is told once. */
    private static Map<String, List<Finding>> alike(List<Finding> findings) {
        return findings.stream()
                .collect(Collectors.groupingBy(
                        f -> String.join(
                                System.lineSeparator() + "      ",
                                word(f) + "  " + f.title(),
                                inWords(f.evidence()),
                                f.why()),
                        LinkedHashMap::new,
                        Collectors.toList()));
    }

    private static String where(List<Finding> findings, Job job) {
        return findings.stream().map(f -> place(f.key(), job)).distinct().collect(Collectors.joining("; "));
    }

    private static String place(FindingKey key, Job job) {
        Build build = job.gear().build(key.build());
        String worn = build.configuration(key.configuration())
                .map(Configuration::title)
                .orElse(key.configuration().toString());
        return job.gear().builds().size() > 1 ? build.title() + ": " + worn : worn;
    }

    private static String word(Finding finding) {
        String severity = finding.severity().name().toLowerCase(java.util.Locale.ROOT);
        return String.format(java.util.Locale.ROOT, "%-8s", severity);
    }

    private static String inWords(Evidence evidence) {
        if (evidence instanceof Evidence.Amount a) {
            return "has " + Words.two(a.measured()) + " " + a.unit() + ", needs " + need(a) + " " + a.unit();
        }
        Evidence.Statement s = (Evidence.Statement) evidence;
        return "has " + s.measured() + ", needs " + s.needed();
    }

    private static String need(Evidence.Amount a) {
        if (Double.isInfinite(a.neededFrom())) {
            return "at most " + Words.two(a.neededTo());
        }
        return Double.isInfinite(a.neededTo())
                ? "at least " + Words.two(a.neededFrom())
                : Words.two(a.neededFrom()) + " to " + Words.two(a.neededTo());
    }

    private static Map<String, Object> asJson(
            Job job, Report report, Map<FindingKey, List<Remedies.Fix>> fixes, Verdict verdict) {
        List<Object> findings = new ArrayList<>();
        for (Finding finding : report.findings()) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("key", finding.key().toString());
            one.put("check", finding.key().check());
            one.put("severity", finding.severity());
            one.put("state", finding.state());
            one.put("title", finding.title());
            one.put("evidence", inWords(finding.evidence()));
            one.put("why", finding.why());
            one.put(
                    "fixes",
                    fixes.getOrDefault(finding.key(), List.of()).stream()
                            .map(Remedies.Fix::title)
                            .toList());
            findings.add(one);
        }
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("job", job.id());
        all.put("title", job.title());
        all.put("verdict", verdict);
        all.put("findings", findings);
        return all;
    }
}
