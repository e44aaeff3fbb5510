package wideharbor.core.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;

/** Sums and centres with the far ends that the masses on file allow. */
class MassTest {
    private static MassPoint point(String id, double low, double high, double z) {
        Figure grams = new Figure.Known((low + high) / 2, low, high, Figure.Source.MAKER, "", "");
        return new MassPoint(PlacementId.of(id), id, grams, new Vec3(0, 0, z));
    }

    /**
     * Worked: 1000 g at 0 and 500 to 1500 at 100: the centre is at 50; at 33.3 with the least and at 60.0 with the
     * most. To first order it would be 50 ± 25.
     */
    @Test
    void theCentreHasExactExtremes() {
        Mass mass = Mass.sum(List.of(point("a", 1000, 1000, 0), point("b", 500, 1500, 100)));
        Ranged centre = mass.ahead(Vec3.ZERO, Vec3.FORWARD);
        assertEquals(50, centre.value(), 1e-9);
        assertEquals(100.0 / 3, centre.range().from(), 1e-9);
        assertEquals(60, centre.range().to(), 1e-9);
    }

    /** 1000 ± 100 at −50 and 1000 ± 100 at 100: at least −55 + 90, at most −45 + 110 kg·mm. */
    @Test
    void aSumTakesTheFarEndsByTheSignOfTheLever() {
        Mass mass = Mass.sum(List.of(point("a", 900, 1100, -50), point("b", 900, 1100, 100)));
        Ranged sum = mass.sum(Vec3::z);
        assertEquals(50_000, sum.value(), 1e-6);
        assertEquals(35_000, sum.range().from(), 1e-6);
        assertEquals(65_000, sum.range().to(), 1e-6);
        assertEquals("b", mass.widest(Vec3::z));
    }

    /** A mass that may be nothing at all leaves the centre where it is, and breaks nothing. */
    @Test
    void aMassThatMayBeNothingHasACentre() {
        Mass mass = Mass.sum(List.of(point("a", 0, 200, 40)));
        assertEquals(40, mass.ahead(Vec3.ZERO, Vec3.FORWARD).value(), 1e-9);
        assertEquals(40, mass.ahead(Vec3.ZERO, Vec3.FORWARD).range().from(), 1e-9);
    }

    /** 2 kg at 100 ahead and 30 aside: 2000 · √(100² + 30²) g·mm, whichever way it hangs about the point. */
    @Test
    void theMomentIsAboutTheAxisThatItTurns() {
        Figure grams = Figure.maker(2000);
        Mass mass = Mass.sum(List.of(new MassPoint(PlacementId.of("a"), "a", grams, new Vec3(30, 7, 100))));
        assertEquals(
                2000 * Math.hypot(100, 30),
                mass.moment(Vec3.ZERO, Vec3.UP.negated()).value(),
                1e-6);
        assertEquals(0, mass.moment(new Vec3(30, -50, 100), Vec3.UP.negated()).value(), 1e-6);
    }

    /** Of six masses at random, no choice of ends gets past what is said, and one gets there. */
    @RepeatedTest(40)
    void noChoiceOfEndsGetsPast(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        List<MassPoint> points = IntStream.range(0, 6)
                .mapToObj(i -> {
                    double low = 50 + random.nextDouble() * 1000;
                    return point("p" + i, low, low * (1 + random.nextDouble()), random.nextDouble() * 400 - 200);
                })
                .toList();
        Ranged said = Mass.sum(points).ahead(Vec3.ZERO, Vec3.FORWARD);
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int ends = 0; ends < 64; ends++) {
            double over = 0;
            double under = 0;
            for (int i = 0; i < 6; i++) {
                Figure.Known known = (Figure.Known) points.get(i).grams();
                double grams = (ends >> i & 1) == 0 ? known.low() : known.high();
                over += grams * points.get(i).at().z();
                under += grams;
            }
            least = Math.min(least, over / under);
            most = Math.max(most, over / under);
        }
        assertEquals(least, said.range().from(), 1e-9);
        assertEquals(most, said.range().to(), 1e-9);
        assertTrue(said.range().holds(said.value(), 1e-9));
    }
}
