package wideharbor.core.check.ways;

import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Preferences;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.job.Subject;

/**
 * A rig is built as the house, the operator or the job wants it; each miss names the answer that wanted it otherwise.
 */
final class BuiltAsWanted implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("ways.wanted")
            .family("ways")
            .title("Built as it is wanted")
            .subjects("every chosen way of working that wants a rig built in some way")
            .expectation("the rig is built so; the house’s wish is mentioned, the operator’s or the job’s is read")
            .because("people reach for things where they are used to find them; it is never a reason against "
                    + "what is safe")
            .source("ways of working of the house, the operator and the job")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        TraitView look = new TraitView(analysis);
        for (Preferences.Wanted wanted : analysis.rules().ways().wanted()) {
            List<TraitView.Miss> misses = BuildTraits.misses(wanted.trait(), look);
            if (misses.isEmpty()) {
                results.fine();
                continue;
            }
            List<Subject> subjects =
                    misses.stream().map(TraitView.Miss::subject).toList();
            results.found(
                    wanted.because().from() == Preferences.From.HOUSE ? Severity.NOTE : Severity.CAUTION,
                    new About(wanted.because().way().id(), subjects),
                    "Wanted: " + wanted.trait().wanted(),
                    new Evidence.Statement(
                            misses.stream().map(TraitView.Miss::has).distinct().collect(Collectors.joining(", ")),
                            wanted.trait().wanted()),
                    wanted.because().option().reason() + " " + wanted.because().inWords());
        }
    }
}
