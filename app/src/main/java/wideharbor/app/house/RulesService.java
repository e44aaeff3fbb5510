package wideharbor.app.house;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobForesight;
import wideharbor.app.security.Accounts;
import wideharbor.app.ways.HouseFigures;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;

/** The house's numbers as they are shown and set. */
@Service
class RulesService {
    private final HouseFigures figures;
    private final JobChanges changes;
    private final JobForesight foresight;
    private final Accounts accounts;

    RulesService(HouseFigures figures, JobChanges changes, JobForesight foresight, Accounts accounts) {
        this.figures = figures;
        this.changes = changes;
        this.foresight = foresight;
        this.accounts = accounts;
    }

    /** A figure as it was set; none where the standard one was put back. */
    record Setting(long number, OptionalDouble value, String reason, String source, String by, Instant when) {}

    /**
     * @param value what is judged by
     * @param because who says so in words, where it is neither standard nor set by a lead; empty otherwise
     * @param set how it was set last, if it ever was
     */
    record RuleLine(
            Rule rule,
            double value,
            double standard,
            double least,
            double most,
            String unit,
            String reason,
            String because,
            Optional<Setting> set) {}

    /** A new figure, and how many open jobs are judged anew by it. */
    record Ruled(RuleLine rule, int jobs) {}

    List<RuleLine> rules() {
        HouseRules house = figures.rules("");
        Map<Rule, HouseFigures.Entry> last = figures.last();
        return Arrays.stream(Rule.values())
                .map(rule -> line(rule, house, Optional.ofNullable(last.get(rule))))
                .toList();
    }

    private RuleLine line(Rule rule, HouseRules house, Optional<HouseFigures.Entry> set) {
        return new RuleLine(
                rule,
                house.value(rule),
                rule.standard(),
                rule.least(),
                rule.most(),
                rule.unit(),
                rule.reason(),
                house.changed().containsKey(rule) ? "" : house.saidBy(rule).orElse(""),
                set.map(this::setting));
    }

    private Setting setting(HouseFigures.Entry e) {
        return new Setting(e.number(), e.figure(), e.reason(), e.source(), accounts.displayName(e.who()), e.when());
    }

    List<Setting> history(Rule rule) {
        return figures.history(rule).stream().map(this::setting).toList();
    }

    /** What another figure would change in the open jobs; nothing is stored. */
    JobForesight.Foreseen foresee(Rule rule, OptionalDouble value) {
        return foresight.under(rules -> rules.with(rule, value));
    }

    /** Sets a figure; every open job is judged anew by it. */
    @Transactional
    Ruled set(Rule rule, RulesController.NewFigure figure, String who) {
        figures.set(
                rule, figure.value(), figure.reason().strip(), figure.source().strip(), figure.seen(), who);
        int jobs = changes.rulesChanged();
        HouseRules house = figures.rules("");
        return new Ruled(line(rule, house, Optional.ofNullable(figures.last().get(rule))), jobs);
    }
}
