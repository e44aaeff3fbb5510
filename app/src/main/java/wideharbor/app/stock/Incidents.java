package wideharbor.app.stock;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.job.JobStore;
import wideharbor.app.security.Accounts;
import wideharbor.core.dispatch.Move;
import wideharbor.core.stock.Piece;

/** What was told damaged or missing when a job came back. */
@Component
public class Incidents {
    private static final int PAGE = 50;
    /** So many are told with one job. */
    private static final int MOST = 50;

    private final MoveRows rows;
    private final JobStore store;
    private final Pieces pieces;
    private final CatalogueStore catalogue;
    private final Accounts accounts;

    Incidents(MoveRows rows, JobStore store, Pieces pieces, CatalogueStore catalogue, Accounts accounts) {
        this.rows = rows;
        this.store = store;
        this.pieces = pieces;
        this.catalogue = catalogue;
        this.accounts = accounts;
    }

    /** {@code now}: the state of the piece today; empty where it has no code. */
    public record Incident(
            Move.Kind kind,
            String type,
            String name,
            String piece,
            int pieces,
            String job,
            String jobTitle,
            String words,
            Optional<Double> cost,
            String who,
            Instant at,
            Optional<Piece.Condition> now) {}

    /** What broke or was lost, the last first; {@code page} counts from 0. */
    public record IncidentPage(List<Incident> incidents, long total, int page, int size) {}

    @Transactional(readOnly = true)
    public IncidentPage page(int page) {
        Page<MoveRow> found = rows.incidents(PageRequest.of(page, PAGE));
        return new IncidentPage(told(found.getContent()), found.getTotalElements(), page, PAGE);
    }

    /** Of these types, on other jobs than this, the last first. */
    @Transactional(readOnly = true)
    public List<Incident> ofTypes(Collection<String> types, String but) {
        return types.isEmpty() ? List.of() : told(rows.incidentsOf(types, but, Limit.of(MOST)));
    }

    public boolean isPiece(String code) {
        return !pieces.of(List.of(code)).isEmpty();
    }

    private List<Incident> told(List<MoveRow> found) {
        Map<String, String> names = catalogue.catalogue().names();
        Map<String, String> titles =
                store.titles(found.stream().map(MoveRow::job).distinct().toList());
        Map<String, Piece> known =
                pieces.of(found.stream().map(r -> r.move().piece()).toList());
        return found.stream()
                .map(row -> {
                    Move m = row.move();
                    return new Incident(
                            m.kind(),
                            m.type(),
                            names.getOrDefault(m.type(), m.type()),
                            m.piece(),
                            m.count(),
                            row.job(),
                            titles.getOrDefault(row.job(), row.job()),
                            m.remark(),
                            m.cost(),
                            accounts.displayName(m.who()),
                            m.at(),
                            Optional.ofNullable(known.get(m.piece())).map(Piece::condition));
                })
                .toList();
    }
}
