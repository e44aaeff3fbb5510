package wideharbor.core.check.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Contacts;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Pins;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.CableEdits;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.signal.Hop;
import wideharbor.core.signal.Route;
import wideharbor.core.signal.SignalGraph;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Parts that feed and tell each other by the faces they are joined at: no cable is needed, and none goes in. */
class ContactsTest {
    /** Takes 30 W, 40 at peak, at a battery's face; a tap of its own gives on what it gets. */
    private static ItemType camera() {
        return Parts.part("camera")
                .weighs(2000, Vec3.ZERO)
                .face("side", Role.B, new Vec3(60, 0, 0), Vec3.LEFT, Vec3.UP, 0, Pins.NONE)
                .port("back", "v-mount", Role.A, new Vec3(0, 0, -50), Parts.BACK, Vec3.UP)
                .socket("in", Socket.Direction.IN, "face", "+ −")
                .socket("tap", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new Contacts("back", List.of("in")))
                .facet(new PowerFacet.PowerInput("in", 11, 17, 5, Figure.maker(30), Figure.maker(40), 0))
                .facet(new PowerFacet.PowerOutput("tap", 0, 1, 30, 40, 3))
                .make();
    }

    /** Goes between a battery and a camera: contacts behind, contacts ahead, and a tap of 12 V. */
    private static ItemType blade() {
        return Parts.part("blade")
                .weighs(200, Vec3.ZERO)
                .port("front", "v-mount", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .port("battery", "v-mount", Role.A, new Vec3(0, 0, -20), Parts.BACK, Vec3.UP)
                .socket("out", Socket.Direction.OUT, "face", "+ −")
                .socket("tap", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new Contacts("front", List.of("out")))
                .facet(new PowerFacet.PowerOutput("out", 0, 1, 100, 140, 9))
                .facet(new PowerFacet.PowerOutput("tap", 0, 1, 40, 60, 4))
                .make();
    }

    private static final ItemType BATTERY = Bag.battery("battery-100", Figure.maker(100));

    private static Rigs alone() {
        return Rigs.rig().with("body", camera()).inKit(BATTERY, 1).on("none").day(25, 1);
    }

    private static Rigs straight() {
        return alone().with("battery", BATTERY).join("j", "body:back", "battery:plug");
    }

    private static Rigs bladed() {
        return alone().with("blade", blade())
                .with("battery", BATTERY)
                .join("j", "body:back", "blade:front")
                .join("j2", "blade:battery", "battery:plug");
    }

    @Test
    void aBatteryOnTheFaceFeedsTheCamera() {
        verify(new VoltageWindow()).given(straight()).holds();
        FeedTree feeds = straight().analysis().feeds();
        assertEquals(30, feeds.loadOn(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(40, feeds.askedOf(feeds.sources().get(0)).peakWatts(), 1e-6);
        assertEquals(1, feeds.under(feeds.sources().get(0)).size());
    }

    @Test
    void withoutOneItHasNoPowerAndABatteryMendsIt() {
        var finding = verify(new VoltageWindow()).given(alone()).finds(Severity.STOP, CheckState.FOUND);
        assertTrue(finding.why().contains("face"), finding.why());
        assertEquals(
                "battery-100 on camera",
                verify(new VoltageWindow())
                        .given(alone())
                        .isMendedBy("contacts")
                        .title());
    }

    /** 30 W and the lamp's 20 W at the camera's tap are 50 W at its face, once. */
    @Test
    void whatHangsOnTheCameraGoesThroughItsFace() {
        FeedTree feeds = straight()
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
                .join("j3", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "body:tap", "lamp:in")
                .analysis()
                .feeds();
        assertEquals(50, feeds.loadOn(feeds.sources().get(0)).runningWatts(), 1e-6);
    }

    /**
     * A battery that names its contacts feeds by those alone, and what hangs on the camera counts once all the same.
     */
    @Test
    void aBatteryMayNameItsContacts() {
        ItemType named = Parts.part("named")
                .port("plug", "v-mount", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .socket("out", Socket.Direction.OUT, "face", "+ −")
                .facet(new Contacts("plug", List.of("out")))
                .facet(new PowerFacet.PowerOutput("out", 0, 1, 100, 140, 9))
                .facet(new PowerFacet.Battery("plug", Figure.maker(100), 1, 16.8, 14.4, 12, 150, 200, Optional.of(0.0)))
                .make();
        FeedTree feeds = alone().with("battery", named)
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
                .join("j", "body:back", "battery:plug")
                .join("j3", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "body:tap", "lamp:in")
                .analysis()
                .feeds();
        assertEquals(50, feeds.loadOn(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(
                List.of("out"),
                feeds.sources().get(0).outlets().stream()
                        .map(o -> o.spec().socket())
                        .toList());
    }

    @Test
    void aModuleBetweenPassesItOnByItsFaces() {
        verify(new VoltageWindow()).given(bladed()).holds();
        verify(new OutputLoad()).given(bladed()).holds();
        FeedTree feeds = bladed().analysis().feeds();
        assertEquals(30, feeds.loadOn(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(
                PlacementId.of("blade"),
                feeds.feeding(new SocketRef(PlacementId.of("body"), "in"))
                        .orElseThrow()
                        .placed()
                        .id());
    }

    /** On a plate that tells of no contacts it feeds what hangs on the plate too, all through its own face. */
    @Test
    void aModuleBetweenPlateAndBatteryFeedsThePlate() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("plate", Bag.plate())
                .with("blade", blade())
                .with("battery", BATTERY)
                .with("lamp", Bag.device("lamp", Figure.maker(30), Figure.maker(30)))
                .with("spot", Bag.device("spot", Figure.maker(12), Figure.maker(12)))
                .join("j", "body:base", "plate:foot")
                .join("j2", "plate:battery", "blade:front")
                .join("j3", "blade:battery", "battery:plug")
                .join("j4", "body:side", "lamp:foot")
                .join("j5", "body:top", "spot:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .cable("k2", Bag.cable("wire", "1+ 2−", 0, 300), "blade:tap", "spot:in")
                .on("none")
                .day(25, 1);
        verify(new VoltageWindow()).given(rigs).holds();
        FeedTree feeds = rigs.analysis().feeds();
        FeedTree.Source source = feeds.sources().get(0);
        assertEquals(42, feeds.loadOn(source).runningWatts(), 1e-6);
        assertEquals(
                List.of("lamp", "spot"),
                feeds.straightOff(source).stream()
                        .map(l -> l.device().id().toString())
                        .sorted()
                        .toList());
        FeedTree.Outlet face = feeds.outlets().stream()
                .filter(o -> o.spec().socket().equals("out"))
                .findFirst()
                .orElseThrow();
        assertEquals(30, feeds.loadOn(face).runningWatts(), 1e-6);
    }

    /** Contacts of other wiring do not meet, whatever the faces do. */
    @Test
    void otherWiringDoesNotMeet() {
        ItemType other = Parts.part("other")
                .port("front", "v-mount", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .port("battery", "v-mount", Role.A, new Vec3(0, 0, -20), Parts.BACK, Vec3.UP)
                .socket("out", Socket.Direction.OUT, "face", "− +")
                .facet(new Contacts("front", List.of("out")))
                .facet(new PowerFacet.PowerOutput("out", 0, 1, 100, 140, 9))
                .make();
        Rigs rigs = alone().with("other", other)
                .with("battery", BATTERY)
                .join("j", "body:back", "other:front")
                .join("j2", "other:battery", "battery:plug");
        verify(new VoltageWindow()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
    }

    @Test
    void noCableIsOfferedToContactsNorGoesIntoThem() {
        RigAnalysis analysis = bladed().analysis();
        assertEquals(
                List.of("tap", "tap"),
                CableEdits.open(analysis).stream().map(o -> o.ref().socket()).toList());
        assertFalse(analysis.feeds().outlets().stream()
                .anyMatch(o -> o.spec().socket().equals("out") && o.isFree()));
        Rigs plugged = straight()
                .with("plate", Bag.plate())
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "body:in");
        var refused = assertThrows(IllegalArgumentException.class, plugged::analysis);
        assertTrue(refused.getMessage().contains("no cable goes into them"), refused.getMessage());
    }

    @Test
    void contactsThatAPartLacksAreRefused() {
        var gone = assertThrows(
                IllegalArgumentException.class,
                () -> Parts.part("p").facet(new Contacts("gone", List.of("in"))).make());
        assertTrue(gone.getMessage().contains("gone"), gone.getMessage());
        assertThrows(IllegalArgumentException.class, () -> new Contacts("back", List.of()));
    }

    /** A finder that is slid onto the body: its picture and its power come by the foot. */
    @Test
    void picturesGoByContactsToo() {
        ItemType body = Parts.part("cam")
                .port("top", "cold-shoe", Role.B, new Vec3(0, 60, 0), Vec3.UP, Vec3.FORWARD)
                .socket(picture("pic", Socket.Direction.OUT))
                .facet(new Contacts("top", List.of("pic")))
                .facet(new SignalFacet.Signal("pic", Carried.FINDER, Optional.empty(), false))
                .make();
        ItemType finder = Parts.part("finder")
                .port("foot", "cold-shoe", Role.A, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD)
                .socket(picture("see", Socket.Direction.IN))
                .facet(new Contacts("foot", List.of("see")))
                .facet(new SignalFacet.Signal("see", Carried.FINDER, Optional.empty(), false))
                .make();
        Rigs apart = Rigs.rig().with("body", body).with("finder", finder).on("none");
        Rigs joined = Rigs.rig()
                .with("body", body)
                .with("finder", finder)
                .join("j", "body:top", "finder:foot")
                .on("none");
        SignalGraph graph = SignalGraph.of(joined.resolve());
        Route way = graph.to(PlacementId.of("finder"), Carried.FINDER).orElseThrow();
        assertEquals(
                List.of(Hop.Kind.CONTACT), way.hops().stream().map(Hop::kind).toList());
        assertEquals(1, way.links());
        assertTrue(SignalGraph.of(apart.resolve())
                .to(PlacementId.of("finder"), Carried.FINDER)
                .isEmpty());
        assertFalse(graph.isThatOf(apart.resolve()));
    }

    private static Socket picture(String id, Socket.Direction direction) {
        return new Socket(id, id, Socket.Kind.PICTURE, direction, "face", "finder bus", Vec3.ZERO, Optional.empty());
    }
}
