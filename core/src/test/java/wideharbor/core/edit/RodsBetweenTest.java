package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Two clamps do not mate; rods between them do. */
class RodsBetweenTest {
    private static final PortRef CLAMP = new PortRef(PlacementId.of("bridge"), "rods");

    private static Rigs bare() {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("quick", Bag.quick(13))
                .with("bridge", Bag.bridge())
                .join("j-quick", "body:base", "quick:top")
                .join("j-bridge", "quick:bottom", "bridge:top")
                .knows(Bag.box())
                .on("none");
    }

    private static Job applied(RigAnalysis analysis, List<Scoped> edit) {
        Job job = analysis.job();
        return job.with(job.gear().apply(Rigs.BUILD, edit, job.catalogue()).after());
    }

    /** Clamp of the bridge 100, of the box 20: the shortest of 110, 150 and 300 that holds both is 150. */
    @Test
    void theShortestThatHoldsBothClampsGoesBetween() {
        RigAnalysis analysis = bare().knows(Bag.rods(110))
                .knows(Bag.rods(150))
                .knows(Bag.rods(300))
                .analysis();
        List<Scoped> edit = PartEdits.addThrough(analysis, CLAMP, Bag.box(), "rods");
        Job job = applied(analysis, edit);
        Build build = job.gear().build(Rigs.BUILD);
        assertTrue(
                build.base().placement(PlacementId.of("rods-150")).isPresent(),
                build.base().placements().toString());
        assertEquals(-50, build.base().value(SettingKey.parse("rods-150:rods:0")), 1e-9, "clamped at their rear end");
        assertEquals(110, build.base().value(SettingKey.parse("box:rods:0")), 1e-9, "the box beside the bridge");
        List<String> found = CheckEngine.standard().check(job).findings().stream()
                .filter(f ->
                        f.key().check().startsWith("rods.") || f.key().check().startsWith("joints."))
                .filter(f -> f.severity() == wideharbor.core.check.Severity.STOP)
                .map(Finding::title)
                .toList();
        assertEquals(List.of(), found);
    }

    @Test
    void rodsThatAreAllTooShortAreNoWay() {
        RigAnalysis analysis = bare().knows(Bag.rods(110)).analysis();
        var refused = assertThrows(EditRefused.class, () -> PartEdits.addThrough(analysis, CLAMP, Bag.box(), "rods"));
        assertTrue(refused.getMessage().contains("no chain"), refused.getMessage());
    }

    /** A box joined to the bridge's clamp itself does not mate: the fix puts rods between. */
    @Test
    void theFixOfAJointThatDoesNotMateIsRods() {
        Rigs rigs = bare().with("box", Bag.box())
                .join("j-box", "bridge:rods", "box:rods")
                .knows(Bag.rods(200));
        CheckEngine engine = CheckEngine.standard();
        Finding finding = engine.check(rigs.job()).findings().stream()
                .filter(f -> f.key().check().equals("rods.match"))
                .findFirst()
                .orElseThrow();
        var fix = engine.judge(rigs.job()).remedies().of(finding).stream()
                .filter(f -> f.title().contains("rods-200"))
                .findFirst()
                .orElseThrow();
        assertTrue(fix.commands().stream().map(Scoped::command).anyMatch(Command.Unjoin.class::isInstance));
    }
}
