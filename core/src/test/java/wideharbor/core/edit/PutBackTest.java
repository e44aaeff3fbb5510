package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Remedies;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Parts taken off or swapped in one configuration alone: put back, set and weighed where that was done. */
class PutBackTest {
    private static final PlacementId BOX = PlacementId.of("box");
    private static final PlacementId BRIDGE = PlacementId.of("bridge");
    private static final ConfigurationId OTHER = ConfigurationId.of("other");

    private Job job;

    @BeforeEach
    void aSecondConfiguration() {
        job = Bag.onRods(300).job();
        apply(ConfigurationEdits.derive(look(Rigs.STUDIO), "Other"));
    }

    private void apply(List<Scoped> edit) {
        job = job.with(job.gear().apply(Rigs.BUILD, edit, job.catalogue()).after());
    }

    private RigAnalysis look(ConfigurationId configuration) {
        return RigAnalysis.of(job, job.gear().build(Rigs.BUILD), configuration, LensId.NONE);
    }

    private boolean isOn(ConfigurationId configuration, PlacementId part) {
        return look(configuration).rig().find(part).isPresent();
    }

    private Figure weighed(ConfigurationId configuration) {
        return look(configuration).rig().require(BOX).placement().weighedGrams();
    }

    private void removeIn(ConfigurationId configuration, PlacementId part) {
        apply(ConfigurationEdits.hereOnly(PartEdits.remove(look(configuration), part, false), configuration));
    }

    @Test
    void isPutBackInTheConfigurationThatTookItOff() {
        removeIn(OTHER, BOX);
        assertFalse(isOn(OTHER, BOX));
        assertTrue(isOn(Rigs.STUDIO, BOX));
        apply(PartEdits.restore(look(OTHER), BOX));
        assertTrue(isOn(OTHER, BOX));
        assertEquals(
                List.of(),
                look(OTHER).build().resolve(OTHER, LensId.NONE, job.catalogue()).conflicts());
    }

    @Test
    void isPutBackWhereABasisTookItOffOrHereOnly() {
        apply(ConfigurationEdits.derive(look(OTHER), "Third"));
        ConfigurationId third = ConfigurationId.of("third");
        removeIn(OTHER, BOX);
        assertFalse(isOn(third, BOX));
        Job before = job;
        apply(PartEdits.restore(look(third), BOX));
        assertTrue(isOn(third, BOX) && isOn(OTHER, BOX), "put back where it was taken off");
        job = before;
        apply(ConfigurationEdits.hereOnly(PartEdits.restore(look(third), BOX), third));
        assertTrue(isOn(third, BOX));
        assertFalse(isOn(OTHER, BOX), "the one it is based on stays as it is");
    }

    @Test
    void isPutBackWhereBothTookItOff() {
        removeIn(OTHER, BOX);
        apply(PartEdits.remove(look(Rigs.STUDIO), BOX, false));
        apply(PartEdits.restore(look(OTHER), BOX));
        assertTrue(isOn(OTHER, BOX) && isOn(Rigs.STUDIO, BOX));
    }

    @Test
    void whatIsOnTheRigOrUnknownIsNotPutBack() {
        assertEquals(
                "box is on the rig; there is nothing to be put back.",
                assertThrows(EditRefused.class, () -> PartEdits.restore(look(OTHER), BOX))
                        .getMessage());
        assertThrows(EditRefused.class, () -> PartEdits.restore(look(OTHER), PlacementId.of("ghost")));
    }

    /** The dovetail hangs on nothing since the bridge went in this configuration alone: a fix puts it back there. */
    @Test
    void theFixIsOfferedInAConfiguration() {
        job = Bag.onHead().job();
        apply(ConfigurationEdits.derive(look(Rigs.STUDIO), "Other"));
        removeIn(OTHER, BRIDGE);
        Judged judged = CheckEngine.standard().judge(job);
        Finding loose = CheckEngine.standard().check(job).of("parts.held").get(0);
        assertEquals(OTHER, loose.key().configuration());
        List<Remedies.Fix> fixes = judged.remedies().of(loose);
        assertTrue(fixes.stream().anyMatch(r -> r.kind().equals("restore")), fixes::toString);
    }

    /** In the second configuration the rods are other ones: they are set, weighed and taken off there. */
    @Test
    void aSwappedPartIsChangedWhereItWasSwapped() {
        Scope there = new Scope.InConfiguration(OTHER);
        apply(List.of(new Scoped(
                there,
                new Command.Retype(BOX, look(OTHER).rig().require(BOX).type().ref()))));
        SettingKey place = SettingKey.parse("box:rods:0");
        assertEquals(there, PartEdits.set(look(OTHER), place, 120, false).get(0).scope());
        assertEquals(
                new Scope.Base(),
                PartEdits.set(look(Rigs.STUDIO), place, 120, false).get(0).scope());
        apply(PartEdits.weigh(look(OTHER), BOX, Figure.measured(900, "kai", "2026-11-02")));
        assertEquals(Figure.measured(900, "kai", "2026-11-02"), weighed(OTHER));
        assertEquals(Placement.NOT_WEIGHED, weighed(Rigs.STUDIO));
        apply(PartEdits.remove(look(OTHER), BOX, false));
        assertFalse(isOn(OTHER, BOX));
        assertTrue(isOn(Rigs.STUDIO, BOX));
    }
}
