package wideharbor.core.brief;

import java.util.List;
import java.util.Optional;

/**
 * A question on which good houses differ, with the answers that may be chosen, each with its reason. The first answer
 * is the product's own.
 */
public record Preference(String id, String question, List<Option> options) {
    public Preference {
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
        /** A house figure takes this value. */
        record Figure(HouseRules.Rule rule, double value) implements Effect {}

        /** Only findings of the check's own weight change; what a check raises above it stays. */
        record Weighs(String check, Weight weight) implements Effect {}

        /** The rig is wanted built so; where it is not, a finding says which answer wanted it. */
        record Wants(BuildTrait trait) implements Effect {}

        /** Another order of the steps of a change. */
        record Ordered(Sequence sequence) implements Effect {}
    }

    /** Orders of work on which crews differ. What must be there first always is. */
    public enum Sequence {
        LENS_FIRST("the lens goes on first"),
        LENS_LAST("the lens goes on last"),
        DRIVE_BEFORE_LENS("the drive goes on before the lens"),
        SCREEN_LAST("screens go on last"),
        ON_THE_TABLE("the rig is built on the table and lifted onto its support at the end"),
        CABLES_AT_ONCE("each part’s cables are plugged as it goes on");

        private final String words;

        Sequence(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    static Preference asks(String id, String question, Option... options) {
        return new Preference(id, question, List.of(options));
    }

    static Option answer(String id, String title, String reason, Effect... effects) {
        return new Option(id, title, reason, List.of(effects));
    }

    static Effect figure(HouseRules.Rule rule, double value) {
        return new Effect.Figure(rule, value);
    }

    static Effect weighs(String check, Weight weight) {
        return new Effect.Weighs(check, weight);
    }

    static Effect wants(BuildTrait trait) {
        return new Effect.Wants(trait);
    }

    static Effect ordered(Sequence sequence) {
        return new Effect.Ordered(sequence);
    }

    public Option standard() {
        return options.get(0);
    }

    public Optional<Option> option(String id) {
        return options.stream().filter(o -> o.id().equals(id)).findFirst();
    }
}
