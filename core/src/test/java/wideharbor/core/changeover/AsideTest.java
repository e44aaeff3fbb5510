package wideharbor.core.changeover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What stays, and must come off for a while because it stands in the way of what changes. */
class AsideTest {
    private static final ConfigurationId OTHER = ConfigurationId.of("other");

    /** A clamp on rods, in a block about them that leaves no room for another to pass. */
    private static ItemType rider(String id) {
        return Parts.part(id)
                .weighs(200, Vec3.ZERO)
                .clamp("rods", "rod-15-lw", Role.B, Vec3.ZERO, Parts.DOWN, 20)
                .shaped(new Shape.Box(new Vec3(-45, -25, -10), new Vec3(45, 25, 10), Shape.Use.SOLID))
                .make();
    }

    /** A block that holds rods: nothing comes off them behind. From it forward rear, box and front, 80 apart. */
    private static Rigs onRods(String... gone) {
        ItemType body = Parts.part("body")
                .weighs(3000, Vec3.ZERO)
                .face("under", Role.B, new Vec3(0, -40, 0), Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .shaped(new Shape.Box(new Vec3(-50, -110, -50), new Vec3(50, 50, 50), Shape.Use.SOLID))
                .make();
        ItemType holder = Parts.part("holder")
                .weighs(300, Vec3.ZERO)
                .face("top", Role.A, new Vec3(0, 20, 0), Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .clamp("rods", "rod-15-lw", Role.B, Vec3.ZERO, Parts.DOWN, 40)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("holder", holder)
                .with("rods", Bag.rods(400))
                .with("rear", rider("rear"))
                .with("box", rider("box"))
                .with("front", rider("front"))
                .join("h", "body:under", "holder:top")
                .join("r", "holder:rods", "rods:rods")
                .join("1", "rods:rods", "rear:rods")
                .join("2", "rods:rods", "box:rods")
                .join("3", "rods:rods", "front:rods")
                .set("rods:rods:0", -50)
                .set("rear:rods:0", 140)
                .set("box:rods:0", 220)
                .set("front:rods:0", 300)
                .on("none")
                .configuration(new Configuration(
                        OTHER,
                        "Other",
                        PlacementId.of("none"),
                        0,
                        0,
                        Arrays.stream(gone)
                                .<Command>map(p -> new Command.Remove(PlacementId.of(p)))
                                .toList(),
                        ConfigurationId.NONE));
    }

    private static Changeover way(Rigs rigs, ConfigurationId from, ConfigurationId to) {
        var build = rigs.build();
        return Ways.between(
                Rig.resolve(build, from, LensId.NONE, rigs.catalogue()),
                Rig.resolve(build, to, LensId.NONE, rigs.catalogue()),
                HouseRules.DEFAULTS);
    }

    private static List<String> acts(Changeover way) {
        return way.steps().stream().map(s -> s.act() + " " + s.of()).toList();
    }

    @Test
    void theForemostComesOffByItself() {
        assertEquals(List.of("OFF front"), acts(way(onRods("front"), Rigs.STUDIO, OTHER)));
        assertEquals(List.of("ON front"), acts(way(onRods("front"), OTHER, Rigs.STUDIO)));
    }

    /** From the outside in, and back from the inside out. */
    @Test
    void whatStandsBeforeItComesOffAndBack() {
        Changeover off = way(onRods("rear"), Rigs.STUDIO, OTHER);
        assertEquals(List.of("ASIDE front", "ASIDE box", "OFF rear", "BACK box", "BACK front"), acts(off));
        assertEquals(
                List.of("ASIDE front", "ASIDE box", "ON rear", "BACK box", "BACK front"),
                acts(way(onRods("rear"), OTHER, Rigs.STUDIO)));
        assertTrue(
                off.steps().get(1).why().contains("it stands in its way"),
                off.steps().get(1).why());
        assertEquals("", off.steps().get(2).why());
        assertEquals(List.of("rear"), off.leftBehind());
    }

    /** What comes off for good does so before what stands behind it, and nothing comes off twice. */
    @Test
    void whatGoesAnywayIsNotPutBack() {
        assertEquals(
                List.of("ASIDE front", "OFF box", "OFF rear", "BACK front"),
                acts(way(onRods("rear", "box"), Rigs.STUDIO, OTHER)));
    }

    /** Off and on again is paid for: as much as all three off and on, but for the one that stays off. */
    @Test
    void itTakesItsMinutes() {
        double foremost = way(onRods("front"), Rigs.STUDIO, OTHER).minutes();
        double box = way(onRods("front", "box"), Rigs.STUDIO, OTHER).minutes() - foremost;
        double rear = way(onRods("front", "box", "rear"), Rigs.STUDIO, OTHER).minutes() - foremost - box;
        assertEquals(
                rear + 2 * box + 2 * foremost,
                way(onRods("rear"), Rigs.STUDIO, OTHER).minutes(),
                1e-9);
    }
}
