package wideharbor.core.check.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.DayBlock.PartState;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.CableRun;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.PowerSheet;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What keeps a rig on through a change, and what takes that away. */
class KeepingOnTest {
    private static final ItemType WIRE = Bag.cable("wire", "1+ 2−", 0, 300);

    private static Rigs bay() {
        return Bag.powered()
                .with("cam", Bag.withBay("cam"))
                .join("j-cam", "body:side", "cam:foot")
                .cable("k", WIRE, "plate:out-1", "cam:in")
                .day(25, 1);
    }

    private static Rigs filled() {
        return bay().with("pack", Bag.pack()).join("j-pack", "cam:bay", "pack:plug");
    }

    private static Rigs stowed(Rigs rigs) {
        return rigs.laid("k", new CableRun.Laid(List.of(), PlacementId.of("cam")));
    }

    private static KeepsOn keeps(Rigs rigs) {
        var context = rigs.analysis();
        return KeepsOn.of(
                context.rig(), context.feeds(), context.feeds().sources().get(0));
    }

    @Test
    void aBatteryInTheBayCarriesItThrough() {
        assertEquals(KeepsOn.NOTHING, keeps(bay()));
        assertEquals(KeepsOn.INNER_BATTERY, keeps(filled()));
        assertEquals(KeepsOn.NOTHING, keeps(stowed(filled())));
    }

    /** Something else straight off the plate goes off all the same. */
    @Test
    void allThatLivesStraightOffThePlateMustRideThrough() {
        Rigs more = filled().with("lamp", Bag.device("lamp", Figure.maker(5), Figure.maker(5)))
                .join("j-lamp", "body:top", "lamp:foot")
                .cable("k2", WIRE, "plate:out-2", "lamp:in");
        assertEquals(KeepsOn.NOTHING, keeps(more));
    }

    /** The small battery feeds nothing else: one source, and its charge is not the plate's. */
    @Test
    void theInnerBatteryIsNoSource() {
        var context = filled().analysis();
        assertEquals(
                Ids.list("battery"),
                context.feeds().sources().stream().map(s -> s.battery().id()).toList());
        assertEquals(1, DayPlates.of(context).get(0).cells().size());
    }

    /** 37 Wh · 0.90 at 25 °C over 30 W: 1.11 h. */
    @Test
    void theSmallBatteryCarriesItForSoLong() {
        PowerSheet.PlateDay plate = PowerSheet.of(filled().analysis(), PowerSheet.Change.NONE)
                .plates()
                .get(0);
        assertEquals(1.11, plate.carriedHours().orElseThrow(), 1e-9);
        assertTrue(PowerSheet.of(bay().analysis(), PowerSheet.Change.NONE)
                .plates()
                .get(0)
                .carriedHours()
                .isEmpty());
    }

    @Nested
    class Packed {
        @Test
        void whatFitsAPlateOrABayIsFine() {
            verify(new PackedForPlates())
                    .given(filled().inKit(Bag.battery("battery-150", Figure.maker(150)), 2)
                            .inKit(Bag.pack(), 1))
                    .holds();
        }

        @Test
        void whatFitsNothingIsLeftAtHome() {
            Rigs rigs = Bag.powered().inKit(Bag.pack(), 2);
            var finding = verify(new PackedForPlates()).given(rigs).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("pack fits no plate of the job", finding.title());
            assertEquals(
                    "Leave 2 × pack at home",
                    verify(new PackedForPlates())
                            .given(rigs)
                            .isMendedBy("leave")
                            .title());
        }

        @Test
        void aChargerIsForAPlateToo() {
            ItemType charger = Parts.part("charger")
                    .weighs(900, Vec3.ZERO)
                    .facet(new PowerFacet.Charger("three-stud", 2, 60))
                    .make();
            assertEquals(
                    "charger fits no plate of the job",
                    verify(new PackedForPlates())
                            .given(Bag.powered().inKit(charger, 1))
                            .finds(Severity.CAUTION, CheckState.FOUND)
                            .title());
        }

        @Test
        void withoutAPlateThereIsNothingToJudge() {
            verify(new PackedForPlates())
                    .given(Rigs.rig()
                            .with("body", Bag.body())
                            .inKit(Bag.pack(), 1)
                            .on("none"))
                    .looksAtNothing();
        }
    }

    @Nested
    class Flying {
        private Rigs flying(int people, double wattHours, int spares) {
            ItemType battery = Bag.battery("battery-x", Figure.maker(wattHours));
            return Rigs.rig()
                    .with("body", Bag.body())
                    .with("plate", Bag.plate())
                    .with("battery", battery)
                    .join("j-plate", "body:base", "plate:foot")
                    .join("j-battery", "plate:battery", "battery:plug")
                    .inKit(battery, spares)
                    .knows(Bag.battery("battery-98", Figure.maker(98)))
                    .on("none")
                    .shooting(Shoot.UNASKED.flying(people));
        }

        @Test
        void nobodyFliesAndNothingIsAsked() {
            verify(new Flight()).given(flying(0, 220, 4)).looksAtNothing();
        }

        @Test
        void smallOnesGoInAnyNumber() {
            verify(new Flight()).given(flying(1, 98, 30)).holds();
        }

        /** The fitted one and five spares of 150 Wh: six, where three people may take six and two four. */
        @Test
        void twoForEachPersonOverAHundred() {
            verify(new Flight()).given(flying(3, 150, 5)).holds();
            var finding = verify(new Flight())
                    .given(flying(2, 150, 5))
                    .finds(Severity.CAUTION, 6, Double.NEGATIVE_INFINITY, 4, "pieces");
            assertEquals("6 × battery-x with 2 people", finding.title());
            // Two spares of 150 Wh at home: 300 Wh are four of 98.
            assertEquals(
                    "4 × battery-98 in place of 2 × battery-x",
                    verify(new Flight())
                            .given(flying(2, 150, 5))
                            .isMendedBy("smaller")
                            .title());
        }

        @Test
        void overAHundredAndSixtyNoneGoes() {
            assertEquals(
                    "battery-x may not fly as baggage",
                    verify(new Flight())
                            .given(flying(4, 220, 2))
                            .finds(Severity.STOP, 3, Double.NEGATIVE_INFINITY, 0, "pieces")
                            .title());
            assertTrue(
                    verify(new Flight()).given(flying(4, 220, 2)).fixes().isEmpty(),
                    "one is fitted: other spares do not help");
        }
    }

    @Nested
    class OwnCells {
        private Rigs clock(double hours, PartState... states) {
            ItemType clock = Parts.part("clock")
                    .weighs(50, Vec3.ZERO)
                    .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .facet(new SignalFacet.OwnCells(hours))
                    .make();
            return Bag.powered()
                    .with("clock", clock)
                    .join("j", "body:side", "clock:foot")
                    .shooting(ShootBuilder.builder()
                            .day(List.of(
                                    new DayBlock("a", State.ON, 5, 20, false, List.of()),
                                    new DayBlock("b", State.STANDBY, 3, 20, false, List.of(states))))
                            .build());
        }

        @Test
        void aSetThatLastsTheDayIsFine() {
            verify(new OwnCellsLast()).given(clock(8)).holds();
            verify(new OwnCellsLast())
                    .given(clock(5, new PartState(BuildId.of("a"), PlacementId.of("clock"), State.OFF)))
                    .holds();
        }

        /** Eight hours on sets of three: two changes. */
        @Test
        void orItsChangesAreTold() {
            var finding = verify(new OwnCellsLast())
                    .given(clock(3))
                    .finds(Severity.CAUTION, 3, 8, Double.POSITIVE_INFINITY, "h");
            assertTrue(finding.why().contains("2 changes"), finding.why());
        }
    }

    /** Both outlets are taken: a breakout goes between one and its lamp, and feeds the third as well. */
    @Test
    void withoutAFreeOutletABreakoutIsPutIn() {
        ItemType breakout = Parts.part("breakout")
                .weighs(80, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .socket("out-1", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .socket("out-2", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 9, 30, 0, Figure.maker(0), Figure.maker(0), 0))
                .facet(new PowerFacet.PowerOutput("out-1", 0, 1, 40, 50, 4))
                .facet(new PowerFacet.PowerOutput("out-2", 0, 1, 40, 50, 4))
                .make();
        ItemType body = Parts.part("body")
                .weighs(3000, Vec3.ZERO)
                .face("base", Port.Role.B, new Vec3(0, -66, 0), Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("a", Port.Role.B, new Vec3(60, 0, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .face("b", Port.Role.B, new Vec3(60, 40, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .face("c", Port.Role.B, new Vec3(60, 80, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .face("d", Port.Role.B, new Vec3(60, 120, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", body)
                .with("plate", Bag.plate())
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .on("none");
        for (String lamp : List.of("a", "b", "c")) {
            rigs.with("lamp-" + lamp, Bag.device("lamp-" + lamp, Figure.maker(9), Figure.maker(9)))
                    .join("j-" + lamp, "body:" + lamp, "lamp-" + lamp + ":foot");
        }
        rigs.cable("k1", WIRE, "plate:out-1", "lamp-a:in")
                .cable("k2", WIRE, "plate:out-2", "lamp-b:in")
                .inKit(WIRE, 4)
                .inKit(breakout, 1)
                .inKit(Bag.keys("hex 3/16 in"), 1)
                .day(25, 1);
        assertEquals(
                "lamp-c has no power",
                verify(new VoltageWindow())
                        .given(rigs)
                        .finds(Severity.STOP, CheckState.FOUND)
                        .title());
        assertEquals(
                "breakout for lamp-a and lamp-c",
                verify(new VoltageWindow()).given(rigs).isMendedBy("breakout").title());
    }

    @Nested
    class Stowed {
        @Test
        void aFreeBayIsFine() {
            verify(new InnerBayFree()).given(filled()).holds();
            verify(new InnerBayFree()).given(Bag.powered()).looksAtNothing();
        }

        @Test
        void aCableInItIsLaidOutside() {
            var finding = verify(new InnerBayFree()).given(stowed(bay())).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("wire lies in the battery bay of cam", finding.title());
            assertEquals(
                    "Lay it outside the bay",
                    verify(new InnerBayFree())
                            .given(stowed(bay()))
                            .isMendedBy("stow")
                            .title());
        }

        @Test
        void cableAndBatteryInOneBayStop() {
            verify(new InnerBayFree()).given(stowed(filled())).finds(Severity.STOP, CheckState.FOUND);
            verify(new InnerBayFree()).given(stowed(filled())).isMendedBy("stow");
        }
    }

    /** 90 Wh at 30 W: 3 h of a stretch of 4. */
    @Test
    void theStretchIsMendedByABatteryForTheBay() {
        Rigs rigs = bay().inKit(Bag.pack(), 1)
                .shooting(ShootBuilder.builder().longestStretchHours(4).build());
        verify(new Stretch()).given(rigs).finds(Severity.CAUTION, 3, 4, Double.POSITIVE_INFINITY, "h");
        assertEquals(
                "pack in the bay of cam, and battery-100 to change to",
                verify(new Stretch()).given(rigs).isMendedBy("inner-battery").title());
    }

    @Nested
    class Day {
        private Rigs day(DayBlock... blocks) {
            return bay().inKit(Bag.battery("battery-100", Figure.maker(100)), 1)
                    .shooting(ShootBuilder.builder().day(List.of(blocks)).build());
        }

        private DayBlock block(double hours, State state, PartState... parts) {
            return new DayBlock("b", state, hours, 25, false, List.of(parts));
        }

        private PowerSheet sheet(Rigs rigs) {
            return PowerSheet.of(rigs.analysis(), PowerSheet.Change.NONE);
        }

        /** 3 h at 30 W, 2 h at 10: 110 Wh. Off for the first block: 20 Wh. On through the second: 150 Wh. */
        @Test
        void aPartMayDoOtherThanTheRig() {
            PartState off = new PartState(BuildId.of("a"), PlacementId.of("cam"), State.OFF);
            PartState on = new PartState(BuildId.of("a"), PlacementId.of("cam"), State.ON);
            assertEquals(110, drawn(day(block(3, State.ON), block(2, State.STANDBY))), 1e-9);
            assertEquals(20, drawn(day(block(3, State.ON, off), block(2, State.STANDBY))), 1e-9);
            assertEquals(150, drawn(day(block(3, State.ON), block(2, State.STANDBY, on))), 1e-9);
            assertEquals(60, drawn(day(block(3, State.OFF), block(2, State.OFF, on))), 1e-9, "on while the rig is off");
        }

        /** Somebody else's part, and one that is gone, change nothing. */
        @Test
        void whatIsSaidOfAnotherPartIsNotOfThisOne() {
            PartState other = new PartState(BuildId.of("b"), PlacementId.of("cam"), State.OFF);
            PartState gone = new PartState(BuildId.of("a"), PlacementId.of("gone"), State.OFF);
            assertEquals(90, drawn(day(block(3, State.ON, other, gone))), 1e-9);
        }

        private double drawn(Rigs rigs) {
            return sheet(rigs).plates().get(0).now().orElseThrow().drawnWattHours();
        }

        @Test
        void theTableSaysWhatEachDoes() {
            PowerSheet.DeviceDay cam = sheet(day(
                            block(3, State.ON, new PartState(BuildId.of("a"), PlacementId.of("cam"), State.STANDBY)),
                            block(2, State.ON)))
                    .devices()
                    .get(0);
            assertEquals(List.of(State.STANDBY, State.ON), cam.states());
            assertEquals(List.of(true, false), cam.own());
            assertEquals(3 * 10 + 2 * 30, cam.wattHours(), 1e-9);
            assertEquals(20, cam.bootSeconds());
        }

        /** 90 Wh at 30 W: one change after three hours, twenty seconds of booting; with the small battery none. */
        @Test
        void everyChangeWaitsForTheSlowestToBoot() {
            PowerSheet.PlateDay plate = sheet(day(block(5, State.ON))).plates().get(0);
            assertEquals(20, plate.bootSeconds());
            assertEquals(20 / 60.0, plate.bootMinutes(plate.now().orElseThrow()), 1e-9);
            Rigs kept = day(block(5, State.ON)).with("pack", Bag.pack()).join("j-pack", "cam:bay", "pack:plug");
            PowerSheet.PlateDay on = sheet(kept).plates().get(0);
            assertEquals(KeepsOn.INNER_BATTERY, on.keepsOn());
            assertFalse(on.now().orElseThrow().swaps().get(0).interrupting());
            assertEquals(0, on.bootMinutes(on.now().orElseThrow()));
        }

        /** Hours on are one figure: those of the blocks once they are written, an hour of meal not among them. */
        @Test
        void hoursOnAreThoseOfTheBlocks() {
            assertEquals(
                    5,
                    day(block(3, State.ON), block(1, State.OFF), block(2, State.STANDBY))
                            .job()
                            .brief()
                            .hoursOn());
            assertEquals(1, bay().job().brief().hoursOn(), "as asked while nobody wrote the day");
        }

        @Test
        void aBlockNamesAPartOnce() {
            PartState cam = new PartState(BuildId.of("a"), PlacementId.of("cam"), State.OFF);
            var twice = assertThrows(
                    IllegalArgumentException.class,
                    () -> block(1, State.ON, cam, new PartState(BuildId.of("a"), PlacementId.of("cam"), State.ON)));
            assertTrue(twice.getMessage().contains("twice"));
        }
    }

    @Nested
    class Regulated {
        /** 12 to 16.8 V where 13 is the most: a regulator that gives 12 goes between. */
        @Test
        void tooManyVoltsAreMendedByARegulatorBetween() {
            ItemType tender = Parts.part("tender")
                    .weighs(200, Vec3.ZERO)
                    .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                    .facet(new PowerFacet.PowerInput("in", 11, 13, 1, Figure.maker(9), Figure.maker(9), 0))
                    .make();
            Rigs rigs = Bag.powered()
                    .with("tender", tender)
                    .join("j", "body:side", "tender:foot")
                    .cable("k", WIRE, "plate:out-1", "tender:in")
                    .inKit(Bag.regulator("reg"), 1)
                    .inKit(WIRE, 2)
                    .inKit(Bag.keys("hex 3/16 in"), 1)
                    .day(25, 1);
            var finding = verify(new VoltageWindow()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
            assertEquals("tender is fed 16.8 V at full charge", finding.title());
            assertTrue(verify(new VoltageWindow())
                    .given(rigs)
                    .isMendedBy("regulator")
                    .title()
                    .startsWith("reg before tender, on "));
        }
    }
}
