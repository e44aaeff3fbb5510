package wideharbor.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.edit.Candidate;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;

/** Tries candidate edits on a copy: offered are only those that clear their finding and add no stop. */
public final class Proposer {
    private static final int MOST_FIXES = 4;

    /** A rig with more findings is far from done; the first are mended first, and each costs dozens of checks. */
    public static final int MOST_FINDINGS = 24;

    private final CheckEngine engine;

    public Proposer(CheckEngine engine) {
        this.engine = engine;
    }

    /**
     * A remedy that was tried.
     *
     * @param id stable for the same finding at the same revision
     * @param cleared titles of all findings it clears, the one asked about first
     * @param raised cautions and notes it adds
     */
    public record Fix(
            String id, String kind, String title, List<Scoped> commands, List<String> cleared, Raised raised) {}

    /**
     * Fixes for the first {@value #MOST_FINDINGS} findings of a report, the weightiest first; the rest are not in the
     * map.
     */
    public Map<FindingKey, List<Fix>> propose(Job job, Report report) {
        Map<FindingKey, List<Fix>> fixes = new HashMap<>();
        Known known = new Known(job);
        for (Finding finding : report.findings()
                .subList(0, Math.min(MOST_FINDINGS, report.findings().size()))) {
            fixes.put(finding.key(), propose(job, finding, known));
        }
        return fixes;
    }

    public List<Fix> propose(Job job, Finding finding) {
        return propose(job, finding, new Known(job));
    }

    /** What stands before any candidate is tried, worked out once for all findings of a job. */
    private final class Known {
        private final Job job;
        private final Map<String, ConfigurationAnalysis> analyses = new HashMap<>();
        private final Map<String, Report> reports = new HashMap<>();

        Known(Job job) {
            this.job = job;
        }

        ConfigurationAnalysis analyses(FindingKey key) {
            return analyses.computeIfAbsent(
                    key.build() + "|" + key.configuration(),
                    k -> ConfigurationAnalysis.of(job, key.build(), key.configuration()));
        }

        RigAnalysis analysis(FindingKey key) {
            ConfigurationAnalysis all = analyses(key);
            return key.lens().isEmpty() ? engine.whereFound(all, key) : all.with(key.lens());
        }

        /** Whether the job has this configuration before the edit. */
        boolean has(FindingKey key) {
            return job.gear()
                    .build(key.build())
                    .configuration(key.configuration())
                    .isPresent();
        }

        Report report(FindingKey key) {
            return reports.computeIfAbsent(key.build() + "|" + key.configuration(), k -> engine.check(analyses(key)));
        }
    }

    private List<Fix> propose(Job job, Finding finding, Known known) {
        if (finding.state() == CheckState.NOT_CHECKED) {
            return List.of();
        }
        FindingKey key = finding.key();
        List<Fix> tried = new ArrayList<>();
        RigAnalysis analysis = known.analysis(key);
        for (Candidate candidate : engine.require(key.check()).candidates(finding, analysis)) {
            if (tried.size() == MOST_FIXES) {
                break;
            }
            attempt(job, key, candidate, known, tried);
        }
        return ranked(tried);
    }

    /** What brings the least new trouble first; among equals the order of the check. */
    private static List<Fix> ranked(List<Fix> tried) {
        List<Fix> sorted = new ArrayList<>(tried);
        sorted.sort(Comparator.comparingInt(f -> f.raised().titles().size()));
        List<Fix> numbered = new ArrayList<>();
        for (Fix f : sorted) {
            numbered.add(new Fix(
                    f.kind() + "-" + (numbered.size() + 1),
                    f.kind(),
                    f.title(),
                    f.commands(),
                    f.cleared(),
                    f.raised()));
        }
        return numbered;
    }

    private void attempt(Job job, FindingKey key, Candidate candidate, Known known, List<Fix> tried) {
        try {
            GearPackage after = job.gear()
                    .apply(key.build(), candidate.commands(), job.catalogue())
                    .after();
            ConfigurationAnalysis changed = known.analyses(key).after(job.with(after));
            // Most candidates that fail do so at their own finding: that alone is looked at first.
            if (engine.finds(changed, key)) {
                return;
            }
            Report before = known.report(key);
            Report report = engine.check(changed);
            Report.Change change = report.since(before);
            if (report.find(key).isEmpty()
                    && addsNoStop(report, before)
                    && (!isShared(candidate) || sparesOthers(job.with(after), key, known))) {
                tried.add(new Fix(
                        "",
                        candidate.kind(),
                        candidate.title(),
                        candidate.commands(),
                        titles(change.cleared()),
                        Raised.of(change.raised())));
            }
        } catch (EditRefused refused) {
            // A candidate that the build itself refuses is no remedy; the next one may be.
        }
    }

    /** Whether a remedy changes what other configurations share; packing more of something never stops one. */
    private static boolean isShared(Candidate candidate) {
        return candidate.commands().stream()
                .anyMatch(c -> c.command() instanceof Command.AddKit add
                        ? add.count() < 0
                        : !(c.scope() instanceof Scope.InConfiguration));
    }

    /** A remedy in what all share must not stop another configuration of the build. */
    private boolean sparesOthers(Job changed, FindingKey key, Known known) {
        for (Configuration other : changed.gear().build(key.build()).configurations()) {
            FindingKey there = new FindingKey(key.check(), key.aspect(), key.build(), other.id(), "", List.of());
            boolean knownBefore = known.has(there);
            if (!other.id().equals(key.configuration())
                    && knownBefore
                    && !addsNoStop(engine.check(changed, key.build(), other.id()), known.report(there))) {
                return false;
            }
        }
        return true;
    }

    /** A new key with stop severity counts, and so does a known one that was less than a stop. */
    private static boolean addsNoStop(Report after, Report before) {
        Set<FindingKey> old = before.findings().stream()
                .filter(Finding::holds)
                .map(Finding::key)
                .collect(Collectors.toSet());
        return after.findings().stream().filter(Finding::holds).allMatch(f -> old.contains(f.key()));
    }

    private static List<String> titles(List<Finding> findings) {
        return findings.stream().map(Finding::title).distinct().toList();
    }
}
