package wideharbor.app.stock;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.stock.Piece;

/** The pieces on file. */
@Component
public class Pieces {
    private final PieceRows rows;

    Pieces(PieceRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Map<String, Piece> of(Collection<String> codes) {
        return codes.isEmpty()
                ? Map.of()
                : rows.of(codes).stream()
                        .map(PieceRow::piece)
                        .collect(Collectors.toMap(Piece::code, Function.identity()));
    }

    @Transactional(readOnly = true)
    public List<Piece> ofType(String type) {
        return rows.ofType(type).stream().map(PieceRow::piece).toList();
    }

    /** Those of these types of which the house tells pieces apart. */
    @Transactional(readOnly = true)
    public Set<String> toldApart(Collection<String> types) {
        return types.isEmpty() ? Set.of() : Set.copyOf(rows.typesWithPieces(types));
    }

    /** How many pieces of each type may go, of those that the house tells apart; 0 where all are laid up. */
    @Transactional(readOnly = true)
    public Map<String, Integer> mayGo(Collection<String> types) {
        Map<String, Integer> all = new HashMap<>();
        toldApart(types).forEach(t -> all.put(t, 0));
        rows.mayGo().forEach(c -> all.computeIfPresent(c.getType(), (t, n) -> (int) c.getPieces()));
        return all;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void set(String code, Piece.Condition condition) {
        PieceRow row = rows.findById(code).orElseThrow();
        row.set(row.piece().in(condition));
    }

    /** Stores pieces, those of known codes in place of what was on file. */
    @Transactional
    public void store(List<Piece> pieces) {
        Map<String, PieceRow> known = pieces.isEmpty()
                ? Map.of()
                : rows.of(pieces.stream().map(Piece::code).toList()).stream()
                        .collect(Collectors.toMap(r -> r.piece().code(), Function.identity()));
        rows.saveAll(pieces.stream()
                .filter(p -> !known.containsKey(p.code()))
                .map(PieceRow::new)
                .toList());
        pieces.forEach(p -> Optional.ofNullable(known.get(p.code())).ifPresent(row -> row.set(p)));
    }

    public long count() {
        return rows.count();
    }
}
