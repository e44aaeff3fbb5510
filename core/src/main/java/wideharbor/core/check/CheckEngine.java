package wideharbor.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.LensId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Workers;

/** Runs every check over every configuration and lens of a job. Same input, same findings in the same order. */
public final class CheckEngine {
    private final List<Check> checks;
    private final Workers workers;

    public CheckEngine(List<Check> checks) {
        this(checks, Workers.ALONE);
    }

    /** {@code workers} judge configurations and lenses side by side: rigs share nothing that is written. */
    public CheckEngine(List<Check> checks, Workers workers) {
        this.checks = List.copyOf(checks);
        this.workers = workers;
    }

    /** The checks this product knows. */
    public static CheckEngine standard() {
        return standard(Workers.ALONE);
    }

    /** The same, judged by several. */
    public static CheckEngine standard(Workers workers) {
        return new CheckEngine(AllChecks.list(), workers);
    }

    public List<Check> checks() {
        return checks;
    }

    public Check require(String id) {
        return checks.stream()
                .filter(c -> c.card().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no check '" + id + "'"));
    }

    /** What the checks say of a job, each configuration judged when it is first asked for. */
    public Judged judge(JobAnalysis analyses) {
        return new Judged(this, analyses);
    }

    public Judged judge(Job job) {
        return judge(JobAnalysis.of(job));
    }

    /** Every configuration of a job. */
    public Report check(Job job) {
        return judge(job).report();
    }

    Workers workers() {
        return workers;
    }

    /** The report of a job from those of its configurations. */
    public Report together(List<Report> reports) {
        Collected collected = new Collected();
        reports.forEach(collected::add);
        return collected.report(checks);
    }

    /** All checks of one rig: one configuration with the lens that is in the slot. */
    public Report check(RigAnalysis analysis) {
        Collected collected = new Collected();
        collected.addAll(results(analysis));
        return collected.report(checks);
    }

    /** All checks of one configuration with each of its lenses. */
    @SuppressWarnings("ReferenceEquality")
    Report check(ConfigurationAnalysis analyses) {
        Collected collected = new Collected();
        List<RigAnalysis> rigs = analyses.all().toList();
        // The others take over from the first: it comes before them, so that nobody waits for it with a core in hand.
        rigs.get(0).clearances();
        rigs.get(0).monitoring();
        List<Asked> asked = workers.map(rigs, rig -> {
            Set<Basis> same = rig == rigs.get(0) ? Set.of() : rig.sameAs(rigs.get(0));
            return new Asked(same, results(rig, c -> !same.contains(c.card().basis())));
        });
        for (Asked of : asked) {
            collected.addAll(of.results());
            // What was not asked again counts as looked at all the same.
            for (int i = 0; i < checks.size(); i++) {
                if (of.same().contains(checks.get(i).card().basis())) {
                    collected.add(asked.get(0).results().get(i));
                }
            }
        }
        if (!analyses.lenses().contains(LensId.NONE)) {
            // The same subjects once more: they are not counted again.
            results(analyses.with(LensId.NONE), c -> c.card().emptySlot())
                    .forEach(r -> collected.add(r.findings(), Map.of()));
        }
        return collected.report(checks);
    }

    /** What one rig was asked, and on what it is the same as the first. */
    private record Asked(Set<Basis> same, List<Results> results) {}

    /**
     * Whether a check still finds this very thing: that check alone, with the key's lens or, without one, with every
     * lens.
     */
    boolean finds(ConfigurationAnalysis analyses, FindingKey key) {
        return slots(analyses, key).stream().anyMatch(lens -> finds(analyses.with(lens), key));
    }

    /** The first lens with which a finding that names none is there: what it concerns is on the rig then. */
    RigAnalysis whereFound(ConfigurationAnalysis analyses, FindingKey key) {
        return slots(analyses, key).stream()
                .map(analyses::with)
                .filter(c -> finds(c, key))
                .findFirst()
                .orElseGet(() ->
                        analyses.with(key.lens().isNone() ? analyses.lenses().get(0) : key.lens()));
    }

    /** With what in the slot a finding may be met: its own lens; where it names none, any, or nothing. */
    private List<LensId> slots(ConfigurationAnalysis analyses, FindingKey key) {
        if (!key.lens().isNone()) {
            return List.of(key.lens());
        }
        List<LensId> all = new ArrayList<>(analyses.lenses());
        if (require(key.check()).card().emptySlot() && !all.contains(LensId.NONE)) {
            all.add(LensId.NONE);
        }
        return all;
    }

    private boolean finds(RigAnalysis analysis, FindingKey key) {
        return results(require(key.check()), analysis).findings().stream()
                .anyMatch(f -> f.key().equals(key));
    }

    private List<Results> results(RigAnalysis analysis) {
        return results(analysis, check -> true);
    }

    private List<Results> results(RigAnalysis analysis, Predicate<Check> which) {
        return checks.stream()
                .filter(which)
                .map(check -> results(check, analysis))
                .toList();
    }

    private static Results results(Check check, RigAnalysis analysis) {
        Results results = new Results(check.card(), analysis);
        check.run(analysis, results);
        return results;
    }

    /** Findings by key; where several lenses give the same key, the worst stands. */
    private static final class Collected {
        private final Map<FindingKey, Finding> findings = new TreeMap<>();
        private final Map<String, Integer> looked = new LinkedHashMap<>();

        void addAll(List<Results> all) {
            all.forEach(this::add);
        }

        private void add(Results results) {
            add(results.findings(), Map.of(results.card().id(), results.looked()));
        }

        void add(Report report) {
            add(report.findings(), report.looked());
        }

        private void add(List<Finding> found, Map<String, Integer> lookedAt) {
            lookedAt.forEach((check, count) -> looked.merge(check, count, Integer::sum));
            found.forEach(finding -> findings.merge(finding.key(), finding, Collected::worse));
        }

        private static Finding worse(Finding a, Finding b) {
            if (a.severity() != b.severity()) {
                return a.severity().compareTo(b.severity()) < 0 ? a : b;
            }
            return b.evidence().excess() > a.evidence().excess() ? b : a;
        }

        Report report(List<Check> checks) {
            List<String> order = checks.stream().map(c -> c.card().id()).toList();
            List<Finding> sorted = new ArrayList<>(findings.values());
            sorted.sort(Comparator.comparing(Finding::severity)
                    .thenComparing(f -> order.indexOf(f.key().check()))
                    .thenComparing(Finding::key));
            return new Report(sorted, looked);
        }
    }
}
