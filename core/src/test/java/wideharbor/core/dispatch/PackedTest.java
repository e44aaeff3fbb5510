package wideharbor.core.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.dispatch.Move.Kind;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Progress;
import wideharbor.core.stock.Piece;
import wideharbor.core.testkit.Parts;

/** Two bodies and three cables into cases, and back. */
class PackedTest {
    private static final List<PullList.Line> LIST = List.of(line("body", 2), line("cable", 3));

    private final List<Move> moves = new ArrayList<>();

    private static PullList.Line line(String id, int pieces) {
        return new PullList.Line(Parts.part(id).make(), pieces, 0, Figure.unknown("not weighed"), List.of(), List.of());
    }

    private static Move move(
            Kind kind, String type, String piece, int count, int box, String remark, Optional<Double> cost) {
        return new Move(kind, type, piece, count, box, remark, cost, "tech", Instant.EPOCH);
    }

    private static Move body(Kind kind, String code, int box) {
        return move(kind, "body", code, 1, box, kind.isReturn() ? "seen" : "", Optional.empty());
    }

    private static Move cables(Kind kind, int count, int box) {
        return move(kind, "cable", "", count, box, kind.isReturn() ? "counted" : "", Optional.empty());
    }

    private Packed now() {
        return Packed.of(LIST, moves);
    }

    private void done(Move move) {
        assertEquals(Optional.empty(), now().whyNot(move));
        moves.add(move);
    }

    private void refused(String why, Move move) {
        assertEquals(Optional.of(why), now().whyNot(move));
    }

    private void pack() {
        done(body(Kind.INTO_CASE, "T-1", 1));
        done(body(Kind.INTO_CASE, "T-2", 2));
        done(cables(Kind.INTO_CASE, 3, 2));
    }

    @Test
    void everyPieceGoesIntoACaseOnce() {
        done(body(Kind.INTO_CASE, "T-1", 1));
        refused("body T-1 is in case 1 already.", body(Kind.INTO_CASE, "T-1", 2));
        done(body(Kind.INTO_CASE, "T-2", 2));
        refused("All 2 of body are packed: T-3 stays.", body(Kind.INTO_CASE, "T-3", 2));
        done(cables(Kind.INTO_CASE, 2, 2));
        refused("All 3 of cable are packed: no more go.", cables(Kind.INTO_CASE, 2, 1));
        refused(
                "L-9 is not on the pull list of this job.",
                move(Kind.INTO_CASE, "lamp", "L-9", 1, 1, "", Optional.empty()));
        assertEquals(new Progress(4, 5), now().packing());
        assertEquals(Map.of(1, Map.of("body", 1), 2, Map.of("body", 1, "cable", 2)), now().boxes());
        done(body(Kind.OUT_OF_CASE, "T-1", 0));
        refused("body T-1 is in no case that it could come out of.", body(Kind.OUT_OF_CASE, "T-1", 0));
        refused("cable is in no case that it could come out of.", cables(Kind.OUT_OF_CASE, 3, 2));
        done(cables(Kind.OUT_OF_CASE, 2, 2));
        done(body(Kind.INTO_CASE, "T-3", 1));
        assertEquals(List.of("T-2", "T-3"), now().lines().get(0).codes());
        assertEquals(new Progress(2, 5), now().packing());
    }

    /** Of two bodies one was built with T-1: any other goes along once, for the one that nobody named. */
    @Test
    void aRigThatWasBuiltWithAPieceGoesWithIt() {
        PullList.Line named =
                new PullList.Line(LIST.get(0).type(), 2, 0, Figure.unknown("not weighed"), List.of(), List.of("T-1"));
        List<Move> in = List.of(body(Kind.INTO_CASE, "T-7", 1));
        Packed one = Packed.of(List.of(named), in);
        assertEquals(
                Optional.of("This job was built with T-1: T-8 is another body."),
                one.whyNot(body(Kind.INTO_CASE, "T-8", 1)));
        assertEquals(List.of("T-1"), one.lines().get(0).awaited());
        assertEquals(1, one.cases());
        assertEquals(Optional.empty(), one.take(body(Kind.INTO_CASE, "T-1", 3)));
        assertEquals(List.of(), one.lines().get(0).awaited());
        assertEquals(2, one.cases());
        assertEquals(Optional.empty(), one.take(body(Kind.OUT_OF_CASE, "T-1", 0)));
        assertEquals(1, one.cases(), "an empty case is none");
        assertEquals(Optional.empty(), Packed.of(List.of(named), List.of()).whyNot(body(Kind.INTO_CASE, "T-8", 1)));
    }

    /** A list that shrank: what is still in a case must come out before it is whole. */
    @Test
    void whatIsNoLongerAskedForComesOut() {
        pack();
        Packed shorter = Packed.of(List.of(line("body", 2), line("cable", 1)), moves);
        assertEquals(new Progress(3, 5), shorter.packing());
        Packed without = Packed.of(List.of(line("body", 2)), moves);
        assertEquals(new Progress(2, 5), without.packing());
        assertEquals(
                "cable is not on the pull list of this job.",
                without.whyNot(cables(Kind.INTO_CASE, 1, 1)).orElseThrow());
        assertEquals(Optional.empty(), without.whyNot(cables(Kind.OUT_OF_CASE, 3, 2)));
    }

    @Test
    void everyPieceComesBackOrIsToldOf() {
        pack();
        refused("body T-7 did not leave with this job.", body(Kind.BACK, "T-7", 0));
        done(body(Kind.BACK, "T-1", 0));
        refused("body T-1 is told already: back.", body(Kind.BACK, "T-1", 0));
        done(body(Kind.MISSING, "T-2", 0));
        done(cables(Kind.BACK, 2, 0));
        assertEquals(new Progress(4, 5), now().returning());
        refused("Of cable, 3 left and 2 are told: 2 more cannot be.", cables(Kind.CONSUMED, 2, 0));
        done(cables(Kind.CONSUMED, 1, 0));
        assertTrue(now().returning().isWhole());
        assertEquals(
                Map.of(Kind.BACK, 2, Kind.CONSUMED, 1), now().lines().get(1).back());
    }

    /** What was missing turns up in a truck; what came back is found to be broken when it is looked at. */
    @Test
    void whatIsToldIsToldBetterLater() {
        pack();
        done(body(Kind.MISSING, "T-2", 0));
        done(body(Kind.BACK, "T-2", 0));
        done(body(Kind.DAMAGED, "T-2", 0));
        refused("body T-2 is told already: damaged.", body(Kind.MISSING, "T-2", 0));
        done(cables(Kind.BACK, 2, 0));
        done(cables(Kind.MISSING, 1, 0));
        done(cables(Kind.BACK, 1, 0));
        done(cables(Kind.DAMAGED, 1, 0));
        assertEquals(Map.of(Kind.BACK, 2, Kind.DAMAGED, 1), now().lines().get(1).back());
        assertEquals(Map.of(Kind.DAMAGED, 1), now().lines().get(0).back());
        assertEquals(Optional.of(Kind.DAMAGED), now().cameBack("T-2"));
        assertEquals(
                List.of(Kind.DAMAGED, Kind.DAMAGED),
                now().notWhole().stream().map(Move::kind).toList(),
                "what turned up is missing no more");
        assertEquals(new Progress(4, 5), now().returning());
    }

    /** Three missing, two of them turn up: one is left, with its cost; what is told better takes the old off. */
    @Test
    void whatIsNotWholeIsToldAsItStands() {
        pack();
        done(move(Kind.MISSING, "cable", "", 3, 0, "in the ferry", Optional.of(30.0)));
        done(cables(Kind.BACK, 2, 0));
        assertEquals(1, now().notWhole().get(0).count());
        assertEquals(30, now().cost(), 1e-9);
        done(move(Kind.DAMAGED, "body", "T-1", 1, 0, "fell", Optional.of(120.5)));
        assertEquals(150.5, now().cost(), 1e-9);
        Packed.Line line = now().lines().get(1);
        assertEquals(0, line.untold());
        assertEquals(0, line.toPack());
    }

    @Test
    void whatIsBrokenOrGoneIsNotOffered() {
        assertEquals(Piece.Condition.NEEDS_SERVICE, Kind.DAMAGED.leaves(Piece.Condition.READY));
        assertEquals(Piece.Condition.LOST, Kind.MISSING.leaves(Piece.Condition.TRIAL));
        assertEquals(Piece.Condition.READY, Kind.BACK.leaves(Piece.Condition.LOST));
        assertEquals(Piece.Condition.TRIAL, Kind.BACK.leaves(Piece.Condition.TRIAL));
        assertEquals(Piece.Condition.RETIRED, Kind.CONSUMED.leaves(Piece.Condition.READY));
    }

    @Test
    void aMoveSaysAllOfIt() {
        assertThrows(IllegalArgumentException.class, () -> body(Kind.INTO_CASE, "T-1", 0));
        assertThrows(IllegalArgumentException.class, () -> cables(Kind.INTO_CASE, 0, 1));
        assertThrows(IllegalArgumentException.class, () -> move(Kind.BACK, "body", "T-1", 2, 0, "", Optional.empty()));
        assertEquals(
                "Say what is broken, or how it went missing",
                assertThrows(
                                IllegalArgumentException.class,
                                () -> move(Kind.DAMAGED, "body", "T-1", 1, 0, " ", Optional.empty()))
                        .getMessage());
        assertThrows(
                IllegalArgumentException.class,
                () -> move(Kind.BACK, "body", "T-1", 1, 0, "", Optional.of(Double.NaN)));
    }
}
