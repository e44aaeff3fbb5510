package wideharbor.app.ways;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preferences;

/** The house's own numbers: what a lead set, each with its reason and where it comes from. Nothing set is forgotten. */
@Service
public class HouseFigures {
    private final FigureRows rows;
    private final HouseWays ways;
    private final Clock clock;

    HouseFigures(FigureRows rows, HouseWays ways, Clock clock) {
        this.rows = rows;
        this.ways = ways;
        this.clock = clock;
    }

    /** A figure as it was set; none where somebody went back to the standard one. */
    public record Entry(long number, OptionalDouble figure, String reason, String source, String who, Instant when) {
        private static Entry of(FigureRow row) {
            return new Entry(
                    row.seq,
                    row.figure == null ? OptionalDouble.empty() : OptionalDouble.of(row.figure),
                    row.reason,
                    row.source,
                    row.who,
                    row.setAt);
        }
    }

    /** The last entry of every rule that was ever set; a rule that this version no longer knows is passed over. */
    @Transactional(readOnly = true)
    public Map<Rule, Entry> last() {
        Map<Rule, Entry> all = new EnumMap<>(Rule.class);
        for (FigureRow row : rows.last()) {
            known(row.rule).ifPresent(rule -> all.put(rule, Entry.of(row)));
        }
        return all;
    }

    private static Optional<Rule> known(String id) {
        return Arrays.stream(Rule.values()).filter(r -> r.name().equals(id)).findFirst();
    }

    /** How a rule was set before, the last first; fifty at the most. */
    @Transactional(readOnly = true)
    public List<Entry> history(Rule rule) {
        return rows.findTop50ByRuleOrderBySeqDesc(rule.name()).stream()
                .map(Entry::of)
                .toList();
    }

    /** The numbers and ways by which a job of this operator is judged here. */
    @Transactional(readOnly = true)
    public HouseRules rules(String operator) {
        Map<Rule, Double> figures = new EnumMap<>(Rule.class);
        last().forEach((rule, entry) -> entry.figure().ifPresent(value -> figures.put(rule, value)));
        return new HouseRules(figures, new Preferences(ways.chosen(""), ways.chosen(operator), Map.of()));
    }

    /**
     * Sets a figure after the entry that was seen.
     *
     * @throws Refusal when somebody else set it meanwhile
     * @throws IllegalArgumentException naming the rule and its limits
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(Rule rule, OptionalDouble value, String reason, String source, long seen, String who) {
        HouseRules.DEFAULTS.with(rule, value);
        Optional<Entry> stands = Optional.ofNullable(last().get(rule));
        if (stands.map(Entry::number).orElse(0L) != seen) {
            throw Refusal.conflict("Somebody else set this figure meanwhile. Nothing was stored; see what stands now.");
        }
        rows.save(new FigureRow(
                rule.name(),
                value.isPresent() ? value.getAsDouble() : null,
                reason,
                source,
                who,
                clock.instant().truncatedTo(ChronoUnit.MICROS)));
    }
}
