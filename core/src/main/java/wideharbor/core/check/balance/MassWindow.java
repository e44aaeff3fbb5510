package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.CarriedMass;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** The carried mass lies in the brief's window and the support's payload, with each lens. */
final class MassWindow implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.mass-window")
            .family("balance")
            .title("Mass within the brief's window")
            .subjects("what the support carries, per lens")
            .expectation("the carried mass lies between the brief's floor and ceiling and within the support's payload")
            .because("below the floor the picture is nervous, above the ceiling the day is too long for who carries it")
            .formula("M = sum of the masses on the body's side of the support")
            .source("brief; payload by the support's maker")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        CarriedMass carried = CarriedMass.of(analysis);
        Subject support = part(analysis.rig().configuration().support());
        if (!carried.lifted().isComplete()) {
            results.notChecked(
                    About.of("weighed", support),
                    "no mass on file for " + String.join(", ", carried.lifted().unweighed()));
            return;
        }
        carried.payload()
                .ifPresent(p -> judge(
                        results,
                        About.of("payload", support),
                        p,
                        new Limit(Severity.STOP, "Outside its payload the head springs back or drops.")));
        carried.brief()
                .ifPresent(w -> judge(
                        results,
                        About.of("brief", support),
                        w,
                        new Limit(Severity.CAUTION, "The brief's window for the carried mass.")));
    }

    /** How much a limit weighs, and why there is one. */
    private record Limit(Severity severity, String why) {}

    private static void judge(Results results, About about, Judgement mass, Limit limit) {
        boolean heavy = mass.value() > (Math.max(mass.from(), 0) + mass.to()) / 2;
        double by = heavy ? mass.value() - mass.to() : mass.from() - mass.value();
        String title = mass.isUndecided()
                ? "carried mass " + Words.kg(mass.value()) + " is outside the " + about.aspect() + "'s window"
                : Words.kg(by) + (heavy ? " over the " : " under the ") + about.aspect() + "'s limit";
        String widest = results.analysis().lifted().widest(at -> 1);
        results.judge(limit.severity(), mass, new Told(about, title, limit.why(), widest));
    }
}
