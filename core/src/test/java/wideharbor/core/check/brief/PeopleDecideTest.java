package wideharbor.core.check.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.Shoot.Focus;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.sheet.Requirements.Requirement;
import wideharbor.core.sheet.Requirements.Status;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** What no arithmetic decides: demands in words, and who pulls focus. */
class PeopleDecideTest {
    private static final String LIGHT = "The director wants it to look small, says Ines";

    private static ItemType able(Capability capability) {
        return part("x")
                .can(capability)
                .weighs(100, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .make();
    }

    private static Rigs with(ItemType type) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("x", type)
                .join("j-x", "body:side", "x:foot")
                .on("none");
    }

    private static List<Finding> found(Job job, String check) {
        return CheckEngine.standard().judge(job).report().of(check);
    }

    private static Requirement requirement(Job job, String id) {
        Judged judged = CheckEngine.standard().judge(job);
        return Requirements.of(judged).stream()
                .filter(r -> r.id().startsWith(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDemandInWordsIsOpenUntilSomebodyPutsTheirNameToIt() {
        Job job = Bag.onRods(300)
                .asking(AsksBuilder.builder().own(List.of(LIGHT)).build())
                .job();
        Finding open = found(job, "brief.own").get(0);
        assertEquals(Severity.CAUTION, open.severity());
        assertEquals(CheckState.NOT_CHECKED, open.state());
        Requirement before = requirement(job, "own-");
        assertEquals(Status.UNDECIDED, before.status());
        assertEquals(LIGHT, before.text());
        assertEquals(List.of(open.key().toString()), before.ticks());

        Job ticked = job.accepted(
                List.of(new Job.CautionRead(open.key(), open.accepted(), "jonna", "2026-11-30T08:00:00Z")), List.of());
        Requirement after = requirement(ticked, "own-");
        assertEquals(Status.MET, after.status());
        assertEquals(List.of("jonna"), after.tickedBy());
        assertEquals(List.of(), after.decidedBy(), "what is ticked is not told as open");
        assertEquals(List.of("Jonna Brask"), after.named(who -> "Jonna Brask").tickedBy());
        assertTrue(after.ticks().isEmpty());
    }

    @Test
    void demandsAreBoundedAndStandOnce() {
        assertThrows(
                IllegalArgumentException.class,
                () -> AsksBuilder.builder().own(List.of("x".repeat(121))).build());
        IllegalArgumentException twice = assertThrows(
                IllegalArgumentException.class,
                () -> AsksBuilder.builder().own(List.of("Small", "Small")).build());
        assertEquals("A demand in words stands twice", twice.getMessage());
    }

    private static Job pulledBy(Focus focus, ItemType type) {
        Asks asks = AsksBuilder.builder()
                .shoot(ShootBuilder.builder().focus(focus).build())
                .build();
        return with(type).asking(asks).job();
    }

    @Test
    void whoPullsFocusNeedsWhatTheyPullItWith() {
        ItemType drive = able(Capability.DRIVES_LENS);
        ItemType finder = able(Capability.FINDS_PICTURE);
        assertTrue(found(pulledBy(Focus.UNSAID, finder), "brief.focus").isEmpty());
        assertEquals(
                "Nothing drives the lens for the assistant in Studio",
                found(pulledBy(Focus.REMOTE, finder), "brief.focus").get(0).title());
        assertTrue(found(pulledBy(Focus.REMOTE, drive), "brief.focus").isEmpty());
        assertTrue(found(pulledBy(Focus.OPERATOR, finder), "brief.focus").isEmpty());
        assertFalse(found(pulledBy(Focus.OPERATOR, drive), "brief.focus").isEmpty());
        assertEquals(
                Status.NOT_MET,
                requirement(pulledBy(Focus.REMOTE, finder), "focus").status());
        assertEquals(
                Status.MET, requirement(pulledBy(Focus.REMOTE, drive), "focus").status());
    }

    @Test
    void anAssistantAtTheLensNeedsNoDrive() {
        assertTrue(found(pulledBy(Focus.AT_LENS, able(Capability.FINDS_PICTURE)), "brief.focus")
                .isEmpty());
        assertEquals(
                Severity.NOTE,
                found(pulledBy(Focus.AT_LENS, able(Capability.DRIVES_LENS)), "brief.focus")
                        .get(0)
                        .severity());
    }

    /** No puller, no motor: the drive is only weight and watts, and taking it off clears that. */
    @Test
    void whereTheCameraHoldsFocusADriveIsTooMuch() {
        Job job = pulledBy(Focus.CAMERA, able(Capability.DRIVES_LENS));
        Finding idle = found(job, "brief.focus").get(0);
        assertEquals(Severity.NOTE, idle.severity());
        assertTrue(CheckEngine.standard().judge(job).remedies().of(idle).stream()
                .anyMatch(r -> r.title().startsWith("Take off ")));
        assertTrue(found(pulledBy(Focus.CAMERA, able(Capability.SHADES_LENS)), "brief.focus")
                .isEmpty());
    }
}
