package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.part;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** An arm holds what hangs on its tip, at the angle at which it stands. */
final class ArmRating implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("arms.rating")
            .family("mount")
            .title("Arms hold at their angle")
            .subjects("every arm with a rating that carries something")
            .expectation(
                    "the moment at the base stays under the rating at the arm's elevation, with a margin against drift")
            .because("an arm that holds upright may sink when it reaches out level")
            .formula("moment = m·g·reach·cos(elevation)")
            .source("statics; rating curve by the maker")
            .severity(Severity.STOP)
            .build();

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

    private static void judge(RigAnalysis analysis, Placed arm, RiggingFacet.Arm facet, Results results) {
        Rig rig = analysis.rig();
        Optional<Joint> carried = rig.carriedBy(arm.id()).stream()
                .filter(j -> j.parent().port().equals(facet.tipPort()))
                .findFirst();
        if (carried.isEmpty()) {
            return;
        }
        Set<PlacementId> hung =
                new LinkedHashSet<>(rig.subtree(carried.get().child().placement()));
        hung.add(arm.id());
        Mass load = Mass.of(rig, hung);
        if (!load.isComplete()) {
            results.notChecked(
                    About.of("moment", part(arm.id())), "no mass on file for " + String.join(", ", load.unweighed()));
            return;
        }
        Vec3 base = arm.portPose(facet.basePort()).at();
        Vec3 reach = load.centre().minus(base);
        double up = reach.dot(rig.world().up());
        double level = Math.sqrt(Math.max(0, reach.dot(reach) - up * up));
        double elevation = Math.toDegrees(Math.atan2(up, level));
        Vec3 out = reach.minus(rig.world().up().times(up));
        Vec3 ahead = level < 1e-6 ? rig.world().forward() : out.unit();
        Ranged moment = load.sum(at -> at.minus(base).dot(ahead)).map(Statics::newtonMetres);
        double rating = facet.momentAt(elevation);
        Judgement held = Judgement.atMost(moment, rating, "N·m");
        results.judge(
                Judgement.atMost(moment, rating * analysis.rule(Rule.ARM_DRIFT), "N·m"),
                held,
                new Told(
                        About.of("moment", part(arm.id())),
                        arm.title() + " bears " + Words.two(moment.value()) + " N·m, rated " + Words.two(rating)
                                + " at " + Words.one(elevation) + "°",
                        held.isFine()
                                ? "Over this share of its rating it drifts during the day."
                                : "It sinks at this angle; shorten the reach or raise it.",
                        load.widest(at -> at.minus(base).dot(ahead))));
    }
}
