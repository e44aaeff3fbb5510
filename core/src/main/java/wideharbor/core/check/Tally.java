package wideharbor.core.check;

import java.util.List;
import wideharbor.core.quantity.CheckState;

/**
 * How often a check looked at something, and how that ended. A check that looked at nothing has found nothing out.
 *
 * @param looked subjects, in every configuration and with every lens that matters to it
 */
public record Tally(String check, String family, String title, int looked, int found, int undecided, int notChecked) {
    /** Every check of an engine, in its order. */
    public static List<Tally> of(CheckEngine engine, Report report) {
        return engine.checks().stream().map(c -> of(c.card(), report)).toList();
    }

    private static Tally of(CheckCard card, Report report) {
        List<Finding> findings = report.of(card.id());
        return new Tally(
                card.id(),
                card.family(),
                card.title(),
                report.looked().getOrDefault(card.id(), 0),
                count(findings, CheckState.FOUND),
                count(findings, CheckState.UNDECIDED),
                count(findings, CheckState.NOT_CHECKED));
    }

    private static int count(List<Finding> findings, CheckState state) {
        return (int) findings.stream().filter(f -> f.state() == state).count();
    }

    public int fine() {
        return looked - found - undecided - notChecked;
    }

    /** Of several jobs together. */
    public Tally plus(Tally other) {
        return new Tally(
                check,
                family,
                title,
                looked + other.looked,
                found + other.found,
                undecided + other.undecided,
                notChecked + other.notChecked);
    }
}
