package wideharbor.core.analysis;

import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;
import wideharbor.core.catalog.Capability;
import wideharbor.core.geometry.Vec3;

/** Where the hands of who carries a rig on the shoulder are. */
public final class Grips {
    /** What is nearer to the pad than this gives the hands no arm, mm. */
    public static final double LEAST_ARM_MM = 60;

    private Grips() {}

    /** Pad to grips along the axis, mm; empty when nothing on the rig is there to be held. */
    public static OptionalDouble padToGrips(RigAnalysis analysis) {
        var world = analysis.rig().world();
        return foremost(analysis)
                .map(at -> OptionalDouble.of(at.minus(world.datum()).dot(world.forward())))
                .orElseGet(OptionalDouble::empty);
    }

    /** The foremost handhold ahead of the pad, rig frame. */
    public static Optional<Vec3> foremost(RigAnalysis analysis) {
        var world = analysis.rig().world();
        return analysis.rig().attached().stream()
                .filter(p -> p.type().can(Capability.IS_HANDHOLD))
                .map(p -> p.pose().apply(p.type().links().get(0).centreOfMass()))
                .filter(at -> at.minus(world.datum()).dot(world.forward()) > LEAST_ARM_MM)
                .max(Comparator.comparingDouble(at -> at.dot(world.forward())));
    }
}
