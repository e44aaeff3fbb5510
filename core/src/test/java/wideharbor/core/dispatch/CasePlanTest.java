package wideharbor.core.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.part;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Rigs;

class CasePlanTest {
    private static ItemType thing(String id, double grams, double x, double y, double z) {
        return part(id).is(Category.OTHER)
                .weighs(grams, Vec3.ZERO)
                .shaped(new Shape.Box(Vec3.ZERO, new Vec3(x, y, z), Shape.Use.SOLID))
                .make();
    }

    /** 230 × 230 × 430 outside the foam, so 200 × 200 × 400 within it. */
    private static ItemType box(String id, double most) {
        return part(id).is(Category.CASE)
                .weighs(3000, Vec3.ZERO)
                .facet(new RiggingFacet.Room(230, 230, 430, most, 3000))
                .make();
    }

    private static Rigs rig() {
        return Rigs.rig().with("body", thing("body", 2000, 100, 100, 100)).on("none");
    }

    /**
     * 60 % of 16 l are 9.6 l: the body's litre and eight of a litre each are nine; the ninth of them is one too many.
     */
    @Test
    void aCaseIsFullByVolume() {
        CasePlan plan = CasePlan.of(rig().inKit(box("case", 50_000), 2)
                .inKit(thing("cube", 100, 100, 100, 100), 9)
                .job());
        assertEquals(2, plan.cases().size());
        assertEquals(
                9,
                plan.cases().get(0).contents().stream()
                        .mapToInt(CasePlan.Packed::pieces)
                        .sum());
        assertEquals(9.0 / 16, plan.cases().get(0).fill(), 1e-9);
        assertEquals(
                1,
                plan.cases().get(1).contents().stream()
                        .mapToInt(CasePlan.Packed::pieces)
                        .sum());
    }

    /** Legs drawn 600 wide as they stand fit nothing; folded to 190 × 190 × 390 they do. */
    @Test
    void whatFoldsIsPackedFolded() {
        ItemType spread = thing("legs", 3000, 600, 640, 560);
        ItemType folding = part("folding")
                .weighs(3000, Vec3.ZERO)
                .shaped(new Shape.Box(Vec3.ZERO, new Vec3(600, 640, 560), Shape.Use.SOLID))
                .facet(new RiggingFacet.Folded(190, 190, 390))
                .make();
        CasePlan plan = CasePlan.of(rig().rule(Rule.CASE_FILL, 1)
                .inKit(box("case", 50_000), 2)
                .inKit(spread, 1)
                .inKit(folding, 1)
                .job());
        assertEquals(
                List.of(spread),
                plan.loose().stream().map(CasePlan.Packed::type).toList());
    }

    /** Case 3 kg, body 2, and weights of 8: two would make 21, so each goes apart while one person lifts at most 20. */
    @Test
    void onePersonLiftsItWhereThatCanBe() {
        CasePlan plan = CasePlan.of(rig().inKit(box("case", 50_000), 2)
                .inKit(thing("weight", 8000, 50, 50, 50), 2)
                .job());
        assertTrue(plan.cases().stream().noneMatch(CasePlan.PackedCase::forTwo), plan.toString());
        CasePlan one = CasePlan.of(rig().inKit(box("case", 50_000), 1)
                .inKit(thing("anvil", 25_000, 50, 50, 50), 1)
                .job());
        assertTrue(one.cases().stream().anyMatch(CasePlan.PackedCase::forTwo), "heavier than that by itself: for two");
    }

    @Test
    void whatIsLongerThanEveryCaseGoesInNone() {
        CasePlan plan = CasePlan.of(rig().inKit(box("case", 50_000), 1)
                .inKit(thing("legs", 4000, 150, 150, 900), 1)
                .job());
        assertEquals("legs", plan.loose().get(0).type().ref().id());
    }

    @Test
    void aCaseOfTheHouseIsAddedAndSaidSo() {
        CasePlan plan = CasePlan.of(rig().knows(box("case", 50_000)).job());
        assertEquals(1, plan.cases().size());
        assertTrue(!plan.cases().get(0).inKit());
        assertEquals(5000, plan.cases().get(0).grams(), 1e-9);
    }

    /** Nothing is lost and nothing appears; no case is overfilled. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 20261125})
    void everyPieceIsSomewhereOnce(long seed) {
        Random random = new Random(seed);
        Rigs rigs = rig().inKit(box("case", 15_000), 2);
        Map<TypeRef, Integer> expected = new LinkedHashMap<>(Map.of(new TypeRef("body", 1), 1));
        for (int i = 0; i < 12; i++) {
            ItemType type = thing(
                    "t" + i,
                    100 + random.nextInt(4000),
                    20 + random.nextInt(150),
                    20 + random.nextInt(150),
                    20 + random.nextInt(450));
            int pieces = 1 + random.nextInt(4);
            rigs = rigs.inKit(type, pieces);
            expected.put(type.ref(), pieces);
        }
        CasePlan plan = CasePlan.of(rigs.job());
        Map<TypeRef, Integer> packed = new LinkedHashMap<>();
        plan.cases()
                .forEach(c -> c.contents().forEach(p -> packed.merge(p.type().ref(), p.pieces(), Integer::sum)));
        plan.loose().forEach(p -> packed.merge(p.type().ref(), p.pieces(), Integer::sum));
        assertEquals(expected, packed, "seed " + seed);
        double most = rigs.job().rules().value(Rule.CASE_FILL);
        assertTrue(
                plan.cases().stream().allMatch(c -> c.fill() <= most + 1e-9 && c.grams() <= 18_000 + 1e-6),
                "seed " + seed);
    }
}
