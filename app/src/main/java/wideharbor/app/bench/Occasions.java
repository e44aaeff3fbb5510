package wideharbor.app.bench;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Component;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Proposer;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Occasion;
import wideharbor.core.edit.Snapshots;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;

/** What an edit needs to know beyond the rig: who asks and when, remembered states, and remedies tried anew. */
@Component
class Occasions {
    private final CheckEngine engine;
    private final Proposer proposer;
    private final LeftStates states;
    private final Clock clock;

    Occasions(CheckEngine engine, Proposer proposer, LeftStates states, Clock clock) {
        this.engine = engine;
        this.proposer = proposer;
        this.states = states;
        this.clock = clock;
    }

    Occasion of(Loaded loaded, RigAnalysis analysis, String who) {
        String when = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        return new Occasion() {
            @Override
            public String who() {
                return who;
            }

            @Override
            public String when() {
                return when;
            }

            @Override
            public List<Snapshots.Mark> marks(long state) {
                return states.marks(loaded.job().id(), analysis.build().id(), state);
            }

            @Override
            public Candidate fix(FindingKey finding, String fix) {
                return tried(loaded.job(), analysis, finding, fix);
            }
        };
    }

    private Candidate tried(Job job, RigAnalysis analysis, FindingKey key, String fix) {
        Finding finding = engine.check(
                        job,
                        analysis.build().id(),
                        analysis.rig().configuration().id())
                .find(key)
                .orElseThrow(() -> Refusal.conflict("This finding is gone already; there is nothing to mend."));
        return proposer.propose(job, finding).stream()
                .filter(f -> f.id().equals(fix))
                .findFirst()
                .map(f -> new Candidate(f.kind(), f.title(), f.commands()))
                .orElseThrow(() -> Refusal.conflict("This fix no longer clears the finding; nothing was changed."));
    }
}
