package wideharbor.core.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.standard.Standards;
import wideharbor.core.testkit.Bag;

class LookSearchTest {
    private static final ItemType TOUCH = part("Touch-plate")
            .is(Category.PLATE)
            .weighs(260, Vec3.ZERO)
            .shaped(new Shape.Box(new Vec3(-19, -16, -55), new Vec3(19, 0, 55), Shape.Use.SOLID))
            .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
            .carrier("rail", "dovetail-38", Role.A, new Vec3(0, -16, 0), DOWN, -55, 55)
            .make();
    private static final ItemType QUICK = part("Quick-plate")
            .is(Category.PLATE)
            .weighs(412, Vec3.ZERO)
            .shaped(new Shape.Box(new Vec3(-60, -11, -62), new Vec3(60, 0, 62), Shape.Use.SOLID))
            .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
            .make();
    private static final Catalogue HOUSE =
            new Catalogue(List.of(TOUCH, QUICK, Bag.rods(300), Bag.box()), Standards.seed());

    @Test
    void whatIsHeldInTheHandIsReadFromWords() {
        LookSearch.Wanted wanted = LookSearch.read("Flat plate, two 3/8 screws, slot 38 mm, 260 g");
        assertEquals(Optional.of("flat"), wanted.look());
        assertEquals(Optional.of("3/8"), wanted.thread());
        assertEquals(2, wanted.screws());
        assertEquals(Optional.of(38.0), wanted.slot());
        assertEquals(Optional.of(260.0), wanted.grams());
        assertEquals(List.of("plate"), wanted.words());
    }

    @Test
    void thePieceThatMeetsMostComesFirst() {
        List<LookSearch.Hit> hits = LookSearch.find(HOUSE, "flat plate, two 3/8 screws, slot 38 mm", 10);
        assertEquals("Touch-plate", hits.get(0).type().name());
        assertTrue(hits.get(0).by().contains("slot 38"), hits.get(0).by().toString());
        assertEquals("Quick-plate", hits.get(1).type().name());
    }

    @Test
    void aBatteryIsKnownByItsCharge() {
        Catalogue batteries = new Catalogue(
                List.of(
                        Bag.battery("battery-150", Figure.maker(150)),
                        Bag.battery("battery-98", Figure.maker(98)),
                        Bag.battery("battery-new", Figure.unknown("not read"))),
                Standards.seed());
        List<LookSearch.Hit> hits = LookSearch.find(batteries, "battery, 98 Wh", 10);
        assertEquals("battery-98", hits.get(0).type().name());
        assertTrue(hits.get(0).by().contains("98 Wh"), hits.get(0).by().toString());
    }

    @Test
    void measuredSizesAreTakenInAnyOrder() {
        assertEquals(
                "Quick-plate",
                LookSearch.find(HOUSE, "124 x 11 x 120", 10).get(0).type().name());
        assertEquals(new Vec3(120, 11, 124), LookSearch.size(QUICK));
    }

    @Test
    void rodsAreFoundByDiameterAndSpacing() {
        List<LookSearch.Hit> hits = LookSearch.find(HOUSE, "rods 15, 60 apart", 10);
        assertTrue(hits.stream().anyMatch(h -> h.type().ref().id().equals("rods-300")), hits.toString());
        assertEquals(List.of(), LookSearch.find(HOUSE, "bore 19", 10));
    }

    @Test
    void otherHousesWordsFindTheSamePart() {
        assertTrue(Synonyms.of("sticks").contains("tripod"));
        assertTrue(Synonyms.of("evf").contains("viewfinder"));
        assertEquals(List.of("sprocket"), Synonyms.of("Sprocket"));
    }
}
