package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What hands do at the bench: exchange, move, put between, join a second face; each taken back exactly. */
class ByHandTest {
    private static final TypeRef WIDE = Bag.lens("wide", 1200, 50, 150).ref();
    private static final TypeRef LONG = Bag.lens("long", 1900, 90, 260).ref();

    private static PlacementId id(String placement) {
        return PlacementId.of(placement);
    }

    private static PortRef port(String written) {
        return PortRef.parse(written);
    }

    private static GearPackage.Applied applied(RigAnalysis analysis, EditRequest request) {
        return analysis.job()
                .gear()
                .apply(
                        Rigs.BUILD,
                        request.prepare(analysis, EditRequestTest.OCCASION).commands(),
                        analysis.catalogue());
    }

    private static Rig after(RigAnalysis analysis, EditRequest request) {
        GearPackage.Applied applied = applied(analysis, request);
        GearPackage back = applied.after()
                .apply(Rigs.BUILD, applied.inverse(), analysis.catalogue())
                .after();
        assertEquals(same(analysis.job().gear()), same(back), "taken back exactly");
        return rig(analysis, applied.after());
    }

    private static String same(GearPackage gear) {
        Build build = gear.build(Rigs.BUILD);
        return gear.kit().counts() + " " + build.lenses() + " " + build.configurations() + " "
                + List.copyOf(build.base().placements())
                + java.util.Set.copyOf(build.base().joints())
                + java.util.Set.copyOf(build.base().settings())
                + java.util.Set.copyOf(build.base().cables());
    }

    private static Rig rig(RigAnalysis analysis, GearPackage gear) {
        return Rig.resolve(gear.build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE, analysis.catalogue());
    }

    private static ByHand.Offer offer(List<ByHand.Offer> all, String title) {
        return all.stream().filter(o -> o.title().contains(title)).findFirst().orElseThrow();
    }

    @Test
    void anExchangeKeepsWhatHangsOnThePart() {
        RigAnalysis analysis =
                Bag.onRods(300).knows(Bag.rods(400)).inKit(Bag.rods(400), 1).analysis();
        ByHand.Offer longer = offer(ByHand.offers(analysis, id("rods"), ByHand.Deed.EXCHANGE), "rods-400");
        assertEquals(List.of(), longer.lost());
        assertTrue(longer.detail().contains("1 in the kit"), longer.detail());
        Rig rig = after(analysis, longer.request());
        assertEquals("rods-400", rig.require(id("rods")).type().ref().id());
        assertEquals(0, rig.detached().size());
        assertEquals(200, rig.content().value(SettingKey.parse("box:rods:0")));
    }

    /** A body without a top face drops nothing that hangs on its base; what hung on the top is named. */
    @Test
    void anExchangeNamesWhatItCosts() {
        RigAnalysis analysis = Bag.onRods(300)
                .knows(Bag.spacer("flat", 11, false))
                .with("riser", Bag.spacer("riser-10", 10, false))
                .join("j-riser", "body:top", "riser:top")
                .analysis();
        assertThrows(
                EditRefused.class,
                () -> Exchange.of(analysis, id("box"), Bag.quick(11)),
                "a plate does not go on the rods");
        Exchange made = Exchange.of(analysis, id("quick"), Bag.spacer("flat", 11, false));
        assertEquals(List.of(), made.lost());
        Exchange topless = Exchange.of(
                analysis,
                id("body"),
                Parts.part("bare")
                        .is(Category.BODY)
                        .weighs(3000, Vec3.ZERO)
                        .face("foot", Port.Role.B, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                        .make());
        assertEquals(
                List.of("riser-10 hangs on nothing"), topless.lost(), "the base found the foot, the riser nothing");
    }

    @Test
    void aPartMovesWithWhatHangsOnIt() {
        RigAnalysis analysis = Bag.onRods(300)
                .with("riser", Bag.spacer("riser-10", 10, false))
                .join("j-riser", "body:side", "riser:top")
                .analysis();
        List<ByHand.Offer> places = ByHand.offers(analysis, id("riser"), ByHand.Deed.MOVE);
        assertTrue(places.stream().anyMatch(o -> o.title().contains("top")), places.toString());
        assertFalse(places.stream().anyMatch(o -> o.title().contains("side")), "it is there already");
        Rig rig = after(analysis, new PartRequest.Move(id("riser"), port("body:top"), "top"));
        assertEquals(port("body:top"), rig.locatedBy(id("riser")).orElseThrow().parent());
        EditRefused round = assertThrows(
                EditRefused.class,
                () -> after(analysis, new PartRequest.Move(id("quick"), port("bridge:rods"), "top")));
        assertTrue(round.getMessage().contains("hangs on it"), round.getMessage());
    }

    /** A face on the left and its mirror image on the right, 1 mm farther forward; the top one mirrors itself. */
    private static RigAnalysis twoSided() {
        return Bag.onRods(300)
                .with(
                        "cage",
                        Parts.part("cage")
                                .is(Category.CAGE)
                                .weighs(400, Vec3.ZERO)
                                .face("foot", Port.Role.B, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                                .face("left", Port.Role.A, at(60, 30, 0), Vec3.LEFT, Vec3.FORWARD, 0, Port.Pins.NONE)
                                .face(
                                        "right",
                                        Port.Role.A,
                                        at(-60, 30, 1),
                                        Vec3.LEFT.negated(),
                                        Vec3.FORWARD,
                                        0,
                                        Port.Pins.NONE)
                                .face("over", Port.Role.A, at(0, 60, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                                .make())
                .join("j-cage", "body:top", "cage:foot")
                .with("riser", Bag.spacer("riser-10", 10, false))
                .join("j-riser", "cage:left", "riser:top")
                .analysis();
    }

    private static Vec3 at(double x, double y, double z) {
        return new Vec3(x, y, z);
    }

    @Test
    void aPartGoesToTheOtherSide() {
        RigAnalysis analysis = twoSided();
        List<ByHand.Offer> across = ByHand.offers(analysis, id("riser"), ByHand.Deed.OTHER_SIDE);
        assertEquals(
                List.of("cage, right"),
                across.stream()
                        .map(o -> o.title().toLowerCase(java.util.Locale.ROOT))
                        .toList());
        Rig rig = after(analysis, across.get(0).request());
        assertEquals(
                port("cage:right"), rig.locatedBy(id("riser")).orElseThrow().parent());
    }

    @Test
    void oneMoreOfThemGoesOnAFreeFace() {
        RigAnalysis analysis = twoSided();
        List<ByHand.Offer> places = ByHand.offers(analysis, id("riser"), ByHand.Deed.DUPLICATE);
        assertFalse(places.stream().anyMatch(o -> o.title().equalsIgnoreCase("cage, left")), "taken");
        Rig rig = after(analysis, offer(places, "over").request());
        assertEquals(
                2,
                rig.attached().stream()
                        .filter(p -> p.type().ref().id().equals("riser-10"))
                        .count());
    }

    @Test
    void severalComeOffAtOnceAndGoBackAtOnce() {
        RigAnalysis analysis = twoSided();
        Rig rig = after(
                analysis, new PartRequest.Remove(List.of(id("cage"), id("riser"), id("rods")), true, "too heavy"));
        assertTrue(rig.find(id("cage")).isEmpty() && rig.find(id("riser")).isEmpty());
        assertEquals(0, rig.detached().size());
        assertThrows(
                EditRefused.class,
                () -> after(analysis, new PartRequest.Remove(List.of(id("riser"), id("body")), false, "")));
        assertThrows(IllegalArgumentException.class, () -> new PartRequest.Remove(List.of(), false, ""));
    }

    /** What hangs on nothing is hung on a port again. */
    @Test
    void whatHangsOnNothingFindsAPlace() {
        RigAnalysis analysis =
                Bag.onRods(300).with("riser", Bag.spacer("riser-10", 10, false)).analysis();
        assertEquals(1, analysis.rig().detached().size());
        ByHand.Offer place = offer(ByHand.offers(analysis, id("riser"), ByHand.Deed.MOVE), "top");
        assertEquals(0, after(analysis, place.request()).detached().size());
    }

    @Test
    void aRiserGoesUnderABody() {
        RigAnalysis analysis =
                Bag.onRods(300).knows(Bag.spacer("riser-10", 10, false)).analysis();
        ByHand.Offer riser = offer(ByHand.offers(analysis, id("quick"), ByHand.Deed.INSERT), "riser-10");
        Rig rig = after(analysis, riser.request());
        assertEquals(
                analysis.rig().require(id("bridge")).pose().at().y() - 10,
                rig.require(id("bridge")).pose().at().y(),
                1e-9);
    }

    /** A support on the rods whose cradle stands under the barrel: 20 over the rods, the barrel 45 under the axis. */
    @Test
    void aSecondFaceIsJoinedAndOpened() {
        RigAnalysis analysis = Bag.onRods(300)
                .with("lens", Bag.lens("prime", 1500, 60, 200))
                .with("support", Bag.lensSupport())
                .join("j-lens", "body:mount", "lens:mount")
                .join("j-support", "rods:rods", "support:rods")
                .set("support:rods:0", 250)
                .analysis();
        List<ByHand.Offer> faces = ByHand.offers(analysis, id("support"), ByHand.Deed.CLOSE);
        assertEquals(1, faces.size(), faces.toString());
        assertTrue(faces.get(0).detail().startsWith("gap "), faces.get(0).detail());
        Rig rig = after(analysis, faces.get(0).request());
        assertEquals(1, rig.closings().size());
        JointId closed = rig.closings().get(0).joint().id();
        GearPackage joined = applied(analysis, faces.get(0).request()).after();
        RigAnalysis then =
                RigAnalysis.of(analysis.job().with(joined), joined.build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
        assertEquals(0, ByHand.offers(then, id("support"), ByHand.Deed.CLOSE).size(), "both faces are taken now");
        ByHand.Offer open = ByHand.offers(then, id("support"), ByHand.Deed.OPEN).get(0);
        assertEquals(new PartRequest.Open(closed), open.request());
        assertEquals(0, after(then, open.request()).closings().size());
        Optional<Joint> holds = then.rig().locatedBy(id("support"));
        assertThrows(
                EditRefused.class,
                () -> after(then, new PartRequest.Open(holds.orElseThrow().id())));
    }

    @Test
    void lensesComeIntoTheSetInOrderAndGo() {
        RigAnalysis analysis = Bag.onRods(300)
                .knows(Bag.lens("wide", 1200, 50, 150))
                .inKit(Bag.lens("wide", 1200, 50, 150), 1)
                .knows(Bag.lens("long", 1900, 90, 260))
                .analysis();
        assertEquals(
                List.of("wide", "long"),
                LensEdits.offers(analysis).stream().map(ByHand.Offer::title).toList(),
                "what is in the kit comes first");
        GearPackage.Applied first = applied(analysis, new LensRequest.AddLens(WIDE));
        Build one = first.after().build(Rigs.BUILD);
        assertEquals(1, one.lenses().size());
        Rig rig = Rig.resolve(one, Rigs.STUDIO, LensId.of("wide"), analysis.catalogue());
        assertTrue(rig.find(id("wide")).isPresent());
        assertEquals(0, first.after().kit().count(WIDE), "it left the kit");
        RigAnalysis then = RigAnalysis.of(analysis.job().with(first.after()), one, Rigs.STUDIO, LensId.of("wide"));
        GearPackage.Applied second = applied(then, new LensRequest.AddLens(LONG));
        Build two = second.after().build(Rigs.BUILD);
        RigAnalysis both = RigAnalysis.of(then.job().with(second.after()), two, Rigs.STUDIO, LensId.of("long"));
        assertEquals(List.of("wide", "long"), titles(two));
        assertEquals(
                List.of("long", "wide"),
                titles(applied(both, new LensRequest.OrderLens(LensId.of("long"), 0))
                        .after()
                        .build(Rigs.BUILD)));
        assertEquals(
                List.of("wide", "The 135"),
                titles(applied(both, new LensRequest.TitleLens(LensId.of("long"), "The 135"))
                        .after()
                        .build(Rigs.BUILD)));
        GearPackage.Applied gone = applied(both, new LensRequest.DropLens(LensId.of("wide")));
        assertEquals(List.of("long"), titles(gone.after().build(Rigs.BUILD)));
        Build back = gone.after()
                .apply(Rigs.BUILD, gone.inverse(), analysis.catalogue())
                .after()
                .build(Rigs.BUILD);
        assertEquals(two.lenses(), back.lenses(), "it comes back to its place with all that was set for it");
    }

    private static List<String> titles(Build build) {
        return build.lenses().stream().map(l -> l.title()).toList();
    }

    @Test
    void theKitIsPackedByCount() {
        RigAnalysis analysis = Bag.onRods(300).inKit(Bag.rods(400), 2).analysis();
        GearPackage.Applied more =
                applied(analysis, new EditRequest.Pack(Bag.rods(400).ref(), 5));
        assertEquals(5, more.after().kit().count(Bag.rods(400).ref()));
        assertThrows(
                EditRefused.class,
                () -> applied(analysis, new EditRequest.Pack(Bag.rods(400).ref(), 2)));
        assertThrows(
                IllegalArgumentException.class,
                () -> new EditRequest.Pack(Bag.rods(400).ref(), -1));
    }

    /** The first part that carries is what the configuration is carried by. */
    @Test
    void whatCarriesCarries() {
        RigAnalysis analysis = Bag.onHead().analysis();
        GearPackage.Applied off =
                applied(analysis, new PartRequest.Remove(List.of(id("head")), false, "sent back, says Ines"));
        RigAnalysis without = RigAnalysis.of(
                analysis.job().with(off.after()), off.after().build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
        assertFalse(without.rig().isSupported());
        EditRequest add =
                new PartRequest.Add(port("dovetail:bottom"), Bag.head().ref(), "top");
        assertTrue(add.prepare(without, EditRequestTest.OCCASION).summary().contains("which carries"));
        Rig rig = after(without, add);
        assertTrue(rig.isSupported());
        assertEquals(id("head-2"), rig.configuration().support());
    }

    /** Under the body through a plate; by the head's top, never by its foot. */
    @Test
    void whatMayCarryIsOfferedWithThePlatesBetween() {
        RigAnalysis bare = Rigs.rig()
                .with("body", Bag.body())
                .knows(Parts.part("plate")
                        .is(Category.PLATE)
                        .can(Capability.ADAPTS)
                        .weighs(900, Vec3.ZERO)
                        .face("top", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                        .port("bottom", "flat-base", Port.Role.A, new Vec3(0, -12, 0), Parts.DOWN, Vec3.FORWARD)
                        .make())
                .knows(Bag.head())
                .on("body")
                .analysis();
        List<ByHand.Offer> offers = ByHand.offers(bare, id("body"), ByHand.Deed.CARRY);
        assertEquals(List.of("head"), offers.stream().map(ByHand.Offer::title).toList());
        PartRequest.Add add = (PartRequest.Add) offers.get(0).request();
        assertEquals("top", add.itemPort());
        assertEquals(port("body:base"), add.port());
        Rig rig = after(bare, add);
        assertTrue(rig.isSupported());
        assertEquals(0, rig.detached().size());
    }
}
