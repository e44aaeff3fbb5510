package wideharbor.core.check;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Memo;

/**
 * An edit tried on a copy of a job. What the checks say of each configuration is kept; the rigs are not, since very
 * many edits are tried.
 */
final class Trial {
    private final CheckEngine engine;
    private final Judged before;
    private final Optional<Job> changed;
    private final Memo<ConfigurationKey, Report> reports = new Memo<>();

    private Trial(CheckEngine engine, Judged before, Optional<Job> changed) {
        this.engine = engine;
        this.before = before;
        this.changed = changed;
    }

    /** An edit that the body itself refuses is a trial that was refused. */
    static Trial of(CheckEngine engine, Judged before, BuildId build, List<Scoped> edit) {
        Job job = before.job();
        try {
            return new Trial(
                    engine,
                    before,
                    Optional.of(job.with(
                            job.gear().apply(build, edit, job.catalogue()).after())));
        } catch (EditRefused refused) {
            return new Trial(engine, before, Optional.empty());
        }
    }

    boolean isRefused() {
        return changed.isEmpty();
    }

    /** Whether the job has this configuration after the edit. */
    boolean has(ConfigurationKey key) {
        return changed.orElseThrow()
                .gear()
                .build(key.build())
                .configuration(key.configuration())
                .isPresent();
    }

    /**
     * Whether this very finding is still there. Most edits that mend nothing show it here, for a fraction of the work.
     */
    boolean finds(FindingKey key) {
        ConfigurationKey place = new ConfigurationKey(key.build(), key.configuration());
        Optional<Report> known = reports.known(place);
        if (known.isPresent()) {
            return known.get().find(key).isPresent();
        }
        ConfigurationAnalysis analyses = analyses(place);
        boolean found = engine.finds(analyses, key);
        if (!found) {
            reports.get(place, k -> engine.check(analyses));
        }
        return found;
    }

    Report report(ConfigurationKey key) {
        return reports.get(key, k -> engine.check(analyses(k)));
    }

    private ConfigurationAnalysis analyses(ConfigurationKey key) {
        return before.analyses().after(changed.orElseThrow()).of(key);
    }
}
