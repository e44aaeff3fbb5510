package wideharbor.core.check.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class PowerChecksTest {
    // --- plugs ---

    @Test
    void theRightCableHolds() {
        verify(new PlugsFit()).given(oneDevice(20, 30)).holds();
    }

    /** Same plug, other wiring: the finding says what is wired where. */
    @Test
    void findsANearTwin() {
        Finding finding = verify(new PlugsFit()).given(twin()).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("twin is the wrong cable here", finding.title());
        assertTrue(finding.why().contains("wired 1− 2+ where the socket is 1+ 2−"), finding.why());
    }

    @Test
    void anotherCableOfTheRightEndsMendsIt() {
        var fix = verify(new PlugsFit())
                .given(twin().inKit(Bag.cable("wire", "1+ 2−", 0, 300), 1))
                .isMendedBy("cable");
        assertEquals("wire in its place", fix.title());
    }

    /** A shorter one would not reach. */
    @Test
    void aShorterCableIsNotOffered() {
        assertTrue(verify(new PlugsFit())
                .given(twin().inKit(Bag.cable("short", "1+ 2−", 0.01, 200), 1))
                .fixes()
                .isEmpty());
    }

    @Test
    void plugsLookAtNothingWithoutCables() {
        verify(new PlugsFit()).given(Bag.powered()).looksAtNothing();
    }

    // --- volts ---

    /** 48 W through 2·0.3 m·0.01 Ω/m: 11.98 V at the end of the charge. */
    @Test
    void voltsHoldOnAShortCable() {
        verify(new VoltageWindow()).given(oneDevice(48, 48)).holds();
    }

    /** A thin cable of 10 m with 0.02 Ω/m, 0.4 Ω both ways: (12 + √(144 − 76.8))/2 = 10.1 V where 11 is the least. */
    @Test
    void aLongThinCableSagsAtTheEndOfTheCharge() {
        Rigs rigs = device(48, 48).cable("k", Bag.cable("thin", "1+ 2−", 0.02, 10_000), "plate:out-1", "device:in");
        Finding finding = verify(new VoltageWindow()).given(rigs).finds(Severity.STOP, 10.1, 11, 17, "V");
        assertEquals("device gets 10.1 V at the end of the charge", finding.title());
    }

    @Test
    void aDeviceWithoutAFeedIsFoundAndACableIsOffered() {
        verify(new VoltageWindow()).given(device(20, 20)).finds(Severity.STOP, CheckState.FOUND);
        verify(new VoltageWindow())
                .given(device(20, 20).day(25, 4).inKit(Bag.cable("wire", "1+ 2−", 0, 300), 1))
                .isMendedBy("feed");
        // Fed for eight hours the day would outlast the battery: that stop is new, so the cable is no remedy.
        assertTrue(verify(new VoltageWindow())
                .given(device(20, 20).day(25, 8).inKit(Bag.cable("wire", "1+ 2−", 0, 300), 1))
                .fixes()
                .isEmpty());
    }

    @Test
    void anUnknownDrawLeavesVoltsUnchecked() {
        Finding finding = verify(new VoltageWindow()).given(unknownDraw()).finds(Severity.STOP, CheckState.NOT_CHECKED);
        assertEquals("Not checked: no draw on file for device", finding.title());
    }

    @Test
    void voltsLookAtNothingWithoutDevices() {
        verify(new VoltageWindow()).given(Bag.powered()).looksAtNothing();
    }

    // --- outputs ---

    @Test
    void anOutputAtItsRatingHolds() {
        verify(new OutputLoad()).given(oneDevice(50, 70)).holds();
    }

    @Test
    void findsAnOverloadedOutput() {
        Finding finding = verify(new OutputLoad())
                .given(oneDevice(62, 62))
                .finds(Severity.STOP, 62, Double.NEGATIVE_INFINITY, 50, "W");
        assertEquals("out-1 of plate gives 50 W, draws 62 W", finding.title());
    }

    @Test
    void findsTooHighAPeak() {
        verify(new OutputLoad()).given(oneDevice(40, 71)).finds(Severity.STOP, 71, Double.NEGATIVE_INFINITY, 70, "W");
    }

    @Test
    void anUnknownDrawLeavesTheOutputUnchecked() {
        verify(new OutputLoad()).given(unknownDraw()).finds(Severity.STOP, CheckState.NOT_CHECKED);
    }

    @Test
    void outputsLookAtNothingWhenNoneIsUsed() {
        verify(new OutputLoad()).given(Bag.powered()).looksAtNothing();
    }

    // --- battery ---

    @Test
    void theBatteryCarriesBothDevices() {
        verify(new BatteryLoad()).given(twoDevices(50, 50)).holds();
    }

    /** Two at 50 with peaks of 110 each: 220 W over the battery's 200. */
    @Test
    void findsTooHighAPeakOnTheBattery() {
        verify(new BatteryLoad())
                .given(twoDevices(50, 110))
                .finds(Severity.STOP, 220, Double.NEGATIVE_INFINITY, 200, "W");
    }

    @Test
    void findsTheBatteryOverloaded() {
        verify(new BatteryLoad())
                .given(twoDevices(80, 80))
                .finds(Severity.STOP, 160, Double.NEGATIVE_INFINITY, 150, "W");
    }

    @Test
    void batteryLooksAtNothingWithoutOne() {
        verify(new BatteryLoad()).given(Bag.onRods(300)).looksAtNothing();
    }

    // --- day ---

    /** 100 Wh · 1.00 · 0.90 = 90 Wh at 25 °C; at 30 W three hours. */
    @Test
    void theDayHoldsToTheMinute() {
        verify(new DayRuntime()).given(oneDevice(30, 30).day(25, 3)).holds();
    }

    /** At −4 °C the factor is 0.88 − 0.4·0.12 = 0.832: 74.88 Wh, 2.496 h. */
    @Test
    void coldTakesCapacity() {
        Finding finding = verify(new DayRuntime())
                .given(oneDevice(30, 30).day(-4, 3))
                .finds(Severity.STOP, 2.496, 3, Double.POSITIVE_INFINITY, "h");
        assertEquals("Day outlasts the batteries at −4 °C", finding.title());
    }

    /** Spares in the kit count: two more of 100 Wh make three times as long. */
    @Test
    void sparesCount() {
        verify(new DayRuntime())
                .given(oneDevice(30, 30).day(25, 9).inKit(Bag.battery("battery-100", Figure.maker(100)), 2))
                .holds();
    }

    /** 7 h at 30 W are 210 Wh; 90 are there, 90 each: two more. */
    @Test
    void asManyMoreAsItTakesMendIt() {
        var fix = verify(new DayRuntime()).given(oneDevice(30, 30).day(25, 7)).isMendedBy("battery");
        assertEquals("2 more battery-100", fix.title());
    }

    @Test
    void aLargerBatteryMendsIt() {
        var fix = verify(new DayRuntime())
                .given(oneDevice(30, 30)
                        .day(25, 5)
                        .inKit(Bag.battery("battery-200", Figure.maker(200)), 1)
                        .day(25, 9.5))
                .fixes();
        assertTrue(fix.stream().anyMatch(f -> f.title().contains("battery-200")), fix.toString());
    }

    /** A box on the battery's back moves at every change. */
    @Test
    void whatIsStuckToABatteryIsFound() {
        ItemType backed = part("battery-100")
                .is(wideharbor.core.catalog.Category.BATTERY)
                .weighs(1000, Vec3.ZERO)
                .port("plug", "v-mount", wideharbor.core.catalog.Port.Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .face(
                        "back",
                        wideharbor.core.catalog.Port.Role.B,
                        new Vec3(0, 0, -60),
                        wideharbor.core.testkit.Parts.BACK,
                        Vec3.UP,
                        0,
                        wideharbor.core.catalog.Port.Pins.NONE)
                .facet(new PowerFacet.Battery("plug", Figure.maker(100), 1, 16.8, 14.4, 12, 150, 200))
                .make();
        ItemType box = part("radio")
                .weighs(90, Vec3.ZERO)
                .face(
                        "foot",
                        wideharbor.core.catalog.Port.Role.A,
                        Vec3.ZERO,
                        Vec3.FORWARD,
                        Vec3.UP,
                        0,
                        wideharbor.core.catalog.Port.Pins.NONE)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("plate", Bag.plate())
                .with("battery", backed)
                .join("a", "body:base", "plate:foot")
                .join("b", "plate:battery", "battery:plug")
                .on("none");
        verify(new StuckToBattery()).given(rigs).holds();
        Finding finding = verify(new StuckToBattery())
                .given(rigs.with("radio", box).join("c", "battery:back", "radio:foot"))
                .finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals("radio is stuck to battery-100", finding.title());
    }

    /**
     * 100 Wh at 20 °C, 0.983 of it, for four hours would be 22.1 W; 30 W are on the nameplates, four fifths of them 24.
     * Three hours are 29.5 W.
     */
    @Test
    void aClaimThatTheNameplatesContradictIsFound() {
        verify(new ClaimedRunTime())
                .given(claiming(4))
                .finds(Severity.CAUTION, 22.125, 24, Double.POSITIVE_INFINITY, "W");
        verify(new ClaimedRunTime()).given(claiming(3)).holds();
        verify(new ClaimedRunTime()).given(oneDevice(30, 30)).looksAtNothing();
    }

    /** At −10 °C 0.76 of it is left: 100 · 0.90 · 0.76 / 3 = 22.8 W, where 24 are needed and 30 W on 25 °C would do. */
    @Test
    void theColdCountsAgainstAClaim() {
        verify(new ClaimedRunTime())
                .given(claiming(3).day(-10, 3))
                .finds(Severity.CAUTION, 22.8, 24, Double.POSITIVE_INFINITY, "W");
    }

    private static Rigs claiming(double hours) {
        return oneDevice(30, 30)
                .shooting(
                        ShootBuilder.builder().claimedHours(Optional.of(hours)).build());
    }

    private static Rigs inBlocks(Rigs rigs) {
        return rigs.shooting(ShootBuilder.builder()
                .day(List.of(
                        new DayBlock("morning", DayBlock.State.ON, 3, 25, false, List.of()),
                        new DayBlock("meal", DayBlock.State.OFF, 1, 25, true, List.of()),
                        new DayBlock("afternoon", DayBlock.State.ON, 1, 25, false, List.of())))
                .build());
    }

    private static ItemType charger() {
        return part("charger")
                .weighs(2000, Vec3.ZERO)
                .facet(new PowerFacet.Charger("v-mount", 1, 60))
                .make();
    }

    /** At −25 °C nobody has measured what is left; at −20 somebody has. */
    @Test
    void belowTheTableTheCapacityIsAGuess() {
        Finding finding = verify(new DayRuntime())
                .given(oneDevice(30, 30).day(-25, 1))
                .finds(Severity.CAUTION, -25, -20, Double.POSITIVE_INFINITY, "°C");
        assertEquals("−25 °C is colder than battery figures reach", finding.title());
        verify(new DayRuntime()).given(oneDevice(30, 30).day(-20, 1)).holds();
    }

    /** 90 Wh at 30 W are the three hours of the morning; the fourth hour on is dark, unless the meal charges 60 Wh. */
    @Test
    void aWrittenDayIsWalkedBlockByBlock() {
        verify(new DayRuntime())
                .given(inBlocks(oneDevice(30, 30)))
                .finds(Severity.STOP, 3, 4, Double.POSITIVE_INFINITY, "h");
        verify(new DayRuntime())
                .given(inBlocks(oneDevice(30, 30).inKit(charger(), 1)))
                .holds();
        Rigs known = inBlocks(oneDevice(30, 30).knows(charger()));
        assertEquals(
                "One more charger",
                verify(new DayRuntime()).given(known).isMendedBy("charger").title());
        assertEquals(
                "One more battery-100",
                verify(new DayRuntime()).given(known).isMendedBy("battery").title());
    }

    /** Two plates of one standard and three spares: the first has two of them, the second one. */
    @Test
    void platesOfOneStandardTakeTheirSparesInTurn() {
        Rigs rigs = oneDevice(30, 30)
                .with("plate-2", Bag.plate())
                .with("battery-2", Bag.battery("battery-100", Figure.maker(100)))
                .join("j-plate-2", "body:top", "plate-2:foot")
                .join("j-battery-2", "plate-2:battery", "battery-2:plug")
                .inKit(Bag.battery("battery-100", Figure.maker(100)), 3)
                .inKit(charger(), 1);
        List<DayPlates.DayPlate> plates = DayPlates.of(rigs.analysis());
        assertEquals(List.of(3, 2), plates.stream().map(p -> p.cells().size()).toList());
        assertEquals(
                List.of(1, 0), plates.stream().map(p -> p.chargers().bays()).toList(), "one bay is in one place");
        assertEquals(2, DayPlates.sharing(rigs.analysis(), "v-mount"));
    }

    @Test
    void anUnknownCapacityLeavesTheDayUnchecked() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("plate", Bag.plate())
                .with("battery", Bag.battery("old", Figure.unknown("label worn off")))
                .join("a", "body:base", "plate:foot")
                .join("b", "plate:battery", "battery:plug")
                .on("none");
        Finding finding = verify(new DayRuntime()).given(rigs).finds(Severity.STOP, CheckState.NOT_CHECKED);
        assertTrue(finding.title().contains("old"), finding.title());
    }

    @Test
    void theDayLooksAtNothingWithoutBatteries() {
        verify(new DayRuntime()).given(Bag.onRods(300)).looksAtNothing();
    }

    private static Rigs device(double watts, double peak) {
        return Bag.powered()
                .with("device", Bag.device("device", Figure.maker(watts), Figure.maker(peak)))
                .join("j-device", "body:side", "device:foot");
    }

    private static Rigs oneDevice(double watts, double peak) {
        return device(watts, peak).cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "device:in");
    }

    private static Rigs twoDevices(double watts, double peak) {
        return oneDevice(watts, peak)
                .with("second", Bag.device("second", Figure.maker(watts), Figure.maker(peak)))
                .join("j-second", "body:top", "second:foot")
                .cable("k2", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-2", "second:in");
    }

    private static Rigs twin() {
        return device(20, 20).cable("k", Bag.cable("twin", "1− 2+", 0.01, 300), "plate:out-1", "device:in");
    }

    private static Rigs unknownDraw() {
        return Bag.powered()
                .with("device", Bag.device("device", Figure.unknown("no label"), Figure.unknown("no label")))
                .join("j-device", "body:side", "device:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "device:in");
    }
}
