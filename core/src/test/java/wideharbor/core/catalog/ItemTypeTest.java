package wideharbor.core.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;
import wideharbor.core.standard.Standards;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;

class ItemTypeTest {
    @Test
    void refusesNonsenseWithTheValueAndTheLimit() {
        says(
                "must not be negative, but was -5",
                () -> Parts.part("p").weighs(-5, Vec3.ZERO).make());
        says("must be a finite number", () -> Figure.maker(Double.NaN));
        says("must be a finite number", () -> Figure.maker(Double.POSITIVE_INFINITY));
        says(
                "has two of port 'a'",
                () -> Parts.part("p")
                        .port("a", "side-tie", Port.Role.EITHER, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                        .port("a", "side-tie", Port.Role.EITHER, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                        .make());
        says(
                "names the port 'gone'",
                () -> Parts.part("p").facet(new OpticalFacet.Camera("gone", 6)).make());
        says(
                "names the port 'gone'",
                () -> Parts.part("p").facet(new PowerFacet.InnerBay("gone")).make());
        says("must lie from 20 to 3000 mm", () -> new RiggingFacet.Rods("r", 15, 5));
        says(
                "not joined to the first link",
                () -> Parts.part("p")
                        .link("a", 1, Vec3.ZERO)
                        .link("b", 1, Vec3.ZERO)
                        .make());
        says("own range", () -> Figure.range(10, 11, 12, Figure.Source.CLAIMED));
        says("must not end before it starts", () -> new Span(3, 2));
        says("letters, digits", () -> new TypeRef("a b", 1));
    }

    @Test
    void aPortOfAnUnknownStandardIsRefusedByName() {
        ItemType odd = Parts.part("odd")
                .port("x", "no-such", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                .make();
        IllegalArgumentException e =
                assertThrows(IllegalArgumentException.class, () -> new Catalogue(List.of(odd), Standards.seed()));
        assertTrue(e.getMessage().contains("no mounting standard 'no-such'"), e.getMessage());
    }

    @Test
    void aStandardThatAFacetIsAboutIsRefusedByName() {
        ItemType charger = Parts.part("charger")
                .facet(new PowerFacet.Charger("no-such", 2, 60))
                .make();
        IllegalArgumentException e =
                assertThrows(IllegalArgumentException.class, () -> new Catalogue(List.of(charger), Standards.seed()));
        assertTrue(e.getMessage().contains("no mounting standard 'no-such'"), e.getMessage());
    }

    @Test
    void matingIsSymmetricOverTheWholeBag() {
        List<ItemType> all = List.of(
                Bag.body(),
                Bag.quick(11),
                Bag.bridge(),
                Bag.rods(300),
                Bag.box(),
                Bag.dovetail(),
                Bag.head(),
                Bag.lens("l", 1, 1, 100),
                Bag.lensSupport(),
                Bag.plate(),
                Bag.spacer("s", 2, true));
        Standards standards = Standards.seed();
        for (ItemType a : all) {
            for (ItemType b : all) {
                for (Port p : a.ports()) {
                    for (Port q : b.ports()) {
                        assertEquals(
                                Mating.mates(p, q, standards),
                                Mating.mates(q, p, standards),
                                a.name() + " " + p.id() + " and " + b.name() + " " + q.id());
                    }
                }
            }
        }
    }

    @Test
    void aNewerRevisionOfAStandardWins() {
        var row = Standards.seed().require("rod-15-lw");
        var newer = new wideharbor.core.standard.Standard(
                row.id(), 2, "narrow rods", row.family(), row.gendered(), row.twist(), row.entry(), 0, "", row.facts());
        assertEquals(
                "narrow rods",
                Standards.seed().with(List.of(newer)).require("rod-15-lw").title());
        assertEquals(
                "narrow rods",
                Standards.seed()
                        .with(List.of(newer))
                        .with(List.of(row))
                        .require("rod-15-lw")
                        .title());
    }

    @Test
    void spansThatTouchDoNotOverlap() {
        assertTrue(new Span(0, 10).overlaps(new Span(9, 12), 0));
        assertTrue(!new Span(0, 10).overlaps(new Span(10, 12), 0));
        assertTrue(new Span(0, 10).encloses(new Span(2, 10), 0));
    }

    private static void says(String words, org.junit.jupiter.api.function.Executable nonsense) {
        IllegalArgumentException e = assertThrows(IllegalArgumentException.class, nonsense);
        assertTrue(e.getMessage().contains(words), e.getMessage());
    }
}
