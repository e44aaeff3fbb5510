package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Parts.worked;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Loads, stops, arms, tools, trial fits and false friends. */
class MountChecksTest {
    private static final Port.Working LOOSE = new Port.Working(Port.Working.Way.LEVER, false, 1);
    private static final Port.Working SECURED = new Port.Working(Port.Working.Way.LEVER, true, 1);

    private static Port shoe(String id, Role role, Vec3 at, Vec3 n, Port.Working working, Port.Rating rating) {
        return worked(Parts.plain(id, "cold-shoe", role, at, n, Vec3.FORWARD), rating, working);
    }

    private static Rigs onShoe(double grams, Vec3 centre, Port.Working working, Port.Rating rating) {
        ItemType body = part("body")
                .port(shoe("shoe", Role.A, Vec3.ZERO, Vec3.UP, LOOSE, rating))
                .make();
        ItemType load = part("lamp")
                .weighs(grams, centre)
                .port(shoe("foot", Role.B, Vec3.ZERO, DOWN, working, Port.Rating.NONE))
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("lamp", load)
                .join("j", "body:shoe", "lamp:foot")
                .on("none");
    }

    @Nested
    class Loads {
        /** A cold shoe carries 500 g; 620 g stand on it. */
        @Test
        void aShoeCarriesLightLoadsOnly() {
            Finding finding = verify(new PortLoad())
                    .given(onShoe(620, new Vec3(0, 40, 0), LOOSE, Port.Rating.NONE))
                    .finds(Severity.STOP, 620, Double.NEGATIVE_INFINITY, 500, "g");
            assertEquals("0.62 kg on shoe of body, rated for 0.50 kg", finding.title());
        }

        @Test
        void unlessItLocks() {
            verify(new PortLoad())
                    .given(onShoe(620, new Vec3(0, 40, 0), SECURED, Port.Rating.NONE))
                    .looksAtNothing();
        }

        @Test
        void orIsLightEnough() {
            verify(new PortLoad())
                    .given(onShoe(480, new Vec3(0, 40, 0), LOOSE, Port.Rating.NONE))
                    .holds();
        }

        /** 0.3 kg, 200 mm to the side: 0.3 · 9.80665 · 0.2 = 0.59 N·m over a rating of 0.40. */
        @Test
        void aLongLeverIsTooMuchMoment() {
            verify(new PortLoad())
                    .given(onShoe(
                            300, new Vec3(200, 0, 0), LOOSE, new Port.Rating(Optional.of(500.0), Optional.of(0.4))))
                    .finds(Severity.STOP, 0.588, Double.NEGATIVE_INFINITY, 0.4, "N·m");
        }

        /** All that hangs on the port counts: 300 g and 300 g on top of it. */
        @Test
        void whatHangsOnItCountsToo() {
            ItemType lamp = part("more")
                    .weighs(300, Vec3.ZERO)
                    .port(shoe("foot", Role.B, Vec3.ZERO, DOWN, SECURED, Port.Rating.NONE))
                    .make();
            ItemType base = part("base")
                    .weighs(300, Vec3.ZERO)
                    .port(shoe("foot", Role.B, Vec3.ZERO, DOWN, LOOSE, Port.Rating.NONE))
                    .port(shoe("top", Role.A, new Vec3(0, 10, 0), Vec3.UP, SECURED, Port.Rating.NONE))
                    .make();
            ItemType body = part("body")
                    .port(shoe("shoe", Role.A, Vec3.ZERO, Vec3.UP, LOOSE, Port.Rating.NONE))
                    .make();
            verify(new PortLoad())
                    .given(Rigs.rig()
                            .with("body", body)
                            .with("base", base)
                            .with("more", lamp)
                            .join("j", "body:shoe", "base:foot")
                            .join("k", "base:top", "more:foot")
                            .on("none"))
                    .finds(Severity.STOP, 600, Double.NEGATIVE_INFINITY, 500, "g");
        }

        @Test
        void anUnknownMassIsNotChecked() {
            ItemType body = part("body")
                    .port(shoe("shoe", Role.A, Vec3.ZERO, Vec3.UP, LOOSE, Port.Rating.NONE))
                    .make();
            ItemType lamp = part("lamp")
                    .weighs(Figure.unknown("no label"), Vec3.ZERO)
                    .port(shoe("foot", Role.B, Vec3.ZERO, DOWN, LOOSE, Port.Rating.NONE))
                    .make();
            verify(new PortLoad())
                    .given(Rigs.rig()
                            .with("body", body)
                            .with("lamp", lamp)
                            .join("j", "body:shoe", "lamp:foot")
                            .on("none"))
                    .finds(Severity.STOP, CheckState.NOT_CHECKED);
        }
    }

    @Nested
    class Rails {
        private Rigs rail(Vec3 normal, Vec3 up, Port.Working working) {
            Port rail = PortBuilder.builder()
                    .id("rail")
                    .title("rail")
                    .standard("nato-rail")
                    .role(Role.A)
                    .link("main")
                    .at(Vec3.ZERO)
                    .normal(normal)
                    .up(up)
                    .occupancy(new Port.Occupancy.Interval(-40, 40, 0))
                    .build();
            Port clamp = worked(
                    PortBuilder.builder()
                            .id("clamp")
                            .title("clamp")
                            .standard("nato-rail")
                            .role(Role.B)
                            .link("main")
                            .at(Vec3.ZERO)
                            .normal(DOWN)
                            .up(Vec3.FORWARD)
                            .engagementMm(30)
                            .build(),
                    Port.Rating.NONE,
                    working);
            return Rigs.rig()
                    .with("body", part("body").port(rail).make())
                    .with("tx", part("tx").port(clamp).make())
                    .join("j", "body:rail", "tx:clamp")
                    .on("none");
        }

        @Test
        void aClampThatHangsNeedsAStop() {
            Finding finding = verify(new RailSafety())
                    .given(rail(DOWN, Vec3.FORWARD, LOOSE))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertEquals("tx hangs on a rail without a stop", finding.title());
        }

        @Test
        void aRailThatPointsDownNeedsOneToo() {
            verify(new RailSafety()).given(rail(Vec3.LEFT, Vec3.UP, LOOSE)).finds(Severity.STOP, CheckState.FOUND);
        }

        @Test
        void aPinOrALevelRailIsFine() {
            verify(new RailSafety()).given(rail(DOWN, Vec3.FORWARD, SECURED)).holds();
            verify(new RailSafety()).given(rail(Vec3.UP, Vec3.FORWARD, LOOSE)).holds();
        }

        @Test
        void withoutRailsItLooksAtNothing() {
            verify(new RailSafety()).given(Bag.onHead()).looksAtNothing();
        }
    }

    @Nested
    class Tools {
        /** Bag's faces are driven by hex 3/16 in (4.76). 5 mm is near and not on the list. */
        @Test
        void aNearSizeIsNotTheSize() {
            Finding finding = verify(new ToolsPacked())
                    .given(Bag.onRods(300).inKit(Bag.keys("hex 5 mm", "hex 4 mm"), 1))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertTrue(
                    finding.why().contains("Packed is hex 5 mm, which is near but not on this screw's list"),
                    finding.why());
        }

        @Test
        void anyKeyOfTheListWillDo() {
            verify(new ToolsPacked()).given(Bag.onHead()).holds();
        }

        @Test
        void theKeyIsPackedAsAFix() {
            ItemType keys = Bag.keys("hex 3/16 in");
            assertEquals(
                    "Pack keys",
                    verify(new ToolsPacked())
                            .given(Bag.onRods(300).knows(keys))
                            .isMendedBy("tool")
                            .title());
        }
    }

    @Nested
    class Trials {
        @Test
        void whatNobodyTriedIsTried() {
            ItemType body = part("body")
                    .port("shoe", "cold-shoe", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                    .make();
            ItemType clip = part("clip")
                    .port("foot", "cold-shoe", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                    .make();
            Rigs rigs = Rigs.rig().with("body", body).with("clip", clip);
            verify(new TrialFit())
                    .given(rigs.join("j", "body:shoe", "clip:foot", Joint.Confidence.PLAUSIBLE))
                    .finds(Severity.CAUTION, CheckState.FOUND);
        }

        @Test
        void whatSomeoneClaimsIsANote() {
            ItemType body = part("body")
                    .port("shoe", "cold-shoe", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                    .make();
            ItemType clip = part("clip")
                    .port("foot", "cold-shoe", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                    .make();
            Rigs rigs = Rigs.rig().with("body", body).with("clip", clip);
            verify(new TrialFit())
                    .given(rigs.join("j", "body:shoe", "clip:foot", Joint.Confidence.CLAIMED))
                    .finds(Severity.NOTE, CheckState.FOUND);
        }

        @Test
        void triedIsFine() {
            verify(new TrialFit()).given(Bag.onHead()).holds();
        }
    }

    @Nested
    class FalseFriends {
        @Test
        void samePlugsOtherWiring() {
            Finding finding = verify(new LookAlikes())
                    .given(Bag.onHead()
                            .inKit(Bag.cable("good", "1+ 2−", 0.1, 300), 1)
                            .inKit(Bag.cable("twin", "1− 2+", 0.1, 300), 1))
                    .finds(Severity.NOTE, CheckState.FOUND);
            assertTrue(finding.why().startsWith("Same plugs, other wiring"), finding.why());
        }

        @Test
        void rodsNearlyOfOneDiameter() {
            verify(new LookAlikes())
                    .given(Bag.onRods(300).inKit(Bag.rods("hinge", "rod-15-lw", 14.8, 200), 1))
                    .finds(Severity.NOTE, CheckState.FOUND);
        }
    }

    @Test
    void aPartWithPinsTakesThePlaceOfOneWithout() {
        ItemType body = Bag.body();
        ItemType plain = part("plain")
                .is(Category.HANDLE)
                .weighs(300, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 1, Port.Pins.NONE)
                .make();
        ItemType pinned = part("pinned")
                .is(Category.HANDLE)
                .weighs(300, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 1, Parts.pins(Port.Pins.Kind.FIXED))
                .make();
        assertEquals(
                "pinned in place of plain",
                verify(new OneContactTwists())
                        .given(Rigs.rig()
                                .with("body", body)
                                .with("handle", plain)
                                .join("j", "body:top", "handle:foot")
                                .knows(pinned)
                                .on("none"))
                        .isMendedBy("pins")
                        .title());
    }

    /** A rail clamp on a thread: an adapter of one piece joins them, and the fix adds no stop. */
    @Test
    void portsThatDoNotMateAreJoinedByAnAdapter() {
        ItemType body = part("body")
                .carrier("rail", "nato-rail", Role.A, Vec3.ZERO, Vec3.UP, -50, 50)
                .make();
        ItemType box = part("box")
                .weighs(100, new Vec3(0, 10, 0))
                .face("foot", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        ItemType adapter = part("rail-block")
                .can(Capability.ADAPTS)
                .weighs(40, Vec3.ZERO)
                .clamp("rail", "nato-rail", Role.B, Vec3.ZERO, DOWN, 30)
                .face("head", Role.A, new Vec3(0, 14, 0), Vec3.UP, Vec3.FORWARD, 1, Port.Pins.NONE)
                .make();
        assertEquals(
                "Put rail-block between: 14.0 mm, 40 g",
                verify(new PortsMate())
                        .given(Rigs.rig()
                                .with("body", body)
                                .with("box", box)
                                .join("j", "body:rail", "box:foot")
                                .knows(adapter)
                                .inKit(Bag.keys("hex 3/16 in"), 1)
                                .on("none"))
                        .isMendedBy("adapter")
                        .title());
    }
}
