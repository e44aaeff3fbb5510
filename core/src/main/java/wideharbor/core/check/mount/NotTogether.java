package wideharbor.core.check.mount;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Relation;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;

/** Parts that exclude each other are not on the rig together. */
final class NotTogether implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("mount.not-together")
            .family("mount")
            .title("Parts that exclude each other are apart")
            .subjects("every part that names another it cannot be used with")
            .expectation("the other is not on the rig in this configuration")
            .because("each goes on, but one hinders, blinds or overloads the other")
            .source("relations of the part in the catalogue")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed placed : analysis.rig().attached()) {
            for (Relation apart : placed.type().relations(Relation.Kind.EXCLUDES)) {
                List<Placed> with = analysis.rig().attached().stream()
                        .filter(o -> !o.id().equals(placed.id()) && apart.means(o.type()))
                        .toList();
                if (with.isEmpty()) {
                    results.fine();
                }
                for (Placed other : with) {
                    results.found(
                            together(placed, other),
                            placed.title() + " cannot be used with " + other.title(),
                            new Evidence.Statement("both on the rig", "one of the two"),
                            apart.why());
                }
            }
        }
    }

    private static About together(Placed one, Placed other) {
        return new About(
                "together",
                Stream.of(one.id(), other.id()).sorted().map(Subject::part).toList());
    }

    /**
     * Either of the two comes off; only one that carries nothing can, or what hangs on it would be a stop of its own.
     */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return finding.key().parts().stream()
                .map(id -> new Candidate(
                        "take-off",
                        "Take " + analysis.rig().title(id) + " off",
                        List.of(new Scoped(analysis.scopeOf(id), new Command.Remove(id)))))
                .toList();
    }
}
