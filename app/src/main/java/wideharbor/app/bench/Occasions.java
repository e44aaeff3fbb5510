package wideharbor.app.bench;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wideharbor.app.job.StoredJob;
import wideharbor.app.snapshots.SnapshotService;
import wideharbor.app.stock.Pieces;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Occasion;
import wideharbor.core.edit.Snapshots;
import wideharbor.core.job.FindingKey;
import wideharbor.core.stock.Piece;

/** What an edit needs to know beyond the rig: who asks and when, remembered states, and remedies tried anew. */
@Component
class Occasions {
    private final RemedyService remedies;
    private final SnapshotService states;
    private final Pieces pieces;
    private final Clock clock;

    Occasions(RemedyService remedies, SnapshotService states, Pieces pieces, Clock clock) {
        this.remedies = remedies;
        this.states = states;
        this.pieces = pieces;
        this.clock = clock;
    }

    Occasion of(StoredJob loaded, RigAnalysis analysis, String who) {
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
            public Optional<Piece> piece(String code) {
                return Optional.ofNullable(pieces.of(List.of(code)).get(code));
            }

            @Override
            public Candidate fix(FindingKey finding, String fix) {
                return tried(loaded, finding, fix);
            }
        };
    }

    private Candidate tried(StoredJob stored, FindingKey key, String fix) {
        return remedies.atOnce(stored, key).stream()
                .filter(f -> f.id().equals(fix))
                .findFirst()
                .map(f -> new Candidate(f.kind(), f.title(), f.commands()))
                .orElseThrow(() -> Refusal.conflict("This fix no longer clears the finding; nothing was changed."));
    }
}
