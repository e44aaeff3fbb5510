package wideharbor.app.stock;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.web.Named;
import wideharbor.core.dispatch.Move;

/** What was scanned into cases and back. */
@Component
public class Moves {
    private static final int MOST_EVENTS = 50;

    private final MoveRows rows;
    private final JobStore store;

    Moves(MoveRows rows, JobStore store) {
        this.rows = rows;
        this.store = store;
    }

    /** In the order in which they were made. */
    @Transactional(readOnly = true)
    public List<Move> of(String job) {
        return rows.of(job).stream().map(MoveRow::move).toList();
    }

    @Transactional(readOnly = true)
    public Set<String> known(Collection<String> ids) {
        return ids.isEmpty() ? Set.of() : Set.copyOf(rows.known(ids));
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void add(String id, String job, Move move) {
        rows.save(new MoveRow(id, job, move));
    }

    /** With which job each of these pieces lies in a case or is away; nothing of one that is in the house. */
    @Transactional(readOnly = true)
    public Map<String, Named> outWith(Collection<String> pieces) {
        if (pieces.isEmpty()) {
            return Map.of();
        }
        Map<String, String> jobs = rows.lastOf(pieces).stream()
                .filter(m -> m.move().kind() == Move.Kind.INTO_CASE)
                .collect(Collectors.toMap(m -> m.move().piece(), MoveRow::job));
        Map<String, String> titles = store.titles(jobs.values());
        return jobs.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> new Named(e.getValue(), titles.getOrDefault(e.getValue(), e.getValue()))));
    }

    /** The last moves of a piece, the last first. */
    List<MoveRow> lastOf(String piece) {
        return rows.ofPiece(piece, Limit.of(MOST_EVENTS));
    }
}
