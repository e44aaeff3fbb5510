package wideharbor.core.brief;

import java.util.List;
import java.util.Optional;

/**
 * A question on which good houses differ, with the answers that may be chosen, each with its reason. The first answer is
 * the product's own.
 */
public record Way(String id, String question, List<Option> options) {
    public Way {
        options = List.copyOf(options);
    }

    /** @param effects what choosing it changes; none for the answer that leaves everything as it is */
    public record Option(String id, String title, String reason, List<Effect> effects) {
        public Option {
            effects = List.copyOf(effects);
        }
    }

    /** How much a check's findings weigh. */
    public enum Weight {
        NOTE,
        CAUTION,
        STOP
    }

    /** What an answer changes: another figure in the house's rules, or another weight of a check's findings. */
    public sealed interface Effect {
        record Figure(HouseRules.Rule rule, double value) implements Effect {}

        /** Only findings of the check's own weight change; what a check raises above it stays. */
        record Weighs(String check, Weight weight) implements Effect {}
    }

    public Option standard() {
        return options.get(0);
    }

    public Optional<Option> option(String id) {
        return options.stream().filter(o -> o.id().equals(id)).findFirst();
    }
}
