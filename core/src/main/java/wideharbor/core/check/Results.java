package wideharbor.core.check;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;

/** What one run of one check has looked at and found. */
public final class Results {
    private final CheckCard card;
    private final RigAnalysis analysis;
    private final List<Finding> findings = new ArrayList<>();
    private int looked;

    Results(CheckCard card, RigAnalysis analysis) {
        this.card = card;
        this.analysis = analysis;
    }

    CheckCard card() {
        return card;
    }

    /** Looked at a subject and it is as it should be. */
    public void fine() {
        looked++;
    }

    public void found(List<String> subjects, String title, Evidence evidence, String why) {
        found(card.severity(), subjects, title, evidence, why);
    }

    public void found(Severity severity, List<String> subjects, String title, Evidence evidence, String why) {
        add(severity, CheckState.FOUND, subjects, title, evidence, why);
    }

    public void undecided(List<String> subjects, String title, Evidence evidence, String why) {
        add(card.severity(), CheckState.UNDECIDED, subjects, title, evidence, why);
    }

    /** The data to decide is missing; says which. */
    public void notChecked(List<String> subjects, String missing) {
        add(
                card.severity(),
                CheckState.NOT_CHECKED,
                subjects,
                "Not checked: " + missing,
                new Evidence.Statement("not on file", "a figure"),
                "Until it is known, " + card.title().toLowerCase(java.util.Locale.ROOT) + " stays open.");
    }

    private void add(
            Severity severity, CheckState state, List<String> subjects, String title, Evidence evidence, String why) {
        looked++;
        String lens = card.perLens() ? analysis.rig().lens() : "";
        FindingKey key = new FindingKey(
                card.id(), analysis.build().id(), analysis.rig().configuration().id(), lens, subjects);
        findings.add(weighed(new Finding(key, severity, state, title, evidence, why)));
    }

    /**
     * A way of working may say that findings of the check's own weight weigh otherwise here; the finding says which.
     */
    private Finding weighed(Finding finding) {
        if (finding.severity() != card.severity()) {
            return finding;
        }
        return analysis.rules()
                .weighing(card.id())
                .map(w -> new Finding(
                        finding.key(),
                        Severity.valueOf(w.weight().name()),
                        finding.state(),
                        finding.title(),
                        finding.evidence(),
                        finding.why() + " " + w.because().inWords()))
                .orElse(finding);
    }

    public List<Finding> findings() {
        return List.copyOf(findings);
    }

    public int looked() {
        return looked;
    }
}
