package wideharbor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Worn;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.Unanswered;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class JobStartTest {
    private static final LocalDate OUT = LocalDate.of(2026, 12, 4);
    private final CheckEngine engine = CheckEngine.standard();

    private Job fresh(Worn... worn) {
        return JobStart.fresh(
                "tide", "Tide", OUT, List.of(worn), Bag.onHead().job().catalogue(), HouseRules.DEFAULTS);
    }

    /** Nothing is built, so nothing is proven: never clear. */
    @Test
    void aJobOfATitleAndADayIsHeld() {
        Job job = fresh();
        Verdict verdict = engine.judge(job).verdict();
        assertFalse(verdict.clear());
        assertEquals("Held by 1 undecided", verdict.inWords());
        assertEquals(OUT, job.brief().dates().load().toLocalDate());
        assertTrue(Unanswered.of(job.brief()).stream().anyMatch(u -> u.what().equals("how it is worn")));
    }

    @Test
    void aBodyThatNothingCarriesIsHeldAndSaysWhatTheWayNeeds() {
        Job job = fresh(Worn.STICKS, Worn.SHOULDER);
        Map<ConfigurationId, String> worn = new LinkedHashMap<>();
        worn.put(Worn.STICKS.configuration(), Worn.STICKS.title());
        worn.put(Worn.SHOULDER.configuration(), Worn.SHOULDER.title());
        Build a = Build.begin(BuildId.of("a"), "A", Bag.body(), worn, job.catalogue());
        Report report = engine.check(job.with(job.gear().with(a)));
        List<Finding> carried = report.of("brief.worn");
        assertEquals(2, carried.size(), carried.toString());
        assertTrue(carried.get(0).title().contains("Nothing carries the rig in On"), carried.toString());
        assertTrue(carried.stream().anyMatch(f -> f.why().contains("a pad")), carried.toString());
    }

    /** A head that stands is what sticks ask for only where it tilts; the pad of a shoulder it is not. */
    @Test
    void whatCarriesMustBearAsTheBriefMeans() {
        Job onHead = Bag.onHead()
                .asking(wideharbor.core.brief.AsksBuilder.builder(wideharbor.core.brief.Asks.NOTHING)
                        .worn(List.of(new Worn.Demand(Rigs.STUDIO, Worn.SHOULDER, 0, 0)))
                        .build())
                .job();
        List<Finding> found = engine.check(onHead).of("brief.worn");
        assertEquals(1, found.size());
        assertTrue(found.get(0).title().contains("not what the brief means"), found.toString());
        Job standing = Bag.onHead()
                .asking(wideharbor.core.brief.AsksBuilder.builder(wideharbor.core.brief.Asks.NOTHING)
                        .worn(List.of(new Worn.Demand(Rigs.STUDIO, Worn.VEHICLE, 0, 0)))
                        .build())
                .job();
        assertEquals(List.of(), engine.check(standing).of("brief.worn"));
    }

    /**
     * 5.2 kg of body and plates with the head's own share: the configuration's ceiling of 4 kg stands before the job's
     * 20.
     */
    @Test
    void aConfigurationHasAMassWindowOfItsOwn() {
        Job job = Bag.onHead()
                .window(0, 20_000)
                .asking(wideharbor.core.brief.AsksBuilder.builder(wideharbor.core.brief.Asks.NOTHING)
                        .worn(List.of(new Worn.Demand(Rigs.STUDIO, Worn.STICKS, 0, 4000)))
                        .build())
                .job();
        assertTrue(engine.check(job).of("balance.mass-window").stream()
                .anyMatch(f -> f.title().contains("over the brief's limit")));
    }

    @Test
    void anEarlierJobComesBackOnOtherDaysWithoutWhatPeopleAccepted() {
        Job earlier = Bag.onHead().job();
        Job next = JobStart.like(earlier, "again", "Again", OUT);
        assertEquals(OUT, next.brief().dates().load().toLocalDate());
        assertEquals(earlier.gear(), next.gear());
        assertEquals(List.of(), next.reads());
    }

    /** Which piece a part was stays with the earlier job: another takes what is ready on its own days. */
    @Test
    void anEarlierJobKeepsItsPieces() {
        Job earlier = Bag.onHead().job();
        PlacementId body = PlacementId.of("body");
        PlacementId more = PlacementId.of("more");
        Scope studio = new Scope.InConfiguration(Rigs.STUDIO);
        Job built = earlier.with(earlier.gear()
                .apply(
                        Rigs.BUILD,
                        List.of(
                                Scoped.base(new Command.Identify(body, "B-1")),
                                Scoped.base(new Command.Weigh(body, Figure.measured(3100, "B-1", ""))),
                                new Scoped(
                                        studio,
                                        new Command.Place(more, Bag.quick(10).ref(), "")),
                                new Scoped(studio, new Command.Identify(more, "Q-1")),
                                new Scoped(studio, new Command.Weigh(more, Figure.measured(410, "Q-1", "")))),
                        earlier.catalogue())
                .after());
        Build was = built.gear().build(Rigs.BUILD);
        assertEquals(List.of("B-1", "Q-1"), List.copyOf(was.pieces()));
        Build next = JobStart.like(built, "again", "Again", OUT).gear().build(Rigs.BUILD);
        assertEquals(List.of(), List.copyOf(next.pieces()));
        assertEquals(
                Placement.NOT_WEIGHED, next.base().placement(body).orElseThrow().weighedGrams());
        assertEquals(1, next.configurations().get(0).overlay().size());
        assertEquals(List.of(), List.copyOf(was.twin(BuildId.of("b"), "B").pieces()));
    }

    @Test
    void everyWayHasAnIdATitleAndNeeds() {
        for (Worn worn : Worn.values()) {
            assertTrue(worn.configuration().toString().matches("[a-z-]+"));
            assertFalse(worn.title().isBlank() || worn.needs().isBlank());
        }
        assertEquals(List.of(), Worn.TIGHT_ROOM.carriers());
    }
}
