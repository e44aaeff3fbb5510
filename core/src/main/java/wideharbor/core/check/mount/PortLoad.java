package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** No port carries more than it is rated for, in weight or in moment. */
final class PortLoad implements Check {
    private static final double G = 9.80665;

    private static final CheckCard CARD = new CheckCard(
            "ports.load",
            "mount",
            "Ports within their rating",
            "every joint whose port or standard has a rating",
            "the weight on the side away from the support, and its moment about the port, stay within the rating",
            "a shoe or screw over its rating creeps first and gives way later",
            "load = Σ m; moment = |(c − p) × m·g|, N·m",
            "statics; ratings by the makers, light loads by the mounting standard",
            Severity.STOP,
            false);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Joint joint : analysis.rig().locatingJoints()) {
            Limit limit = limit(analysis, joint);
            if (limit.grams() > 0 || limit.momentNm() > 0) {
                judge(analysis, joint, limit, results);
            }
        }
    }

    /** The weaker of both ports; 0 where neither is rated. */
    private record Limit(double grams, double momentNm, PortRef weaker) {}

    private static Limit limit(RigAnalysis analysis, Joint joint) {
        Rig rig = analysis.rig();
        Port on = rig.port(joint.parent());
        Port own = rig.port(joint.child());
        double grams = weaker(on.rating().loadGrams(), own.rating().loadGrams());
        double moment = weaker(on.rating().momentNm(), own.rating().momentNm());
        Standard standard = analysis.standards().require(on.standard());
        boolean locked = on.working().secured() || own.working().secured();
        if (grams == 0 && !locked) {
            grams = standard.loadGrams();
        }
        boolean childIsWeaker = own.rating().loadGrams() > 0 && own.rating().loadGrams() == grams
                || own.rating().momentNm() > 0 && own.rating().momentNm() == moment;
        return new Limit(grams, moment, childIsWeaker ? joint.child() : joint.parent());
    }

    private static double weaker(double a, double b) {
        if (a == 0 || b == 0) {
            return Math.max(a, b);
        }
        return Math.min(a, b);
    }

    private static void judge(RigAnalysis analysis, Joint joint, Limit limit, Results results) {
        Rig rig = analysis.rig();
        Mass load = Mass.of(rig, rig.loadOn(joint));
        String port = rig.port(limit.weaker()).title() + " of "
                + rig.title(limit.weaker().placement());
        About about = About.of("weighed", joint(joint.id()));
        if (!load.isComplete()) {
            results.notChecked(about, "no mass on file for " + String.join(", ", load.unweighed()) + ", on " + port);
            return;
        }
        Vec3 at = rig.require(joint.parent().placement())
                .portPose(joint.parent().port())
                .at();
        Vec3 arm = load.centre().minus(at).times(0.001);
        double moment =
                arm.cross(rig.world().up().times(-load.grams() / 1000 * G)).length();
        if (limit.grams() > 0 && load.grams() > limit.grams() + 1e-6) {
            Evidence evidence =
                    Evidence.Amount.atMost(load.grams(), limit.grams(), "g").ranging(load.range(), Figure.Source.MAKER);
            results.found(
                    about.as("load"),
                    Words.kg(load.grams()) + " on " + port + ", rated for " + Words.kg(limit.grams()),
                    evidence,
                    "All that hangs on it counts, not the first part alone.");
        } else if (limit.grams() > 0 && load.range().to() > limit.grams() + 1e-6) {
            results.undecided(
                    about.as("load"),
                    "The load on " + port + " may pass its rating",
                    Evidence.Amount.atMost(load.grams(), limit.grams(), "g").ranging(load.range(), Figure.Source.MAKER),
                    "The masses on file are not exact enough to tell.");
        } else if (limit.momentNm() > 0 && moment > limit.momentNm() + 1e-9) {
            results.found(
                    about.as("moment"),
                    Words.two(moment) + " N·m on " + port + ", rated for " + Words.two(limit.momentNm()),
                    Evidence.Amount.atMost(moment, limit.momentNm(), "N·m"),
                    "The weight is small enough, its lever too long.");
        } else {
            results.fine();
        }
    }
}
