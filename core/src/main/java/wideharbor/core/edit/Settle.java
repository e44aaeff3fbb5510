package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Closing;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Rig;

/**
 * Finds the settings that close closing joints (the height of a lens support), so that an edit elsewhere keeps them
 * shut.
 */
public final class Settle {
    private static final double ALREADY_SHUT = 0.01;

    private Settle() {}

    /** Commands that close one joint of this rig; empty when none of its freedoms can. */
    public static List<Scoped> closing(RigAnalysis analysis, JointId joint) {
        return analysis.rig().closings().stream()
                .filter(c -> c.joint().id().equals(joint))
                .flatMap(c -> close(analysis.build(), analysis.rig(), c).stream())
                .toList();
    }

    /** The edit, and after it whatever re-closes what it opened, with every lens of the configuration. */
    public static List<Scoped> after(List<Scoped> edit, Job job, BuildId build, ConfigurationId configuration) {
        GearPackage gear = job.gear().apply(build, edit, job.catalogue()).after();
        Build changed = gear.build(build);
        List<Scoped> all = new ArrayList<>(edit);
        for (LensId lens : changed.lensIds()) {
            Rig rig = Rig.resolve(changed, configuration, lens, job.catalogue());
            for (Closing closing : rig.closings()) {
                for (Scoped set : close(changed, rig, closing)) {
                    if (!all.contains(set)) {
                        all.add(set);
                    }
                }
            }
        }
        return all;
    }

    private static List<Scoped> close(Build build, Rig rig, Closing closing) {
        if (Math.abs(closing.gapMm()) < ALREADY_SHUT) {
            return List.of();
        }
        for (Motion motion : closing.settings()) {
            if (motion.freedom() instanceof Freedom.Slide slide && slide.axis() == Freedom.Axis.N) {
                // A slide along the parent's normal, or along the child's towards the parent, both shut the gap.
                double value = Math.round((motion.value() + closing.gapMm()) * 1000) / 1000.0;
                return List.of(new Scoped(
                        build.scopeOf(motion.key(), rig.configuration().id(), rig.lens()),
                        new Command.Set(motion.key(), value, false)));
            }
        }
        return List.of();
    }
}
