package wideharbor.core.check.balance;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;

/** What the hands hold when a rig lies on the shoulder. */
public final class ShoulderHold implements Check {
    private static final CheckCard CARD = new CheckCard(
            "balance.shoulder",
            "balance",
            "The hands hold little on the shoulder",
            "what lies on a shoulder, per lens",
            "the force at the grips that keeps the rig level is small",
            "the shoulder should carry it; the hands should steer",
            "F = m·g·Δz / L",
            "statics; limits by the house",
            Severity.STOP,
            true);
    private static final double LEAST_ARM = 60;

    @Override
    public CheckCard card() {
        return CARD;
    }

    /** Pad to grips along the axis, mm; empty when nothing on the rig is there to be held. */
    public static OptionalDouble padToGrips(CheckContext context) {
        var world = context.rig().world();
        return grips(context)
                .map(at -> OptionalDouble.of(at.minus(world.datum()).dot(world.forward())))
                .orElseGet(OptionalDouble::empty);
    }

    /** Where the hands are: the foremost handhold ahead of the pad, rig frame. */
    public static Optional<Vec3> grips(CheckContext context) {
        var world = context.rig().world();
        return context.rig().attached().stream()
                .filter(p -> p.type().can(Capability.IS_HANDHOLD))
                .map(p -> p.pose().apply(p.type().links().get(0).centreOfMass()))
                .filter(at -> at.minus(world.datum()).dot(world.forward()) > LEAST_ARM)
                .max(Comparator.comparingDouble(at -> at.dot(world.forward())));
    }

    @Override
    public void run(CheckContext context, Results results) {
        Posture.of(context, Facet.Support.Way.SHOULDER).ifPresent(posture -> {
            if (Posture.isWeighed(posture, results)) {
                judge(context, posture, results);
            }
        });
    }

    private static void judge(CheckContext context, Posture posture, Results results) {
        String pad = posture.support().id();
        OptionalDouble arm = padToGrips(context);
        if (arm.isEmpty()) {
            results.found(
                    List.of(pad, "grips"),
                    "Nothing ahead of the pad to hold",
                    new Evidence.Statement(
                            "no grip more than " + Say.length(LEAST_ARM) + " ahead", "grips within reach"),
                    "Without grips the rig falls forward or back off the shoulder.");
            return;
        }
        double newton = Statics.handForce(posture.carried().grams(), posture.aheadMm(), arm.getAsDouble());
        double caution = context.rule(Rule.HAND_CAUTION);
        double stop = context.rule(Rule.HAND_STOP);
        if (Math.abs(newton) <= caution) {
            results.fine();
            return;
        }
        double flange = -context.rig().world().datum().dot(context.rig().world().forward());
        results.found(
                Math.abs(newton) > stop ? Severity.STOP : Severity.CAUTION,
                List.of(pad, "hands"),
                "Hands " + (newton > 0 ? "hold up " : "pull down ") + Say.one(Math.abs(newton)) + " N"
                        + Posture.withLens(context),
                Evidence.Amount.between(newton, -caution, caution, "N"),
                "The centre of mass is " + Say.mm(Math.abs(posture.aheadMm()))
                        + (posture.aheadMm() > 0 ? " ahead of" : " behind") + " the pad's middle, the grips "
                        + Say.length(arm.getAsDouble()) + " ahead; from flange to shoulder it is " + Say.length(flange)
                        + ".");
    }

    /** The pad further forward or back under the centre of mass. */
    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        return Slides.balancing(context);
    }
}
