package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class FeedTreeTest {
    /** A hub of 10 W that passes 27 W on at 0.9: its input carries 10 + 30 = 40 W, and so does the battery. */
    @Test
    void whatPassesPowerOnCarriesItsLoadAndItsLoss() {
        Rigs rigs = hub();
        FeedTree tree = rigs.analysis().feeds();
        FeedTree.Source source = tree.sources().get(0);
        assertEquals(40, tree.loadOn(source).runningWatts(), 1e-9);
        FeedTree.Outlet first =
                tree.feeding(new SocketRef(PlacementId.of("hub"), "in")).orElseThrow();
        assertEquals(40, tree.loadOn(first).runningWatts(), 1e-9);
        FeedTree.Outlet second =
                tree.feeding(new SocketRef(PlacementId.of("lamp"), "in")).orElseThrow();
        assertEquals(27, tree.loadOn(second).runningWatts(), 1e-9);
        assertEquals(
                PlacementId.of("battery"),
                tree.sourceOf(second).orElseThrow().battery().id());
    }

    /** Plate with room for two of 98 Wh, a lamp of 63.8 W on it. */
    private static Rigs sideBySide() {
        ItemType plate = Parts.part("double")
                .face("foot", Port.Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 2, Port.Pins.NONE)
                .port("one", "v-mount", Port.Role.A, new Vec3(-60, 0, -20), Parts.BACK, Vec3.UP)
                .port("two", "v-mount", Port.Role.A, new Vec3(60, 0, -20), Parts.BACK, Vec3.UP)
                .socket("out-1", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerOutput("out-1", 0, 1, 100, 120, 10))
                .make();
        return Rigs.rig()
                .with("body", Bag.body())
                .with("plate", plate)
                .with("left", Bag.battery("battery-98", Figure.maker(98)))
                .with("right", Bag.battery("battery-98", Figure.maker(98)))
                .with("lamp", Bag.device("lamp", Figure.maker(63.8), Figure.maker(63.8)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-left", "plate:one", "left:plug")
                .join("j-right", "plate:two", "right:plug")
                .join("j-lamp", "body:side", "lamp:foot")
                .cable("k", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .on("none");
    }

    /** They carry it together, 31.9 W each, and last 196 · 0.9567 · 0.9 / 63.8 = 2.65 h at 12 °C. */
    @Test
    void batteriesSideBySideShareTheLoad() {
        Rigs rigs = sideBySide().day(12, 2);
        FeedTree tree = rigs.analysis().feeds();
        assertEquals(2, tree.sources().size());
        tree.sources().forEach(s -> assertEquals(31.9, tree.loadOn(s).runningWatts(), 1e-9));
        assertEquals(31.9, tree.drawOn(tree.sources().get(0), p -> wideharbor.core.brief.DayBlock.State.ON), 1e-9);
        assertEquals(
                2.645,
                wideharbor.core.analysis.ChargeForDay.of(rigs.analysis())
                        .lasts()
                        .value(),
                0.005);
    }

    /** A recorder of 20 W with two inputs, both plugged: the battery gives 20, either outlet must be able to. */
    @Test
    void whatIsFedTwiceDrawsOnce() {
        ItemType recorder = Parts.part("recorder")
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("a", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .socket("b", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("a", 11, 17, 1, Figure.maker(20), Figure.maker(25), 0))
                .facet(new PowerFacet.PowerInput("b", 11, 17, 1, Figure.maker(20), Figure.maker(25), 0))
                .make();
        Rigs rigs = Bag.powered()
                .with("recorder", recorder)
                .join("j-recorder", "body:side", "recorder:foot")
                .cable("k1", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "recorder:a")
                .cable("k2", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-2", "recorder:b");
        FeedTree tree = rigs.analysis().feeds();
        FeedTree.Source source = tree.sources().get(0);
        assertEquals(20, tree.loadOn(source).runningWatts(), 1e-9);
        assertEquals(20, tree.drawOn(source, p -> wideharbor.core.brief.DayBlock.State.ON), 1e-9);
        assertEquals(20, tree.flow(source).deliveredWatts(), 1e-9);
        source.outlets().forEach(o -> assertEquals(20, tree.loadOn(o).runningWatts(), 1e-9));
    }

    @Test
    void aRegulatedOutputHoldsItsVolts() {
        FeedTree tree = hub().analysis().feeds();
        FeedTree.Outlet second =
                tree.feeding(new SocketRef(PlacementId.of("lamp"), "in")).orElseThrow();
        assertEquals(12, Volts.atOutlet(tree, second).orElseThrow().to(), 1e-6);
        assertEquals(11.5, Volts.atOutlet(tree, second).orElseThrow().from(), 1e-6, "at 12 V it has no half volt over");
    }

    @Test
    void aFeedThatRunsInACircleIsToldNotWalkedForEver() {
        ItemType loop = Parts.part("loop")
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .socket("out", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 11, 17, 1, Figure.maker(5), Figure.maker(5), 0))
                .facet(new PowerFacet.PowerOutput("out", 0, 1, 50, 70, 5))
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("loop", loop)
                .join("j", "body:side", "loop:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "loop:out", "loop:in")
                .on("none");
        FeedTree tree = rigs.analysis().feeds();
        FeedTree.Outlet outlet = tree.outlets().get(0);
        assertTrue(tree.sourceOf(outlet).isEmpty());
        assertTrue(!tree.loadOn(outlet).isComplete());
    }

    private static Rigs hub() {
        ItemType hub = Parts.part("hub")
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .socket("out", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 11, 17, 1, Figure.maker(10), Figure.maker(10), 0))
                .facet(new PowerFacet.PowerOutput("out", 12, 0.9, 50, 70, 5))
                .make();
        return Bag.powered()
                .with("hub", hub)
                .with("lamp", Bag.device("lamp", Figure.maker(27), Figure.maker(27)))
                .join("a", "body:side", "hub:foot")
                .join("b", "body:top", "lamp:foot")
                .cable("k1", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "hub:in")
                .cable("k2", Bag.cable("wire", "1+ 2−", 0, 300), "hub:out", "lamp:in");
    }
}
