package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.edit.Candidate;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What is tried against a rig that is heavy on one end. */
class SlidesTest {
    private static Rigs powered() {
        return Rigs.rig()
                .with(
                        "body",
                        Parts.part("body")
                                .face("rear", Port.Role.B, Vec3.ZERO, Parts.BACK, Vec3.UP, 0, Port.Pins.NONE)
                                .make())
                .with("plate", Bag.plate())
                .with("battery", Bag.battery("small", Figure.maker(98)))
                .join("j", "body:rear", "plate:foot")
                .join("k", "plate:battery", "battery:plug")
                .on("none");
    }

    private static ItemType onAnotherPlate() {
        return Parts.part("three-stud")
                .is(Category.BATTERY)
                .port("plug", "three-stud", Port.Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new PowerFacet.Battery("plug", Figure.maker(150), 1, 16.8, 14.4, 12, 150, 200))
                .make();
    }

    /** Any other battery that goes on the same plate; what is no battery or goes on another is none. */
    @Test
    void anotherBatteryOnTheSamePlateIsACounterweight() {
        Rigs rigs = powered()
                .knows(Bag.battery("large", Figure.maker(150)))
                .inKit(Bag.battery("middle", Figure.maker(120)), 1)
                .knows(onAnotherPlate())
                .knows(Bag.box());
        List<Candidate> all = Slides.counterweights(rigs.analysis());
        assertEquals(
                List.of("middle in place of small", "large in place of small"),
                all.stream().map(Candidate::title).toList());
        assertEquals("counterweight", all.get(0).kind());
        assertEquals(List.of(), Slides.counterweights(Bag.onHead().analysis()));
    }
}
