package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Pins;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.PowerFacet.Together.Way;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What a feed settles at: what batteries lose inside, how they share, and when a regulated output lets go. */
class WorkingPointTest {
    private static PowerFacet.Battery cell(double wattHours, double nominal, Optional<Double> ohm) {
        return new PowerFacet.Battery(
                "plug", Figure.maker(wattHours), 1, nominal + 2, nominal, nominal - 2, 150, 200, ohm);
    }

    private static ItemType battery(String id, PowerFacet.Battery spec) {
        return Parts.part(id)
                .port("plug", "v-mount", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(spec)
                .make();
    }

    /** A plate for two and a lamp of 50 W, by a cable that loses nothing. */
    private static Rigs two(Optional<Way> way, PowerFacet.Battery left, PowerFacet.Battery right) {
        Parts plate = Parts.part("double")
                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 2, Pins.NONE)
                .port("one", "v-mount", Role.A, new Vec3(-60, 0, -20), Parts.BACK, Vec3.UP)
                .port("two", "v-mount", Role.A, new Vec3(60, 0, -20), Parts.BACK, Vec3.UP)
                .socket("out-1", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerOutput("out-1", 0, 1, 100, 120, 10));
        way.ifPresent(w -> plate.facet(new PowerFacet.Together(w)));
        return Rigs.rig()
                .with("body", Bag.body())
                .with("plate", plate.make())
                .with("left", battery("left-cell", left))
                .with("right", battery("right-cell", right))
                .with("lamp", Bag.device("lamp", Figure.maker(50), Figure.maker(50)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-left", "plate:one", "left:plug")
                .join("j-right", "plate:two", "right:plug")
                .join("j-lamp", "body:side", "lamp:foot")
                .cable("k", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .on("none")
                .day(25, 4);
    }

    private static FeedTree.Outlet atLamp(FeedTree feeds) {
        return feeds.feeding(new SocketRef(PlacementId.of("lamp"), "in")).orElseThrow();
    }

    private static void near(double value, double from, double to, Ranged found) {
        assertEquals(value, found.value(), 5e-4);
        assertEquals(from, found.range().from(), 5e-4);
        assertEquals(to, found.range().to(), 5e-4);
    }

    /**
     * 98 Wh at 14.4 V: R = 0.04 · 14.4² / 98 = 0.0846 Ω, 0.0423 to 0.1270 as possible. The 12.6 V on file are told at
     * 0.2 C, 1.361 A: 12.6 + 1.361 · 0.0846 = 12.715 V inside, of which 60 W leave (12.715 + √(161.67 − 240·0.0846))/2
     * = 12.302 V; 12.145 to 12.454.
     */
    @Test
    void whatIsNotOnFileIsEstimatedWithItsRange() {
        var spec = new PowerFacet.Battery("plug", Figure.maker(98), 1, 16.8, 14.4, 12.6, 150, 200);
        Estimates warm = new Estimates(25, 0.04, 0.5);
        near(0.0846, 0.0423, 0.1270, warm.innerOhm(spec));
        Rigs one = Rigs.rig()
                .with("body", Bag.body())
                .with("plate", Bag.plate())
                .with("battery", battery("cell-98", spec))
                .with("lamp", Bag.device("lamp", Figure.maker(60), Figure.maker(60)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .on("none")
                .day(25, 4);
        FeedTree alone = one.analysis().feeds();
        near(
                12.302,
                12.1456,
                12.454,
                Volts.leastWithEstimates(alone, atLamp(alone)).orElseThrow());
        assertEquals(
                12.302, Volts.least(alone, atLamp(alone)).orElseThrow().range().from(), 5e-4, "the draw is exact");
    }

    /** On file it is exact; −20 °C makes four times as much of it, −10 twice, 0 half as much again. */
    @Test
    void theColdMakesItResistMore() {
        PowerFacet.Battery known = cell(98, 14.4, Optional.of(0.08));
        assertEquals(Ranged.of(0.08), new Estimates(25, 0.04, 0.5).innerOhm(known));
        assertEquals(0.32, new Estimates(-25, 0.04, 0.5).innerOhm(known).value(), 1e-12);
        assertEquals(0.16, new Estimates(-10, 0.04, 0.5).innerOhm(known).value(), 1e-12);
        assertEquals(0.14, new Estimates(-5, 0.04, 0.5).innerOhm(known).value(), 1e-12);
        assertEquals(0.12, new Estimates(0, 0.04, 0.5).innerOhm(known).value(), 1e-12);
    }

    /** A battery of which nobody knows the size may lose anything up to what a very small one does. */
    @Test
    void ofAnUnknownSizeItMayBeAnything() {
        var unknown = new PowerFacet.Battery("plug", new Figure.Unknown("no label"), 1, 16.8, 14.4, 12.6, 150, 200);
        Ranged ohm = new Estimates(25, 0.04, 0.5).innerOhm(unknown);
        assertEquals(0, ohm.range().from());
        assertEquals(0.04 * 14.4 * 14.4 / 10, ohm.range().to(), 1e-9);
    }

    /**
     * 98 W of 98 Wh are 1 C: (1 − 0.2·0.04)/(1 − 0.04) = 1.033 as many watts of its charge; 19.6 W are what the label
     * was measured at.
     */
    @Test
    void aFastDrawCostsMoreThanItGives() {
        PowerFacet.Battery spec = cell(98, 14.4, Optional.empty());
        Estimates warm = new Estimates(25, 0.04, 0.5);
        assertEquals(98 * 0.992 / 0.96, warm.cost(spec, Ranged.of(98)).value(), 1e-9);
        assertEquals(19.6, warm.cost(spec, Ranged.of(19.6)).value(), 1e-9);
        assertEquals(5, warm.cost(spec, Ranged.of(5)).value(), 1e-9, "a slow draw gains nothing");
        assertTrue(new Estimates(-20, 0.04, 0.5).cost(spec, Ranged.of(98)).value() > 98 * 1.15);
    }

    /** Two alike share it; one of half the resistance carries two thirds. */
    @Test
    void sideBySideTheyShareByWhatTheyResist() {
        Rigs rigs = two(Optional.empty(), cell(98, 14.4, Optional.of(0.1)), cell(49, 14.4, Optional.of(0.2)));
        FeedTree feeds = rigs.analysis().feeds();
        assertEquals(50 * 2.0 / 3, feeds.loadOn(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(50 / 3.0, feeds.askedOf(feeds.sources().get(1)).runningWatts(), 1e-6);
        // 12.4 V at 0.2 C, 1.361 and 0.681 A, are 12.536 V inside, behind 0.1 and 0.2 Ω together: 0.0667 Ω.
        double inside = 12.4 + 0.1 * 0.2 * 98 / 14.4;
        double there = (inside + Math.sqrt(inside * inside - 4 * 50 / 15.0)) / 2;
        assertEquals(there, Volts.least(feeds, atLamp(feeds)).orElseThrow().value(), 1e-6);
    }

    /** At 12.4 and 11.4 V through 0.1 Ω each the lower is charged by the other, which carries the lamp alone. */
    @Test
    void oneThatStandsLowerGivesNothing() {
        Rigs rigs = two(Optional.of(Way.PARALLEL), cell(98, 14.4, Optional.of(0.1)), cell(98, 13.4, Optional.of(0.1)));
        FeedTree feeds = rigs.analysis().feeds();
        assertEquals(50, feeds.askedOf(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(0, feeds.askedOf(feeds.sources().get(1)).runningWatts(), 1e-6);
    }

    /** 24.8 V at the end of the charge, 25.21 inside, behind 0.3 Ω; by their volts each gives half of the watts. */
    @Test
    void oneBehindTheOtherTheirVoltsAdd() {
        Rigs rigs = two(Optional.of(Way.SERIES), cell(98, 14.4, Optional.of(0.1)), cell(98, 14.4, Optional.of(0.2)));
        FeedTree feeds = rigs.analysis().feeds();
        double inside = 24.8 + 0.3 * 0.2 * 98 / 14.4;
        double there = (inside + Math.sqrt(inside * inside - 4 * 50 * 0.3)) / 2;
        assertEquals(there, Volts.least(feeds, atLamp(feeds)).orElseThrow().value(), 1e-6);
        assertEquals(25, feeds.askedOf(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(25, feeds.loadOn(feeds.sources().get(1)).runningWatts(), 1e-6);
    }

    /** Each carries all of it while its turn lasts, and half of it over both charges; the worse sets the volts. */
    @Test
    void oneAfterTheOtherEachCarriesItAll() {
        Rigs rigs = two(Optional.of(Way.IN_TURN), cell(98, 14.4, Optional.of(0.1)), cell(98, 14.4, Optional.of(0.2)));
        FeedTree feeds = rigs.analysis().feeds();
        assertEquals(50, feeds.askedOf(feeds.sources().get(0)).runningWatts(), 1e-6);
        assertEquals(50, feeds.askedOf(feeds.sources().get(1)).runningWatts(), 1e-6);
        assertEquals(25, feeds.loadOn(feeds.sources().get(0)).runningWatts(), 1e-6);
        double inside = 12.4 + 0.1 * 0.2 * 98 / 14.4;
        double there = (inside + Math.sqrt(inside * inside - 4 * 50 * 0.2)) / 2;
        assertEquals(there, Volts.least(feeds, atLamp(feeds)).orElseThrow().value(), 1e-6);
    }

    /** 27 W and a box's own 3 W at 0.9; through 0.2 Ω at the box, all in one: what arrives is what is asked for. */
    @Test
    void whatCablesLoseIsBornByTheBattery() {
        FeedTree feeds = Bag.powered()
                .with("box", Bag.regulator("box"))
                .with("lamp", Bag.device("lamp", Figure.maker(27), Figure.maker(27)))
                .join("j-box", "body:side", "box:foot")
                .cable("k1", Bag.cable("long", "1+ 2−", 0.1, 1000), "plate:out-1", "box:in")
                .cable("k2", Bag.cable("short", "1+ 2−", 0, 300), "box:out", "lamp:in")
                .join("j-lamp", "body:top", "lamp:foot")
                .analysis()
                .feeds();
        double asked = 1 + 27 / 0.9;
        double there = (14.4 + Math.sqrt(14.4 * 14.4 - 4 * asked * 0.2)) / 2;
        double amps = asked / there;
        FeedTree.Source source = feeds.sources().get(0);
        assertEquals(asked + amps * amps * 0.2, feeds.loadOn(source).runningWatts(), 1e-6);
        assertEquals(asked + amps * amps * 0.2 - 28, feeds.flow(source).lostWatts(), 1e-6);
        assertEquals(28, feeds.flow(source).deliveredWatts(), 1e-9);
    }

    /** A 12 V output that needs 1.5 V over it lets go at the end of the charge, at 12 − 1.5 = 10.5 V. */
    @Test
    void aRegulatedOutputLetsGoWhereItIsShort() {
        FeedTree feeds = lit(Optional.of(1.5));
        assertEquals(10.5, Volts.least(feeds, atLamp(feeds)).orElseThrow().value(), 1e-6);
        assertEquals(12, Volts.most(feeds, atLamp(feeds)).orElseThrow().value(), 1e-6);
        FeedTree guessed = lit(Optional.empty());
        near(11.5, 11, 12, Volts.leastWithEstimates(guessed, atLamp(guessed)).orElseThrow());
    }

    /** What steps up needs nothing over what it gives. */
    @Test
    void whatStepsUpHoldsToTheEnd() {
        FeedTree feeds = lit(24, Optional.empty());
        assertEquals(24, Volts.least(feeds, atLamp(feeds)).orElseThrow().range().from(), 1e-6);
    }

    private static FeedTree lit(Optional<Double> dropout) {
        return lit(12, dropout);
    }

    private static FeedTree lit(double volts, Optional<Double> dropout) {
        ItemType plate = Parts.part("plate-reg")
                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 2, Pins.NONE)
                .port("battery", "v-mount", Role.A, new Vec3(0, 0, -20), Parts.BACK, Vec3.UP)
                .socket("out-1", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerOutput("out-1", volts, 0.9, 50, 70, 5, dropout))
                .make();
        return Rigs.rig()
                .with("body", Bag.body())
                .with("plate", plate)
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .with("lamp", Bag.device("lamp", Figure.maker(30), Figure.maker(30)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .on("none")
                .day(25, 4)
                .analysis()
                .feeds();
    }
}
