package wideharbor.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.edit.Candidate;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.FindingKey;
import wideharbor.core.memo.Memo;
import wideharbor.core.quantity.CheckState;

/**
 * What would mend the findings of one state of a job. Candidate edits are tried on a copy; offered are only those that
 * clear their finding and add no stop. Any number of threads may ask.
 */
public final class Remedies {
    private static final int MOST_FIXES = 4;

    private final CheckEngine engine;
    private final Judged now;
    /** The same edit is a candidate for many findings: with every lens, in every configuration that shares a part. */
    private final Memo<List<Scoped>, Trial> trials = new Memo<>();

    /** The engine's workers try; who judged the state may have others. */
    public Remedies(CheckEngine engine, Judged now) {
        this.engine = engine;
        this.now = now;
    }

    /**
     * A remedy that was tried.
     *
     * @param id stable for the same finding at the same revision
     * @param cleared titles of all findings it clears, the one asked about first
     * @param raised cautions and notes it adds
     */
    public record Fix(
            String id, String kind, String title, List<Scoped> commands, List<String> cleared, Raised raised) {
        Fix titled(String other) {
            return new Fix(id, kind, other, commands, cleared, raised);
        }

        Fix numbered(int number) {
            return new Fix(kind + "-" + number, kind, title, commands, cleared, raised);
        }
    }

    /**
     * What mends a finding.
     *
     * @param all false where others may do so too: nothing was looked for beyond one that brings no new trouble
     */
    public record Found(List<Fix> fixes, boolean all) {}

    /** Everything that mends a finding, the least new trouble first. */
    public List<Fix> of(Finding finding) {
        return of(finding, () -> true);
    }

    /** The same, while somebody wants to know: asked before each candidate, since each costs many checks. */
    public List<Fix> of(Finding finding, BooleanSupplier wanted) {
        return look(finding, wanted, false).fixes();
    }

    /** The one that {@link #of} tells first: when it brings no new trouble, none is tried after it. */
    public Found first(Finding finding, BooleanSupplier wanted) {
        Found found = look(finding, wanted, true);
        return new Found(
                found.fixes().stream().limit(1).toList(),
                found.all() && found.fixes().size() <= 1);
    }

    private Found look(Finding finding, BooleanSupplier wanted, boolean oneIsEnough) {
        if (finding.state() == CheckState.NOT_CHECKED) {
            return new Found(List.of(), true);
        }
        FindingKey key = finding.key();
        List<Fix> tried = new ArrayList<>();
        var analysis = engine.whereFound(now.analyses().of(place(key)), key);
        for (Candidate candidate : engine.require(key.check()).candidates(finding, analysis)) {
            if (tried.size() == MOST_FIXES || !wanted.getAsBoolean()) {
                break;
            }
            attempt(key, candidate, tried);
            if (oneIsEnough && bringsNothing(tried)) {
                return new Found(ranked(new Apart(analysis.rig(), analysis.catalogue()).told(tried)), false);
            }
        }
        return new Found(ranked(new Apart(analysis.rig(), analysis.catalogue()).told(tried)), true);
    }

    private static boolean bringsNothing(List<Fix> tried) {
        return !tried.isEmpty() && tried.get(tried.size() - 1).raised().titles().isEmpty();
    }

    private static ConfigurationKey place(FindingKey key) {
        return new ConfigurationKey(key.build(), key.configuration());
    }

    /** What brings the least new trouble first; among equals the order of the check. */
    private static List<Fix> ranked(List<Fix> tried) {
        List<Fix> sorted = new ArrayList<>(tried);
        sorted.sort(Comparator.comparingInt(f -> f.raised().titles().size()));
        return IntStream.range(0, sorted.size())
                .mapToObj(i -> sorted.get(i).numbered(i + 1))
                .toList();
    }

    private void attempt(FindingKey key, Candidate candidate, List<Fix> tried) {
        Trial trial = trials.get(candidate.commands(), c -> Trial.of(engine, now, key.build(), c));
        ConfigurationKey here = place(key);
        if (trial.isRefused() || trial.finds(key)) {
            return;
        }
        Report before = now.of(here);
        Report report = trial.report(here);
        Report.Change change = report.since(before);
        if (report.find(key).isEmpty()
                && addsNoStop(report, before)
                && (!isShared(candidate) || sparesOthers(trial, here))) {
            tried.add(new Fix(
                    "",
                    candidate.kind(),
                    candidate.title(),
                    candidate.commands(),
                    titles(change.cleared()),
                    Raised.of(change.raised())));
        }
    }

    /** Whether a remedy changes what other configurations share; packing more of something never stops one. */
    private static boolean isShared(Candidate candidate) {
        return candidate.commands().stream()
                .anyMatch(c -> c.command() instanceof Command.AddKit add
                        ? add.count() < 0
                        : !(c.scope() instanceof Scope.InConfiguration));
    }

    /** A remedy in what all share must not stop another configuration of the body. */
    private boolean sparesOthers(Trial trial, ConfigurationKey here) {
        return ConfigurationKey.all(now.job()).stream()
                .filter(other -> other.build().equals(here.build()) && !other.equals(here) && trial.has(other))
                .allMatch(other -> addsNoStop(trial.report(other), now.of(other)));
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
