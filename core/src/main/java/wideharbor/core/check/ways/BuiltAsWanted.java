package wideharbor.core.check.ways;

import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Ways;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.job.Subject;

/**
 * A rig is built as the house, the operator or the job wants it; each miss names the answer that wanted it otherwise.
 */
final class BuiltAsWanted implements Check {
    private static final CheckCard CARD = new CheckCard(
            "ways.wanted",
            "ways",
            "Built as it is wanted",
            "every chosen way of working that wants a rig built in some way",
            "the rig is built so; the house’s wish is mentioned, the operator’s or the job’s is read",
            "people reach for things where they are used to find them; it is never a reason against what is safe",
            "",
            "ways of working of the house, the operator and the job",
            Severity.CAUTION,
            false);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Look look = new Look(analysis);
        for (Ways.Wanted wanted : analysis.rules().ways().wanted()) {
            List<Look.Miss> misses = Tastes.misses(wanted.taste(), look);
            if (misses.isEmpty()) {
                results.fine();
                continue;
            }
            List<Subject> subjects = misses.stream().map(Look.Miss::subject).toList();
            results.found(
                    wanted.because().from() == Ways.From.HOUSE ? Severity.NOTE : Severity.CAUTION,
                    new About(wanted.because().way().id(), subjects),
                    "Wanted: " + wanted.taste().wanted(),
                    new Evidence.Statement(
                            misses.stream().map(Look.Miss::has).distinct().collect(Collectors.joining(", ")),
                            wanted.taste().wanted()),
                    wanted.because().option().reason() + " " + wanted.because().inWords());
        }
    }
}
