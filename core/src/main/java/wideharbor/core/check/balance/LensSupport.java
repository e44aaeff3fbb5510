package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Words;

/** A heavy or long lens is braced, and the brace does not lift the mount. */
final class LensSupport implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("lens.support")
            .family("balance")
            .title("Lens support where the mount needs it")
            .subjects("the lens on the body's mount, with all it carries")
            .expectation("moment, length and mass stay under the mount's limits, or a support braces the lens")
            .because("a long lens bends an alloy mount, worst in travel")
            .formula("moment = W·z_cm; with support at z_s: R_s = W·z_cm/z_s, R_m = W − R_s")
            .source("statics, the mount taken as a pin; limits by mount and house rule")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.lensMoment().isEmpty()) {
            return;
        }
        LensMoment lens = analysis.lensMoment().get();
        String title = analysis.rig().title(lens.lens());
        if (!lens.carried().isComplete()) {
            results.notChecked(
                    About.of("weighed", part(lens.lens())),
                    "no mass on file for " + String.join(", ", lens.carried().unweighed()));
        } else if (lens.support().isPresent()) {
            braced(lens, title, results);
        } else if (lens.momentNm() > lens.limitNm()) {
            needs(results, lens, "moment", Evidence.Amount.atMost(lens.momentNm(), lens.limitNm(), "N·m"));
        } else if (lens.lengthMm() > analysis.rule(Rule.MOUNT_LENGTH)) {
            needs(
                    results,
                    lens,
                    "length",
                    Evidence.Amount.atMost(lens.lengthMm(), analysis.rule(Rule.MOUNT_LENGTH), "mm"));
        } else if (lens.carried().grams() > analysis.rule(Rule.MOUNT_MASS)) {
            needs(
                    results,
                    lens,
                    "mass",
                    Evidence.Amount.atMost(lens.carried().grams(), analysis.rule(Rule.MOUNT_MASS), "g"));
        } else {
            results.fine();
        }
    }

    private static void needs(Results results, LensMoment lens, String limit, Evidence evidence) {
        String title = results.analysis().rig().title(lens.lens());
        results.found(
                About.of(limit, part(lens.lens())),
                title + " needs a lens support",
                evidence,
                "The mount alone would carry " + Words.two(lens.momentNm()) + " N·m over "
                        + Words.length(lens.lengthMm()) + "; set the support under it before the lens is let go.");
    }

    private static void braced(LensMoment lens, String title, Results results) {
        LensMoment.Reactions r = lens.support().orElseThrow();
        if (r.mountNewton() < 0) {
            results.found(
                    Severity.CAUTION,
                    About.of("lifts", part(lens.lens())),
                    title + " lifts its mount by " + Words.one(-r.mountNewton()) + " N",
                    Evidence.Amount.atLeast(r.mountNewton(), 0, "N"),
                    "The support at " + Words.length(r.atMm())
                            + " stands behind the lens's centre of mass; move it forward.");
        } else {
            results.fine();
        }
    }
}
