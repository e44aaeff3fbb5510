package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.GearPackage;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.Requirements.Requirement;
import wideharbor.core.sheet.Requirements.Status;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** The brief as demands: how each stands, and what meets it or decides against it. */
class RequirementsTest {
    private static Map<String, Requirement> of(Rigs rigs) {
        Job job = rigs.job();
        return Requirements.of(CheckEngine.standard().judge(job)).stream()
                .collect(java.util.stream.Collectors.toMap(Requirement::id, r -> r));
    }

    private static Asks asks(
            List<Asks.ChangeDemand> changes, Asks.RoomLimit room, List<Asks.Spare> spares, List<Asks.Tape> tapes) {
        return AsksBuilder.builder()
                .changes(changes)
                .room(room)
                .spares(spares)
                .tapes(tapes)
                .build();
    }

    private static Rigs stripped() {
        return Bag.onHead()
                .configuration(new Configuration(
                        ConfigurationId.of("bare"),
                        "Bare",
                        PlacementId.of("head"),
                        0,
                        0,
                        List.of(new Command.Remove(PlacementId.of("quick"))),
                        ConfigurationId.NONE));
    }

    /** With nothing found against them: what meets them is named. */
    @Test
    void configurationAndLensAreMetByWhatTheyAre() {
        Job job = Bag.onHead()
                .lens("l50", Bag.lens("prime-50", 1200, 60, 120), "body:mount", "mount")
                .job();
        List<Requirement> all = Requirements.of(new CheckEngine(List.of()).judge(job));
        Requirement studio = all.get(0);
        assertEquals(Status.MET, studio.status());
        assertTrue(studio.decidedBy().get(0).startsWith("A camera, "), studio.toString());
        assertTrue(studio.decidedBy().get(0).endsWith(" kg carried"), studio.toString());
        Requirement lens = all.get(1);
        assertEquals("lens-l50", lens.id());
        assertEquals(List.of("prime-50"), lens.decidedBy());
    }

    /** Two bodies with one configuration of that name: it is asked of both, and both are told. */
    @Test
    void aConfigurationIsAskedOfEveryBodyThatHasIt() {
        Job one = Bag.onHead().job();
        Build a = one.gear().builds().get(0);
        Build b = new Build(BuildId.of("b"), "B camera", a.base(), a.configurations(), a.lenses());
        Job two = one.with(new GearPackage(one.gear().kit(), List.of(a, b)));
        Requirement studio =
                Requirements.of(new CheckEngine(List.of()).judge(two)).get(0);
        assertEquals(2, studio.decidedBy().size(), studio.toString());
        assertTrue(studio.text().endsWith(", on 2 bodies"), studio.text());
        assertTrue(studio.decidedBy().get(1).startsWith("B camera, "), studio.toString());
    }

    /** An hour at 20 W of 100 Wh: met by the battery, of which two are counted. */
    @Test
    void theDayIsMetByTheBatteries() {
        Rigs rigs = Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .inKit(Bag.battery("battery-100", Figure.maker(100)), 1)
                .day(25, 1);
        Requirement day = of(rigs).get("day");
        assertEquals(Status.MET, day.status());
        assertEquals("On for 1 h 00 at 25 °C", day.text());
        assertEquals(List.of("2 × battery-100"), day.decidedBy());
    }

    @Test
    void aWrittenDayIsToldByItsBlocks() {
        Rigs rigs = Bag.onHead()
                .shooting(ShootBuilder.builder()
                        .day(List.of(
                                new DayBlock("Deck", DayBlock.State.ON, 3, -4, false, List.of()),
                                new DayBlock("Meal", DayBlock.State.OFF, 1, 15, true, List.of()),
                                new DayBlock("Rail", DayBlock.State.STANDBY, 1.5, -6, false, List.of())))
                        .build());
        assertEquals(
                "On for 4 h 30 in 3 blocks, down to −6 °C", of(rigs).get("day").text());
    }

    @Test
    void theMassWindowIsMetByTheMasses() {
        Requirement mass = of(Bag.onHead().window(1000, 20_000)).get("mass");
        assertEquals(Status.MET, mass.status());
        assertEquals(1, mass.decidedBy().size());
        assertTrue(mass.decidedBy().get(0).startsWith("Studio: "), mass.toString());
        assertEquals(Status.NOT_MET, of(Bag.onHead().window(0, 500)).get("mass").status());
    }

    /**
     * Down to the body takes two screws and a key: within half an hour with tools, not within half a minute without.
     */
    @Test
    void aChangeIsMetByItsStepsOrTheFindingIsNamed() {
        Rigs quick = stripped()
                .asking(asks(
                        List.of(new Asks.ChangeDemand(
                                ConfigurationId.of("studio"), ConfigurationId.of("bare"), 30, false)),
                        Asks.RoomLimit.ANY,
                        List.of(),
                        List.of()));
        Requirement met = of(quick).get("change-studio-bare");
        assertEquals(Status.MET, met.status());
        assertTrue(met.decidedBy().get(0).matches("\\d+ steps, .* min, .*"), met.toString());
        assertEquals("Studio to Bare in 30 min", met.text());
        Rigs hurried = stripped()
                .asking(asks(
                        List.of(new Asks.ChangeDemand(
                                ConfigurationId.of("studio"), ConfigurationId.of("bare"), 0.5, true)),
                        Asks.RoomLimit.ANY,
                        List.of(),
                        List.of()));
        Requirement not = of(hurried).get("change-studio-bare");
        assertTrue(not.status() != Status.MET, not.toString());
        assertEquals("Studio to Bare in 0.5 min, no tools", not.text());
    }

    @Test
    void aChangeToWhatIsNotThereIsNotMet() {
        Rigs rigs = Bag.onHead()
                .asking(asks(
                        List.of(new Asks.ChangeDemand(
                                ConfigurationId.of("studio"), ConfigurationId.of("gone"), 30, false)),
                        Asks.RoomLimit.ANY,
                        List.of(),
                        List.of()));
        Requirement gone = of(rigs).get("change-studio-gone");
        assertEquals(List.of("No configuration gone to change to"), gone.decidedBy());
        assertTrue(gone.status() != Status.MET);
    }

    @Test
    void roomSparesAndTapesAreToldInWords() {
        Rigs rigs = Bag.onHead()
                .lens("l50", Bag.lens("prime-50", 1200, 60, 120), "body:mount", "mount")
                .asking(asks(
                        List.of(),
                        new Asks.RoomLimit(1200, 900, List.of()),
                        List.of(new Asks.Spare("LENS_SUPPORT", 2)),
                        List.of(new Asks.Tape("door", 900, LensId.of("l50")))));
        Map<String, Requirement> all = of(rigs);
        assertEquals("Fits a room 1200 mm deep and 900 mm high", all.get("room").text());
        assertEquals(
                "2 to spare of each lens support", all.get("spare-LENS_SUPPORT").text());
        assertEquals("Focuses on 1 taped distances", all.get("tapes").text());
    }

    @Test
    void soundAndViewersAreMetByWhatIsThere() {
        Rigs rigs = Bag.onHead()
                .shooting(ShootBuilder.builder()
                        .orientation(Shoot.Orientation.LANDSCAPE)
                        .longestStretchHours(2)
                        .sound(Shoot.Sound.SEPARATE)
                        .viewers(List.of(new Shoot.Viewer("Director", Trust.FRAME, false)))
                        .build());
        Map<String, Requirement> all = of(rigs);
        assertEquals("Sound kept apart", all.get("sound").text());
        assertEquals("1 viewers, a display each", all.get("viewers").text());
        assertEquals(Status.NOT_MET, all.get("viewers").status());
        assertEquals(List.of("Director sees no picture"), all.get("viewers").decidedBy());
        assertEquals("2 h 00 without power-down", all.get("stretch").text());
        assertEquals("A landscape picture", all.get("orientation").text());
        assertEquals(List.of("Studio: landscape"), all.get("orientation").decidedBy());
    }
}
