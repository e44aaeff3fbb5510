package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;

/** Settings that might bring two parts clear of each other: slides and turns of either, nearest first. */
public final class Nudges {
    private static final int MOST_MOTIONS = 6;
    private static final double BY_HAND = 0.5;

    private Nudges() {}

    public static List<Candidate> apart(RigAnalysis analysis, List<PlacementId> placements, double depthMm) {
        List<Candidate> all = new ArrayList<>();
        for (Motion motion : motions(analysis, placements)) {
            if (motion.freedom() instanceof Freedom.Slide) {
                for (double by : new double[] {depthMm + 1, -(depthMm + 1), 2.5 * depthMm + 3, -(2.5 * depthMm + 3)}) {
                    beyond(motion, by).ifPresent(value -> set(analysis, motion, value, all));
                }
            } else {
                double step = motion.freedom().step() > 0 ? motion.freedom().step() : 15;
                for (double by : new double[] {step, -step, 3 * step, -3 * step, 90, -90}) {
                    set(analysis, motion, motion.value() + Math.rint(by / step) * step, all);
                }
            }
        }
        return all;
    }

    /**
     * At least so far: with detents the next one beyond, so that what must come clear does; past the end not at all.
     */
    private static Optional<Double> beyond(Motion motion, double by) {
        double step = motion.freedom().step();
        double wanted = motion.value() + by + (step > 0 ? Math.signum(by) * step / 2 : 0);
        return Optional.of(motion.settable(wanted)).filter(v -> Math.abs(v - motion.value()) >= Math.abs(by) - BY_HAND);
    }

    /** Motions that move one of the parts against the other: on the way from each to the root, nearest first. */
    private static List<Motion> motions(RigAnalysis analysis, List<PlacementId> placements) {
        Set<Motion> found = new LinkedHashSet<>();
        for (PlacementId placement : placements) {
            collect(analysis, placement, Optional.empty(), found);
            for (Joint joint : analysis.rig().pathToRoot(placement)) {
                collect(analysis, joint.child().placement(), Optional.of(joint.id()), found);
                collect(analysis, joint.parent().placement(), Optional.of(joint.id()), found);
            }
        }
        return found.stream().limit(MOST_MOTIONS).toList();
    }

    /** Motions of one joint, and those that a part has in itself. */
    private static void collect(
            RigAnalysis analysis, PlacementId placement, Optional<JointId> joint, Set<Motion> found) {
        for (Motion motion : analysis.rig().motions()) {
            boolean inItself =
                    motion.joint().isEmpty() && motion.key().placement().equals(placement);
            if (inItself || joint.filter(motion::isOf).isPresent()) {
                found.add(motion);
            }
        }
    }

    private static void set(RigAnalysis analysis, Motion motion, double value, List<Candidate> all) {
        boolean known = all.stream()
                .anyMatch(c -> c.commands().get(0).command() instanceof Command.Set other
                        && other.key().equals(motion.key())
                        && Math.abs(other.value() - value) < 0.01);
        if (known || !motion.range().holds(value, 0.01) || Math.abs(value - motion.value()) < 0.01) {
            return;
        }
        String part = analysis.rig().title(motion.key().placement());
        String unit = motion.freedom().unit();
        String title = motion.freedom() instanceof Freedom.Slide
                ? "Slide " + part + " " + Words.mm(Math.abs(value - motion.value())) + ", to " + Words.one(value)
                : "Turn " + part + " to " + Words.one(value) + unit;
        all.add(new Candidate("nudge", title, PartEdits.set(analysis, motion.key(), value, false)));
    }
}
