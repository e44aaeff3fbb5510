package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A part taken for another wherever a body or the kit has it, and taken back exactly. */
class UptakeTest {
    private static final PlacementId RODS = PlacementId.of("rods");

    private static final ItemType LONGER = Bag.rods(400);

    private static GearPackage.Applied apply(Job job, List<Scoped> edit) {
        return job.gear().apply(Rigs.BUILD, edit, job.catalogue());
    }

    @Test
    void everyPlaceTakesTheNewOneAndKeepsWhatWasWeighed() {
        Job job = Bag.onRods(300).inKit(Bag.rods(300), 2).knows(LONGER).job();
        Figure reading = Figure.measured(291, "our scale", "2026-11-30");
        job = job.with(apply(job, List.of(Scoped.base(new Command.Weigh(RODS, reading))))
                .after());
        TypeRef old = Bag.rods(300).ref();
        List<Scoped> edit = new ArrayList<>(Uptake.of(job.gear().build(Rigs.BUILD), old, LONGER.ref()));
        edit.addAll(Uptake.of(job.gear().kit(), old, LONGER.ref()));
        GearPackage.Applied applied = apply(job, edit);
        Build after = applied.after().build(Rigs.BUILD);
        assertEquals(LONGER.ref(), after.base().placement(RODS).orElseThrow().type());
        assertEquals(reading, after.base().placement(RODS).orElseThrow().weighedGrams());
        assertEquals(2, applied.after().kit().count(LONGER.ref()));
        assertEquals(0, applied.after().kit().count(old));
        assertEquals(
                job.gear(),
                job.with(applied.after())
                        .gear()
                        .apply(Rigs.BUILD, applied.inverse(), job.catalogue())
                        .after());
    }

    /** What a configuration alone has is taken up there too, and what has none of it is left alone. */
    @Test
    void whatOneConfigurationHasIsTakenUpThere() {
        Job job = Bag.onRods(300).knows(LONGER).knows(Bag.rods(500)).job();
        job = job.with(apply(
                        job,
                        ConfigurationEdits.hereOnly(
                                List.of(Scoped.base(new Command.Retype(RODS, LONGER.ref()))), Rigs.STUDIO))
                .after());
        List<Scoped> edit = Uptake.of(
                job.gear().build(Rigs.BUILD), LONGER.ref(), Bag.rods(500).ref());
        assertEquals(1, edit.size());
        Build after = apply(job, edit).after().build(Rigs.BUILD);
        assertEquals(
                Bag.rods(500).ref(),
                after.content(Rigs.STUDIO, wideharbor.core.id.LensId.NONE, job.catalogue())
                        .placement(RODS)
                        .orElseThrow()
                        .type());
        assertEquals(
                Bag.rods(300).ref(), after.base().placement(RODS).orElseThrow().type());
        assertTrue(Uptake.of(after, LONGER.ref(), Bag.rods(300).ref()).isEmpty());
    }
}
