package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.setting;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.PartEdits;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** A slide or turn stands inside its travel and on a tooth. Clamps on rods are judged by the reach of the rods. */
final class SettingInRange implements Check {
    private static final double SLACK = 0.05;
    private static final double TOOTH_SLACK = 0.02;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("settings.range")
            .family("mount")
            .title("Settings stand inside their travel")
            .subjects("every slide and rotation but clamps on rods")
            .expectation("the value lies within the travel, and on a tooth where there are teeth")
            .because("past the end a clamp holds less than its length; between teeth a rosette slips to the next")
            .formula("travel = carrier − clamp − stops")
            .source("geometry")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Motion motion : motions(analysis.rig())) {
            if (!onRods(motion, analysis)) {
                judge(analysis.rig(), motion, results);
            }
        }
    }

    private static List<Motion> motions(Rig rig) {
        List<Motion> all = new ArrayList<>(rig.motions());
        rig.closings().forEach(c -> all.addAll(c.settings()));
        return all;
    }

    private static boolean onRods(Motion motion, RigAnalysis analysis) {
        if (!motion.alongCarrier()) {
            return false;
        }
        String standard = analysis.rig()
                .require(motion.key().placement())
                .port(motion.key().port())
                .standard();
        return analysis.standards().require(standard).family() == Standard.Family.ROD;
    }

    private static void judge(Rig rig, Motion motion, Results results) {
        String part = rig.title(motion.key().placement());
        String unit = motion.freedom().unit();
        String what = motion.freedom().title();
        if (!motion.range().holds(motion.value(), SLACK)) {
            boolean low = motion.value() < motion.range().from();
            double past = low
                    ? motion.range().from() - motion.value()
                    : motion.value() - motion.range().to();
            results.found(
                    About.of("range", setting(motion.key())),
                    part + ": " + what + " " + Words.one(past) + " " + unit + " past its end",
                    Evidence.Amount.between(
                            motion.value(),
                            motion.range().from(),
                            motion.range().to(),
                            unit),
                    "Travel is what carrier, clamp and stops leave.");
        } else if (betweenTeeth(motion)) {
            results.found(
                    About.of("teeth", setting(motion.key())),
                    part + ": " + what + " " + Words.one(motion.value()) + " " + unit + " is between teeth",
                    new Evidence.Statement(
                            Words.one(motion.value()) + " " + unit,
                            "steps of " + Words.one(motion.freedom().step()) + " " + unit),
                    "It slips to the next tooth when it is loaded.");
        } else {
            results.fine();
        }
    }

    private static boolean betweenTeeth(Motion motion) {
        double step = motion.freedom().step();
        if (step <= 0) {
            return false;
        }
        double teeth = motion.value() / step;
        return Math.abs(teeth - Math.rint(teeth)) > TOOTH_SLACK;
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        SettingKey key = finding.key().setting();
        return motions(analysis.rig()).stream()
                .filter(m -> m.key().equals(key))
                .map(m -> toNearest(m, analysis))
                .toList();
    }

    private static Candidate toNearest(Motion motion, RigAnalysis analysis) {
        double value = motion.settable(motion.value());
        String unit = motion.freedom().unit();
        return new Candidate(
                "set",
                "Set " + analysis.rig().title(motion.key().placement()) + " to " + Words.one(value) + " " + unit,
                PartEdits.set(analysis, motion.key(), value, false));
    }
}
