package wideharbor.core.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.dispatch.PackedCases.PackedBox;
import wideharbor.core.job.Job;
import wideharbor.core.stock.Piece;
import wideharbor.core.testkit.Bag;

/** What cases weigh: the body by the scale, the rest by its type, what has no mass told apart. */
class PackedCasesTest {
    private static final Job JOB = Bag.onHead().analysis().job();

    private static Move into(int box, String type, String code) {
        return new Move(Move.Kind.INTO_CASE, type, code, 1, box, "", Optional.empty(), "tech", Instant.EPOCH);
    }

    private static Piece weighed(String code, double grams) {
        return new Piece(code, "body", "", Piece.Owner.HOUSE, "", Piece.Condition.READY, "", Optional.of(grams), "");
    }

    private static double ofType(String id) {
        return PullList.of(JOB).stream()
                .filter(l -> l.type().ref().id().equals(id))
                .map(l -> ((wideharbor.core.quantity.Figure.Known) l.eachGrams()).value())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCaseWeighsWhatIsInIt() {
        Packed packed = Packed.of(PullList.of(JOB), List.of(into(7, "body", "B-1"), into(7, "quick", "")));
        PackedCases cases = PackedCases.of(JOB, CasePlan.of(JOB), packed, Map.of("B-1", weighed("B-1", 3100)));
        PackedBox seventh =
                cases.boxes().stream().filter(b -> b.number() == 7).findFirst().orElseThrow();
        assertEquals(3100 + ofType("quick"), seventh.grams(), 1e-9);
        assertEquals(0, seventh.unweighed());
        assertFalse(seventh.forTwo());
        assertEquals(List.of("B-1"), seventh.contents().get(0).codes());
        assertEquals(
                ofType("body") + ofType("quick"),
                PackedCases.of(JOB, CasePlan.of(JOB), packed, Map.of()).boxes().stream()
                        .filter(b -> b.number() == 7)
                        .findFirst()
                        .orElseThrow()
                        .grams(),
                1e-9,
                "a piece that nobody weighed weighs what its type does");
    }

    @Test
    void overWhatOneLiftsTwoLift() {
        Packed packed = Packed.of(PullList.of(JOB), List.of(into(1, "body", "B-1")));
        PackedCases cases = PackedCases.of(JOB, CasePlan.of(JOB), packed, Map.of("B-1", weighed("B-1", 20_001)));
        assertTrue(cases.boxes().get(0).forTwo());
    }

    @Test
    void whatHasNoMassIsToldApart() {
        Packed packed = Packed.of(List.of(), List.of(into(3, "no-such-type", "")));
        PackedBox third = PackedCases.of(JOB, CasePlan.of(JOB), packed, Map.of()).boxes().stream()
                .filter(b -> b.number() == 3)
                .findFirst()
                .orElseThrow();
        assertEquals(1, third.unweighed());
    }
}
