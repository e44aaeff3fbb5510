package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** An arm holds what hangs on its tip, at the angle at which it stands. */
final class ArmRating implements Check {
    private static final double NOTHING = 1e-9;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("arms.rating")
            .family("mount")
            .title("Arms hold at their angle")
            .subjects("every arm with a rating that carries something")
            .expectation(
                    "the moment at each hinge stays under the rating at the elevation of what it holds, with a margin"
                            + " against drift")
            .because("an arm that holds upright may sink when it reaches out level")
            .formula("moment = m·g·reach·cos(elevation), from the hinge that slips, about its axis")
            .source("statics; rating curve by the maker")
            .severity(Severity.STOP)
            .build()
            .by(Rule.ARM_DRIFT);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed arm : analysis.rig().attached()) {
            arm.type().facet(RiggingFacet.Arm.class).ifPresent(facet -> judge(analysis, arm, facet, results));
        }
    }

    /**
     * What one joint of an arm holds.
     *
     * @param load what lies beyond it
     * @param moment about its axis, N·m; of an arm without hinges of its own the whole moment at its base
     * @param rating at the elevation of the load seen from the joint
     * @param widest the part to weigh first where that is not certain
     */
    private record Held(String joint, Mass load, double elevation, Ranged moment, double rating, String widest) {
        double share() {
            return moment.range().to() / rating;
        }
    }

    private static void judge(RigAnalysis analysis, Placed arm, RiggingFacet.Arm facet, Results results) {
        Rig rig = analysis.rig();
        if (rig.carriedBy(arm.id()).stream().noneMatch(j -> j.parent().port().equals(facet.tipPort()))) {
            return;
        }
        List<Held> joints = joints(rig, arm, facet);
        List<String> unweighed = joints.stream()
                .flatMap(h -> h.load().unweighed().stream())
                .distinct()
                .toList();
        if (!unweighed.isEmpty()) {
            results.notChecked(
                    About.of("moment", part(arm.id())), "no mass on file for " + String.join(", ", unweighed));
            return;
        }
        Held worst =
                joints.stream().max(Comparator.comparingDouble(Held::share)).orElseThrow();
        Judgement holds = Judgement.atMost(worst.moment(), worst.rating(), "N·m");
        results.judge(
                Judgement.atMost(worst.moment(), worst.rating() * analysis.rule(Rule.ARM_DRIFT), "N·m"),
                holds,
                new Told(
                        About.of("moment", part(arm.id())),
                        arm.title() + " bears " + Words.two(worst.moment().value()) + " N·m" + worst.joint()
                                + ", rated " + Words.two(worst.rating()) + " at " + Words.one(worst.elevation()) + "°",
                        holds.isFine()
                                ? "Over this share of its rating it drifts during the day."
                                : "It sinks at this angle; shorten the reach or raise it.",
                        worst.widest()));
    }

    /** Each hinge of the arm that turns what hangs on its tip; the base of an arm that has none. */
    private static List<Held> joints(Rig rig, Placed arm, RiggingFacet.Arm facet) {
        List<Held> all = new ArrayList<>();
        String tip = arm.type().port(facet.tipPort()).orElseThrow().link();
        for (Motion motion : rig.motions()) {
            boolean own = motion.joint().isEmpty() && motion.key().placement().equals(arm.id());
            if (own && motion.freedom() instanceof Freedom.Rotate hinge) {
                Moved moved = new Moved(rig, motion);
                if (moved.links().contains(tip)) {
                    Vec3 axis = moved.frame().turn(hinge.axis().direction());
                    all.add(held(
                            rig,
                            facet,
                            " at its " + hinge.title(),
                            Mass.beyond(moved),
                            moved.frame().at(),
                            axis));
                }
            }
        }
        if (all.isEmpty()) {
            Vec3 base = arm.portPose(facet.basePort()).at();
            Mass load = Mass.of(rig, rig.subtree(arm.id()));
            Vec3 turned = load.centre().minus(base).cross(rig.world().up().negated());
            all.add(held(rig, facet, "", load, base, turned.length() < NOTHING ? Vec3.LEFT : turned.unit()));
        }
        return all;
    }

    private static Held held(Rig rig, RiggingFacet.Arm facet, String joint, Mass load, Vec3 at, Vec3 axis) {
        Vec3 up = rig.world().up();
        Vec3 reach = load.centre().minus(at);
        double high = reach.dot(up);
        double level = Math.sqrt(Math.max(0, reach.dot(reach) - high * high));
        double elevation = Math.toDegrees(Math.atan2(high, level));
        Vec3 down = up.negated();
        return new Held(
                joint,
                load,
                elevation,
                load.turning(at, axis, down).map(Statics::newtonMetres),
                facet.momentAt(elevation),
                load.widestTurning(at, axis, down));
    }
}
