package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** The balance with every lens, and what a millimetre of each slide does to it. */
class BalanceSheetTest {
    private static Rigs rigs(double slide) {
        return Bag.onHead()
                .set("dovetail:rail:0", slide)
                .lens("light", lens("light", 800, 40), "body:mount", "mount")
                .lens("heavy", lens("heavy", 2600, 90), "body:mount", "mount");
    }

    private static ItemType lens(String id, double grams, double centre) {
        return Bag.lens("lens-" + id, grams, centre, 150);
    }

    private static BalanceSheet sheet(double slide) {
        return BalanceSheet.of(rigs(slide).analysis()).orElseThrow();
    }

    @Test
    void aLineForEveryLens() {
        BalanceSheet sheet = sheet(0);
        assertEquals(
                List.of(LensId.of("light"), LensId.of("heavy")),
                sheet.lenses().stream().map(BalanceSheet.WithLens::lens).toList());
        assertTrue(sheet.lenses().get(1).carriedGrams() > sheet.lenses().get(0).carriedGrams());
        assertTrue(sheet.lenses().get(1).offMm() > sheet.lenses().get(0).offMm(), "the heavy lens pulls ahead");
    }

    /**
     * The dovetail's 1000 g stay on the head; all else of what is carried moves by the millimetre: k = 1 − 1000 / M.
     */
    @Test
    void aMillimetreMovesTheCentreByTheShareThatMoves() {
        BalanceSheet sheet = sheet(0);
        BalanceSheet.Slide dovetail = sheet.slides().stream()
                .filter(s -> s.key().placement().equals(PlacementId.of("dovetail")))
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < sheet.lenses().size(); i++) {
            assertEquals(
                    1 - 1000 / sheet.lenses().get(i).carriedGrams(),
                    Math.abs(dovetail.perMm().get(i)),
                    1e-6);
        }
    }

    /** What the slide says is what the core finds once it is set there: linear and exact. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261126})
    void theChartIsWhatTheCoreFinds(long seed) {
        Random random = new Random(seed);
        BalanceSheet now = sheet(0);
        BalanceSheet.Slide dovetail = now.slides().stream()
                .filter(s -> s.key().placement().equals(PlacementId.of("dovetail")))
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < 10; i++) {
            double by = Math.round(random.nextDouble() * 120 - 60);
            BalanceSheet then = sheet(by);
            for (int l = 0; l < now.lenses().size(); l++) {
                double told =
                        now.lenses().get(l).offMm() + by * dovetail.perMm().get(l);
                assertEquals(then.lenses().get(l).offMm(), told, 0.05, "seed " + seed + ", by " + by);
            }
        }
    }
}
