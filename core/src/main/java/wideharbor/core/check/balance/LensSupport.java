package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Limit;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** A heavy or long lens is braced, and the brace does not lift the mount. */
final class LensSupport implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("lens.support")
            .family("balance")
            .title("Lens support where the mount needs it")
            .subjects("the lens on the body's mount, with all it carries")
            .expectation("moment, length and mass stay under the mount's limits, or a support that touches it "
                    + "braces the lens ahead of the flange")
            .because("a long lens bends an alloy mount, worst in travel")
            .formula("moment = |(c − p) × m·g|; with braces at z_i: R_i = W·z·z_i / Σ z_j², the mount W − Σ R_i")
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
        if (!lens.carried().isComplete()) {
            results.notChecked(
                    About.of("weighed", part(lens.lens())),
                    "no mass on file for " + String.join(", ", lens.carried().unweighed()));
        } else if (lens.isBraced()) {
            braced(lens, results);
        } else {
            unbraced(lens, results);
        }
    }

    private static void unbraced(LensMoment lens, Results results) {
        RigAnalysis analysis = results.analysis();
        results.judgeFirst(List.of(
                limit(results, lens, "moment", Judgement.atMost(lens.moment(), lens.limitNm(), "N·m")),
                limit(
                        results,
                        lens,
                        "length",
                        Judgement.atMost(lens.lengthMm(), analysis.rule(Rule.MOUNT_LENGTH), 0, "mm")),
                limit(
                        results,
                        lens,
                        "mass",
                        Judgement.atMost(lens.carried().sum(at -> 1), analysis.rule(Rule.MOUNT_MASS), "g"))));
    }

    private static Limit limit(Results results, LensMoment lens, String aspect, Judgement fact) {
        return new Limit(
                fact,
                new Told(
                        About.of(aspect, part(lens.lens())),
                        results.analysis().rig().title(lens.lens()) + " needs a lens support",
                        "The mount alone would carry "
                                + Words.two(lens.moment().value()) + " N·m over " + Words.length(lens.lengthMm())
                                + "; set the support under it before the lens is let go.",
                        lens.carried().widest(at -> 1)));
    }

    private static void braced(LensMoment lens, Results results) {
        RigAnalysis analysis = results.analysis();
        String title = analysis.rig().title(lens.lens());
        String widest = lens.carried().widest(at -> 1);
        results.judge(
                Severity.CAUTION,
                Judgement.atLeast(lens.mountNewton(), 0, "N"),
                new Told(
                        About.of("lifts", part(lens.lens())),
                        title + " lifts its mount by "
                                + Words.one(-lens.mountNewton().value()) + " N",
                        "The support at "
                                + Words.length(lens.braces().get(0).atMm())
                                + " stands behind the lens's centre of mass; move it forward.",
                        widest));
        for (LensMoment.Brace brace : lens.braces()) {
            analysis.rig()
                    .port(brace.port())
                    .rating()
                    .loadGrams()
                    .ifPresent(grams -> results.judge(
                            Judgement.atMost(brace.newton(), grams / 1000 * Statics.G, "N"),
                            new Told(
                                    About.of("brace", part(lens.lens()), part(brace.by())),
                                    analysis.rig().title(brace.by()) + " bears "
                                            + Words.one(brace.newton().value()) + " N of " + title,
                                    "Its maker rates it for less; a second support shares it.",
                                    widest)));
        }
    }
}
