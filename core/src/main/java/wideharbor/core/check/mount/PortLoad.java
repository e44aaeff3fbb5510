package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Limit;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** No port carries more than it is rated for, in weight or in moment. */
final class PortLoad implements Check {
    private static final double ROUNDING = 1e-6;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("ports.load")
            .family("mount")
            .title("Ports within their rating")
            .subjects("every joint whose port or standard has a rating")
            .expectation("the weight on the side away from the support, and its moment about the port, stay within "
                    + "the rating")
            .because("a shoe or screw over its rating creeps first and gives way later")
            .formula("load = Σ m; moment = |(c − p) × m·g|, N·m")
            .source("statics; ratings by the makers, light loads by the mounting standard")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Joint joint : analysis.rig().locatingJoints()) {
            Rated limit = rated(analysis, joint);
            if (limit.grams().isPresent() || limit.momentNm().isPresent()) {
                judge(analysis, joint, limit, results);
            }
        }
    }

    /** The weaker of both ports; absent where neither is rated. */
    private record Rated(Optional<Double> grams, Optional<Double> momentNm, PortRef weaker) {
        double mostGrams() {
            return grams.orElse(Double.POSITIVE_INFINITY);
        }

        double mostNm() {
            return momentNm.orElse(Double.POSITIVE_INFINITY);
        }
    }

    private static Rated rated(RigAnalysis analysis, Joint joint) {
        Rig rig = analysis.rig();
        Port on = rig.port(joint.parent());
        Port own = rig.port(joint.child());
        Optional<Double> grams = weaker(on.rating().loadGrams(), own.rating().loadGrams());
        Optional<Double> moment = weaker(on.rating().momentNm(), own.rating().momentNm());
        Standard standard = analysis.standards().require(on.standard());
        boolean locked = on.working().secured() || own.working().secured();
        if (grams.isEmpty() && !locked && standard.loadGrams() > 0) {
            grams = Optional.of(standard.loadGrams());
        }
        boolean childIsWeaker =
                own.rating().loadGrams().isPresent() && own.rating().loadGrams().equals(grams)
                        || own.rating().momentNm().isPresent()
                                && own.rating().momentNm().equals(moment);
        return new Rated(grams, moment, childIsWeaker ? joint.child() : joint.parent());
    }

    private static Optional<Double> weaker(Optional<Double> a, Optional<Double> b) {
        return a.isPresent() && (b.isEmpty() || a.get() <= b.get()) ? a : b;
    }

    private static void judge(RigAnalysis analysis, Joint joint, Rated limit, Results results) {
        Rig rig = analysis.rig();
        Mass load = Mass.of(rig, rig.loadOn(joint));
        String port = rig.port(limit.weaker()).title() + " of "
                + rig.title(limit.weaker().placement());
        About about = About.of("weighed", joint(joint.id()));
        if (!load.isComplete()) {
            results.notChecked(about, "no mass on file for " + String.join(", ", load.unweighed()) + ", on " + port);
            return;
        }
        String widest = load.widest(at -> 1);
        Vec3 at = rig.require(joint.parent().placement())
                .portPose(joint.parent().port())
                .at();
        Ranged moment = load.moment(at, rig.world().up().times(-1)).map(Statics::newtonMetres);
        results.judgeFirst(List.of(
                new Limit(
                        Judgement.atMost(load.sum(p -> 1), limit.mostGrams(), ROUNDING, "g"),
                        new Told(
                                about.as("load"),
                                Words.kg(load.grams()) + " on " + port + ", rated for " + Words.kg(limit.mostGrams()),
                                "All that hangs on it counts, not the first part alone.",
                                widest)),
                new Limit(
                        Judgement.atMost(moment, limit.mostNm(), ROUNDING, "N·m"),
                        new Told(
                                about.as("moment"),
                                Words.two(moment.value()) + " N·m on " + port + ", rated for "
                                        + Words.two(limit.mostNm()),
                                "The weight is small enough, its lever too long.",
                                widest))));
    }
}
