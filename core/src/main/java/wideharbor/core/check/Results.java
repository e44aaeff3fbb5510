package wideharbor.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.id.LensId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;

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

    /** One fact against one limit, by how it was judged. */
    public void judge(Judgement fact, Told told) {
        judge(card.severity(), fact, told);
    }

    public void judge(Severity severity, Judgement fact, Told told) {
        switch (fact.state()) {
            case FINE -> fine();
            case UNDECIDED ->
                add(new Finding(
                        key(told.about()),
                        severity,
                        CheckState.UNDECIDED,
                        "Not certain: " + told.title(),
                        Evidence.Amount.of(fact),
                        told.undecided()));
            case FOUND -> found(severity, told.about(), told.title(), Evidence.Amount.of(fact), told.why());
            case NOT_CHECKED -> notChecked(told.about(), "what it rests on is not on file");
        }
    }

    /** Several limits, one finding for one cause: the first that is passed; where none is, the first that may be. */
    public void judgeFirst(List<Limit> limits) {
        Limit first = Stream.of(CheckState.FOUND, CheckState.UNDECIDED)
                .flatMap(state -> limits.stream().filter(l -> l.fact().state() == state))
                .findFirst()
                .orElse(limits.get(0));
        judge(first.fact(), first.told());
    }

    /**
     * One fact against two limits, each by itself: past the outer one it is a stop. Where that is not certain and the
     * inner one is passed, both are told.
     */
    public void judge(Judgement caution, Judgement stop, Told told) {
        if (!stop.isFine()) {
            judge(
                    Severity.STOP,
                    stop,
                    stop.isUndecided() && caution.isFound()
                            ? told.as(told.about().aspect() + "-most")
                            : told);
        }
        if (stop.isFine() || stop.isUndecided() && caution.isFound()) {
            judge(Severity.CAUTION, caution, told);
        }
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
    private Finding weighed(Finding told) {
        Finding finding = named(told);
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

    /** Who set the figure by which this was judged is named: the house by a number, or an answer on ways of working. */
    private Finding named(Finding finding) {
        String because = card.rules().stream()
                .filter(rule -> isBy(finding.evidence(), rule))
                .flatMap(rule -> analysis.rules().saidBy(rule).stream())
                .map(said -> " " + said)
                .distinct()
                .collect(Collectors.joining());
        return because.isEmpty()
                ? finding
                : new Finding(
                        finding.key(),
                        finding.severity(),
                        finding.state(),
                        finding.title(),
                        finding.evidence(),
                        finding.why() + because);
    }

    /** Whether a limit is this figure, is drawn around it, or scales with it: shares and minutes do. */
    private boolean isBy(Evidence evidence, Rule rule) {
        if (!(evidence instanceof Evidence.Amount amount)) {
            return false;
        }
        double value = analysis.rule(rule);
        return rule.unit().isEmpty()
                || rule.unit().equals("min")
                || isNear(amount.neededTo(), value)
                || isNear(-amount.neededFrom(), value)
                || isNear((amount.neededTo() - amount.neededFrom()) / 2, value);
    }

    private static boolean isNear(double one, double other) {
        return Math.abs(one - other) < 1e-6;
    }

    public List<Finding> findings() {
        return List.copyOf(findings);
    }

    public int looked() {
        return looked;
    }
}
