package wideharbor.app.packing;

import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.app.web.Named;
import wideharbor.core.dispatch.Move;
import wideharbor.core.stock.Piece;

/**
 * What the house knows of what is scanned.
 *
 * @param toldApart types whose pieces have codes
 * @param out pieces that lie in a case of some job
 */
record Scanned(Map<String, Piece> pieces, Set<String> toldApart, Map<String, Named> out, Map<String, String> titles) {
    Move move(PackingController.Scan scan, String who, Instant now) {
        String code = Piece.codeOf(scan.code());
        Optional<Double> cost = Optional.of(scan.cost()).filter(c -> c > 0);
        Piece piece = pieces.get(code);
        if (piece != null) {
            return new Move(
                    scan.kind(),
                    piece.type(),
                    code,
                    1,
                    scan.box(),
                    scan.remark().strip(),
                    cost,
                    who,
                    now);
        }
        String type = scan.code().strip().toLowerCase(Locale.ROOT);
        if (!titles.containsKey(type)) {
            throw new IllegalArgumentException("Nothing of this house or this list has the code '"
                    + scan.code().strip() + "'");
        }
        if (toldApart.contains(type)) {
            throw new IllegalArgumentException("Each " + titles.get(type) + " has a code of its own: scan the piece");
        }
        return new Move(
                scan.kind(), type, "", scan.count(), scan.box(), scan.remark().strip(), cost, who, now);
    }

    /** What keeps a piece from going that the list does not know. */
    Optional<String> whyNot(Move move, String job) {
        Piece piece = pieces.get(move.piece());
        if (piece == null || move.kind() != Move.Kind.INTO_CASE) {
            return Optional.empty();
        }
        return piece.whyNotGo().or(() -> elsewhere(piece, job));
    }

    private Optional<String> elsewhere(Piece piece, String job) {
        return Optional.ofNullable(out.get(piece.code()))
                .filter(n -> !n.id().equals(job))
                .map(n -> piece.code() + " is out with " + n.title() + ".");
    }

    /**
     * The state in which a move leaves its piece, from now on; empty where it is as it was, or nobody tells pieces
     * apart.
     */
    Optional<Piece.Condition> settled(Move move) {
        Piece piece = pieces.get(move.piece());
        if (piece == null || move.kind().leaves(piece.condition()) == piece.condition()) {
            return Optional.empty();
        }
        Piece after = piece.in(move.kind().leaves(piece.condition()));
        pieces.put(after.code(), after);
        return Optional.of(after.condition());
    }
}
