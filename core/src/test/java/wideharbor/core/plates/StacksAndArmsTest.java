package wideharbor.core.plates;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.CrossFit;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.edit.ArmPlacing;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.sheet.OwnParts;
import wideharbor.core.standard.Standards;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Whole stacks of plates, what a body's own parts do elsewhere, and arms brought to a point. */
class StacksAndArmsTest {

    /** Plates that may go between. */
    private static ItemType adapts(ItemType t) {
        return ItemTypeBuilder.builder(t)
                .capabilities(java.util.Set.of(Capability.ADAPTS))
                .build();
    }

    @Nested
    class Stacks {
        private final Catalogue house = new Catalogue(
                List.of(Bag.body(), adapts(Bag.quick(11)), adapts(Bag.bridge()), adapts(Bag.dovetail()), Bag.head()),
                Standards.seed());

        /** Base 66, plate 11, bridge 24, dovetail 10: the axis stands 111 over the head, 83 over the rods. */
        @Test
        void aStackTellsItsHeightsAndRods() {
            List<PlateStacks.Stack> stacks = PlateStacks.of(house, Bag.body(), Bag.head(), "", 1);
            PlateStacks.Stack with = stacks.stream()
                    .filter(s -> s.chain().title().equals("quick, then bridge, then dovetail"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(111, with.axisHeightMm(), 1e-6);
            assertEquals(0, with.asideMm(), 1e-6);
            PlateStacks.RodsAt rods = with.rods().get(0);
            assertEquals(83, rods.heightMm(), 1e-6);
            assertEquals(85, rods.neededMm(), 1e-6);
            assertTrue(!rods.met());
        }

        /** Without the quick plate the bridge sits at 66 + 24 + 10 = 100 and is the lower stack: it comes first. */
        @Test
        void theLowestOfTheFewestComesFirst() {
            PlateStacks.Stack first =
                    PlateStacks.of(house, Bag.body(), Bag.head(), "", 1).get(0);
            assertEquals("bridge, then dovetail", first.chain().title());
            assertEquals(100, first.axisHeightMm(), 1e-6);
        }

        @Test
        void withRodsAskedForOnlyStacksThatHoldThemAreListed() {
            assertTrue(PlateStacks.of(house, Bag.body(), Bag.head(), "rod-15-lw", 1).stream()
                    .allMatch(s -> s.chain().title().contains("bridge")));
            assertEquals(List.of(), PlateStacks.of(house, Bag.body(), Bag.head(), "rod-19-studio", 1));
        }

        @Test
        void whatStandsInTheWayIsTold() {
            ItemType tall = part("tall")
                    .is(Category.PLATE)
                    .can(Capability.ADAPTS)
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .port("flat", "flat-base", Role.A, new Vec3(0, -10, 0), DOWN, Vec3.FORWARD)
                    .shaped(new Shape.Box(new Vec3(-50, -10, -50), new Vec3(50, 0, 50), Shape.Use.SOLID))
                    .shaped(new Shape.Box(new Vec3(62, 0, -20), new Vec3(66, 60, 20), Shape.Use.SOLID))
                    .make();
            ItemType doored = part("body")
                    .is(Category.BODY)
                    .face("base", Role.B, new Vec3(0, -66, -80), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                    .shaped(new Shape.Box(new Vec3(-60, -66, -160), new Vec3(60, 60, 0), Shape.Use.SOLID))
                    .shaped(new Shape.Box(new Vec3(60, -40, -120), new Vec3(100, 20, -40), Shape.Use.CARD_DOOR))
                    .facet(new OpticalFacet.Camera("mount", 6))
                    .make();
            Catalogue with = new Catalogue(List.of(doored, tall, Bag.head()), Standards.seed());
            PlateStacks.Stack stack =
                    PlateStacks.of(with, doored, Bag.head(), "", 1).get(0);
            assertEquals(List.of("tall stands in the room for the card door"), stack.blocks());
        }

        @Test
        void onlyABodyOnASupportHasStacks() {
            assertThrows(IllegalArgumentException.class, () -> PlateStacks.of(house, Bag.head(), Bag.head(), "", 1));
            assertThrows(IllegalArgumentException.class, () -> PlateStacks.of(house, Bag.body(), Bag.quick(11), "", 1));
        }
    }

    @Nested
    class OfTheBody {
        private final ItemType other = part("other")
                .is(Category.BODY)
                .port("shoe", "cold-shoe", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .make();
        private final ItemType grip = part("grip")
                .wants(Relation.Kind.MADE_FOR, "body")
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make();
        private final ItemType block = part("block")
                .can(Capability.ADAPTS)
                .port("foot", "cold-shoe", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .face("head", Role.B, new Vec3(0, 8, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();

        @Test
        void crossFitSaysHowItGoesOnEachBody() {
            Catalogue house = new Catalogue(List.of(Bag.body(), other, grip, block), Standards.seed());
            CrossFit.Line line = CrossFit.of(house, Bag.body(), List.of(Bag.body(), other)).stream()
                    .filter(l -> l.part().equals(grip))
                    .findFirst()
                    .orElseThrow();
            assertEquals(CrossFit.How.MADE_FOR_IT, line.cells().get(0).how());
            assertEquals(CrossFit.How.THROUGH_ADAPTERS, line.cells().get(1).how());
            assertEquals("block", line.cells().get(1).through());
        }

        @Test
        void ownPartsAreKeptOrReplaced() {
            Rigs free = Rigs.rig().with("body", Bag.body()).knows(grip).on("none");
            assertEquals(
                    OwnParts.State.WOULD_GO_ON,
                    OwnParts.of(free.analysis()).get(0).state());
            Rigs kept = Rigs.rig()
                    .with("body", Bag.body())
                    .with("g", grip)
                    .join("j", "body:top", "g:foot")
                    .on("none");
            assertEquals(
                    OwnParts.State.KEPT, OwnParts.of(kept.analysis()).get(0).state());
            Rigs full = Rigs.rig().with("body", Bag.body()).knows(grip).on("none");
            for (String port : List.of("base", "top", "side")) {
                ItemType plug = part("plug-" + port)
                        .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                        .make();
                full = full.with("p-" + port, plug).join("j-" + port, "body:" + port, "p-" + port + ":foot");
            }
            OwnParts.Own own = OwnParts.of(full.analysis()).get(0);
            assertEquals(OwnParts.State.REPLACED, own.state());
            assertEquals("plug-base", own.by());
        }
    }

    @Nested
    class Arms {
        /** Foot on the body's top at y 70; two bars of 100 with hinges about z, and a turn about the foot. */
        private Rigs arm() {
            ItemType arm = part("arm")
                    .link("foot", 50, Vec3.ZERO)
                    .link("lower", 100, Vec3.ZERO)
                    .link("upper", 100, Vec3.ZERO)
                    .hinge(
                            "swing",
                            "foot",
                            "lower",
                            Vec3.ZERO,
                            new Freedom.Rotate("lean", Freedom.Axis.N, -100, 100, 0))
                    .hinge(
                            "elbow",
                            "lower",
                            "upper",
                            new Vec3(0, 100, 0),
                            new Freedom.Rotate("elbow", Freedom.Axis.N, -150, 150, 0))
                    .port(on("base", "foot", Vec3.ZERO, DOWN))
                    .port(on("tip", "upper", new Vec3(0, 100, 0), Vec3.UP))
                    .facet(new RiggingFacet.Arm("base", "tip", List.of(new RiggingFacet.Bears(0, 5))))
                    .make();
            return Rigs.rig()
                    .with("body", Bag.body())
                    .with("arm", arm)
                    .join("j", "body:top", "arm:base")
                    .on("none");
        }

        private Port on(String id, String link, Vec3 at, Vec3 normal) {
            return PortBuilder.builder()
                    .id(id)
                    .title(id)
                    .standard("thread-3-8")
                    .role(Role.A)
                    .link(link)
                    .at(at)
                    .normal(normal)
                    .up(Vec3.FORWARD)
                    .build();
        }

        private Vec3 tipAfter(RigAnalysis analysis, List<Scoped> edit) {
            var after = analysis.job()
                    .gear()
                    .apply(Rigs.BUILD, edit, analysis.catalogue())
                    .after();
            RigAnalysis then =
                    RigAnalysis.of(analysis.job().with(after), after.build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
            return ArmPlacing.tip(then.rig(), then.rig().require(PlacementId.of("arm")));
        }

        /** Straight up the tip is at (0, 270, −80); 120 aside and 60 up from the foot lies within 200. */
        @Test
        void theTipComesToThePoint() {
            RigAnalysis analysis = arm().analysis();
            assertEquals(
                    270,
                    ArmPlacing.tip(analysis.rig(), analysis.rig().require(PlacementId.of("arm")))
                            .y(),
                    1e-6);
            for (Vec3 target : List.of(new Vec3(120, 130, -80), new Vec3(-90, 190, -80), new Vec3(10, 240, -80))) {
                Vec3 tip = tipAfter(analysis, ArmPlacing.tipTo(analysis, PlacementId.of("arm"), target));
                assertEquals(0, tip.minus(target).length(), 2.0, () -> "tip at " + tip + " for " + target);
            }
        }

        /** Nothing turns it out of its plane, and 400 mm is twice its length. */
        @Test
        void outOfReachIsSaidInMillimetres() {
            RigAnalysis analysis = arm().analysis();
            EditRefused refused = assertThrows(
                    EditRefused.class, () -> ArmPlacing.tipTo(analysis, PlacementId.of("arm"), new Vec3(0, 470, -80)));
            assertTrue(refused.getMessage().contains("200.0 mm short"), refused.getMessage());
            assertThrows(
                    EditRefused.class, () -> ArmPlacing.tipTo(analysis, PlacementId.of("arm"), new Vec3(0, 200, 20)));
            assertThrows(EditRefused.class, () -> ArmPlacing.tipTo(analysis, PlacementId.of("body"), Vec3.ZERO));
        }
    }
}
