package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.whole;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Category;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.Resting;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;

/** A rig that is held can be put down: it stands on parts made to bear it, and stays standing. */
final class SetDown implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("access.set-down")
            .family("access")
            .title("It can be put down")
            .subjects("every rig that is not on legs")
            .expectation("on a table it stands on plates, rods, cage or handles, not on glass, screens or cells, and "
                    + "a knock "
                    + "does not tip it")
            .because("somebody puts it down within the first minute")
            .formula("the plane under all corners that is highest below the centre of mass; margin = least distance "
                    + "inside what touches")
            .source("geometry; masses as on file")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();
    private static final Set<Category> TENDER = EnumSet.of(
            Category.LENS,
            Category.VIEWFINDER,
            Category.MONITOR,
            Category.BATTERY,
            Category.TRANSMISSION,
            Category.SOUND,
            Category.TIMECODE,
            Category.MATTE_BOX);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        boolean onLegs = rig.attached().stream()
                .anyMatch(p -> p.type().category() == Category.LEGS || p.type().category() == Category.HEAD);
        Mass mass = Mass.of(rig, rig.subtree(rig.content().root()));
        if (onLegs || mass.grams() <= 0) {
            return;
        }
        Resting.of(rig, analysis.clearances(), mass.centre()).ifPresent(rest -> judge(analysis, rest, results));
    }

    private static void judge(RigAnalysis analysis, Resting rest, Results results) {
        Rig rig = analysis.rig();
        List<PlacementId> tender = rest.contacts().stream()
                .filter(id -> TENDER.contains(rig.require(id).type().category()))
                .toList();
        if (!tender.isEmpty()) {
            results.found(
                    About.of("rests", whole()),
                    "Put down, it rests on "
                            + String.join(
                                    " and ", tender.stream().map(rig::title).toList()),
                    new Evidence.Statement(
                            String.join(
                                    ", ",
                                    rest.contacts().stream().map(rig::title).toList()),
                            "plates, rods, cage, pad or handles"),
                    "As it is worn it leans " + Words.one(rest.leanDegrees())
                            + "° on the table. Keep a stand or a saddle for it.");
            return;
        }
        double need = analysis.rule(Rule.SET_DOWN_MARGIN);
        if (rest.marginMm() < need) {
            results.found(
                    About.of("margin", whole()),
                    "Put down, it tips at a knock",
                    Evidence.Amount.atLeast(rest.marginMm(), need, "mm"),
                    "The centre of mass stands " + Words.mm(rest.marginMm())
                            + " inside what touches the table. Keep a stand or a saddle for it.");
            return;
        }
        results.fine();
    }
}
