package wideharbor.core.check;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.LensId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.CheckState;

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

    /** The rig that is looked at. */
    public RigAnalysis analysis() {
        return analysis;
    }

    /** Looked at a subject and it is as it should be. */
    public void fine() {
        looked++;
    }

    public void found(About about, String title, Evidence evidence, String why) {
        found(card.severity(), about, title, evidence, why);
    }

    public void found(Severity severity, About about, String title, Evidence evidence, String why) {
        add(new Finding(key(about), severity, CheckState.FOUND, title, evidence, why));
    }

    public void undecided(About about, String title, Evidence evidence, String why) {
        add(new Finding(key(about), card.severity(), CheckState.UNDECIDED, title, evidence, why));
    }

    /** The data to decide is missing; says which. */
    public void notChecked(About about, String missing) {
        add(new Finding(
                key(about),
                card.severity(),
                CheckState.NOT_CHECKED,
                "Not checked: " + missing,
                new Evidence.Statement("not on file", "a figure"),
                "Until it is known, " + card.title().toLowerCase(java.util.Locale.ROOT) + " stays open."));
    }

    private void add(Finding finding) {
        looked++;
        findings.add(weighed(finding));
    }

    private FindingKey key(About about) {
        LensId lens = card.perLens() ? analysis.rig().lens() : LensId.NONE;
        return new FindingKey(
                card.id(),
                about.aspect(),
                analysis.build().id(),
                analysis.rig().configuration().id(),
                lens,
                about.subjects());
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
