package wideharbor.core.clearance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Shape.Use;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;

class ClearancesTest {
    private static final double TOLERANCE = 1;

    private static Shape box(Vec3 from, Vec3 to, Use use) {
        return new Shape.Box(from, to, use);
    }

    /** 140 wide behind its mount, with room kept free before the right half of its face. */
    private static ItemType body() {
        return part("body")
                .shaped(box(new Vec3(-70, -60, -150), new Vec3(70, 60, 0), Use.SOLID))
                .shaped(box(new Vec3(-70, -60, 0), new Vec3(-20, 60, 90), Use.CONTROLS))
                .port("mount", "mount-pl", Port.Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .face("top", Port.Role.B, new Vec3(0, 60, -20), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .facet(new OpticalFacet.Camera("mount", 6))
                .make();
    }

    /** Stands on the body and reaches down before it; slides fore and aft. */
    private static ItemType hanger() {
        Port foot = PortBuilder.builder()
                .id("foot")
                .title("foot")
                .standard("thread-3-8")
                .role(Port.Role.A)
                .link("main")
                .at(Vec3.ZERO)
                .normal(DOWN)
                .up(Vec3.FORWARD)
                .freedoms(List.of(new Freedom.Slide("slide", Freedom.Axis.U, -200, 200, 0)))
                .build();
        return part("hanger")
                .shaped(box(new Vec3(-15, 0, 0), new Vec3(15, 10, 120), Use.SOLID))
                .shaped(box(new Vec3(-15, -100, 100), new Vec3(15, 0, 120), Use.SOLID))
                .port(foot)
                .make();
    }

    private static ItemType lens(String id, double length, double radius) {
        return part(id).shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, 0, length), radius, Use.SOLID))
                .port("mount", "mount-pl", Port.Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", 50, 2, length, 100, 1, Optional.empty()))
                .make();
    }

    /** The slim lens ends before the hanger, the fat one runs into it and into the body's kept room. */
    private static Rigs twoLenses(double slide) {
        return Rigs.rig()
                .with("body", body())
                .with("hanger", hanger())
                .join("j-hanger", "body:top", "hanger:foot")
                .set("hanger:foot:0", slide)
                .lens("slim", lens("prime", 60, 15), "body:mount", "mount")
                .lens("fat", lens("zoom", 260, 55), "body:mount", "mount")
                .on("none");
    }

    private static Rig rig(double slide, String lens) {
        Rigs rigs = twoLenses(slide);
        return Rig.resolve(rigs.build(), Rigs.STUDIO, LensId.of(lens), rigs.catalogue());
    }

    private static Rig with(Rigs rigs, String lens) {
        return Rig.resolve(rigs.build(), Rigs.STUDIO, LensId.of(lens), rigs.catalogue());
    }

    @Test
    void theFatLensIsInTheHangerAndInTheRoom() {
        Clearances fat = Clearances.of(rig(0, "fat"), TOLERANCE);
        assertFalse(fat.clashes().isEmpty());
        assertEquals(
                List.of("body|lens-fat"),
                fat.intrusions().stream()
                        .map(i -> i.keeper() + "|" + i.intruder())
                        .toList());
        assertEquals(List.of(), Clearances.of(rig(0, "slim"), TOLERANCE).clashes());
    }

    /** Taken over from the rig with the other lens, or worked out from nothing: the same. */
    @ParameterizedTest
    @ValueSource(doubles = {-120, -40, 0, 40, 120})
    void whatStandsStillMayBeTakenOver(double slide) {
        Rigs rigs = twoLenses(slide);
        for (List<String> way : List.of(List.of("slim", "fat"), List.of("fat", "slim"))) {
            Rig then = with(rigs, way.get(1));
            same(then, Clearances.of(with(rigs, way.get(0)), TOLERANCE).with(then, TOLERANCE));
        }
    }

    /** After a slide is moved, what hangs on it is looked at anew. */
    @Test
    void aPartThatMovedIsLookedAtAnew() {
        Clearances before = Clearances.of(rig(120, "fat"), TOLERANCE);
        Rig then = rig(-120, "fat");
        assertNotEquals(
                before.matterOf(PlacementId.of("hanger")).get(0).bounds(),
                Clearances.of(then, TOLERANCE)
                        .matterOf(PlacementId.of("hanger"))
                        .get(0)
                        .bounds());
        same(then, before.with(then, TOLERANCE));
    }

    private static void same(Rig rig, Clearances taken) {
        Clearances fresh = Clearances.of(rig, TOLERANCE);
        assertEquals(fresh.clashes(), taken.clashes());
        assertEquals(fresh.intrusions(), taken.intrusions());
        for (var part : rig.attached()) {
            assertEquals(
                    fresh.matterOf(part.id()).stream().map(c -> c.bounds()).toList(),
                    taken.matterOf(part.id()).stream().map(c -> c.bounds()).toList());
            assertEquals(fresh.roomsOf(part.id()), taken.roomsOf(part.id()));
        }
    }

    /** What stands in a room names each part once, by id; a ray names the first by id of what it meets. */
    @Test
    void aRoomAndARayNameTheirPartsInOrder() {
        Clearances fat = Clearances.of(rig(0, "fat"), TOLERANCE);
        assertEquals(
                List.of(PlacementId.of("hanger")),
                fat.standIn(fat.matterOf(PlacementId.of("lens-fat")), Ids.parts("lens-fat", "body"), TOLERANCE));
        assertEquals(Optional.of(PlacementId.of("body")), fat.metBy(new Vec3(0, 20, 300), BACK, 400, Set.of()));
        assertEquals(
                Optional.of(PlacementId.of("hanger")), fat.metBy(new Vec3(0, 20, 300), BACK, 400, Ids.parts("body")));
        assertEquals(Optional.empty(), fat.metBy(new Vec3(200, 20, 300), BACK, 400, Set.of()));
    }
}
