package wideharbor.core.analysis;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wideharbor.core.catalog.Capability;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.people.Holds;
import wideharbor.core.rig.Placed;

/** Where the hands of who carries a rig on the shoulder are. */
public final class Grips {
    /** What is nearer to the pad than this gives the hands no arm, mm. */
    public static final double LEAST_ARM_MM = 60;

    private Grips() {}

    /** Pad to grips along the axis, mm; empty when nothing on the rig is there to be held. */
    public static OptionalDouble padToGrips(RigAnalysis analysis) {
        var world = analysis.rig().world();
        return held(analysis)
                .map(at -> OptionalDouble.of(at.minus(world.datum()).dot(world.forward())))
                .orElseGet(OptionalDouble::empty);
    }

    /**
     * Between the hands, rig frame: the foremost grip ahead of the pad on each side of the lens, or the one there is. A
     * handle over the camera is for carrying: nobody steers from there with the rig on the shoulder. Two hands that
     * push alike do it as one halfway between them would.
     */
    public static Optional<Vec3> held(RigAnalysis analysis) {
        var world = analysis.rig().world();
        List<Vec3> ahead = analysis.rig().attached().stream()
                .filter(p -> p.type().can(Capability.IS_HANDHOLD) && !Holds.isOverhead(world, p))
                .map(Placed::middle)
                .filter(at -> at.minus(world.datum()).dot(world.forward()) > LEAST_ARM_MM)
                .toList();
        List<Vec3> hands = Stream.<Predicate<Vec3>>of(at -> at.dot(world.left()) >= 0, at -> at.dot(world.left()) < 0)
                .flatMap(side ->
                        ahead.stream()
                                .filter(side)
                                .max(Comparator.comparingDouble(at -> at.dot(world.forward())))
                                .stream())
                .toList();
        return hands.stream().reduce(Vec3::plus).map(sum -> sum.times(1.0 / hands.size()));
    }
}
