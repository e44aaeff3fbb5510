package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.type;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;

/** The kit holds the spares that the brief asks for. */
final class SparesPacked implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("package.spares")
            .family("brief")
            .title("Spares are packed")
            .subjects("every type on the rig of a category that the brief wants spares of")
            .expectation("so many more of it are in the kit")
            .because("a cable breaks on the first morning, forty kilometres from the house")
            .source("the brief’s policy of spares")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Asks.Spare spare : analysis.job().brief().asks().spares()) {
            Set<ItemType> onRig = new LinkedHashSet<>();
            analysis.rig().attached().forEach(p -> onRig.add(p.type()));
            analysis.rig()
                    .content()
                    .cables()
                    .forEach(c -> onRig.add(analysis.catalogue().require(c.type())));
            for (ItemType type : onRig) {
                if (type.category().name().equals(spare.category())) {
                    judge(analysis, type, spare.pieces(), results);
                }
            }
        }
    }

    private static void judge(RigAnalysis analysis, ItemType type, int need, Results results) {
        int has = analysis.kit().count(type.ref());
        if (has >= need) {
            results.fine();
            return;
        }
        results.found(
                About.of("spare", type(type.ref())),
                (need - has) + " more " + type.name() + " to spare",
                Evidence.Amount.atLeast(has, need, "pieces"),
                "The brief wants " + need + " in the kit beside what is on the rig.");
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Evidence.Amount amount = (Evidence.Amount) finding.evidence();
        int missing = (int) Math.round(amount.neededFrom() - amount.measured());
        return analysis.catalogue().find(finding.key().type()).stream()
                .map(t -> new Candidate(
                        "pack",
                        "Pack " + missing + " more " + t.name(),
                        List.of(Scoped.kit(new Command.AddKit(t.ref(), missing)))))
                .toList();
    }
}
