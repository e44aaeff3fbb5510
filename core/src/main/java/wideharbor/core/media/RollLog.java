package wideharbor.core.media;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wideharbor.core.id.BuildId;
import wideharbor.core.quantity.Require;

/** What was recorded on which card, and how far each is: no card is recorded over before somebody has freed it. */
public record RollLog(List<Kept> rolls) {
    public RollLog {
        rolls = List.copyOf(rolls);
    }

    /** How far a roll is, in the order in which it goes. */
    public enum Stage {
        /** In the body. */
        RECORDING,
        OUT,
        COPIED,
        /** The copies were read back, or looked at. */
        CHECKED,
        /** Its card may be recorded over. */
        FREED;

        public Optional<Stage> next() {
            return switch (this) {
                case RECORDING -> Optional.of(OUT);
                case OUT -> Optional.of(COPIED);
                case COPIED -> Optional.of(CHECKED);
                case CHECKED -> Optional.of(FREED);
                case FREED -> Optional.empty();
            };
        }

        /** The one from which this is reached; a step back leads there. */
        public Optional<Stage> before() {
            return Stream.of(values()).filter(s -> s.isJustBefore(this)).findFirst();
        }

        private boolean isJustBefore(Stage other) {
            return next().filter(n -> n == other).isPresent();
        }

        String inWords() {
            return switch (this) {
                case RECORDING -> "still in the body";
                case OUT -> "out and not copied";
                case COPIED -> "copied and not checked";
                case CHECKED -> "checked and not freed";
                case FREED -> "free";
            };
        }
    }

    /** Who brought a roll to a stage, and when. */
    public record Step(Stage stage, String who, Instant at) {}

    /**
     * A roll.
     *
     * @param card its code or label
     * @param steps from the first on; the last is how far it is
     */
    public record Kept(String id, String name, BuildId build, String card, String mode, List<Step> steps) {
        public Kept {
            Require.text("Card of a roll", card, 40);
            steps = List.copyOf(steps);
            if (steps.isEmpty() || steps.get(0).stage() != Stage.RECORDING) {
                throw new IllegalArgumentException("A roll must begin in the body");
            }
        }

        public Stage stage() {
            return steps.get(steps.size() - 1).stage();
        }
    }

    /**
     * What the rolls of a body begin with. Two bodies may share it: rolls are numbered letter by letter, so that no two
     * of a job are called alike.
     */
    public static String letter(BuildId build) {
        return build.toString().substring(0, 1).toUpperCase(Locale.ROOT);
    }

    static String name(String letter, int number) {
        return letter + String.format(Locale.ROOT, "%03d", number);
    }

    /** What a body's next roll is called. */
    public String nextName(BuildId build) {
        return nextNames(build, 1).get(0);
    }

    /** What its next rolls are called. */
    public List<String> nextNames(BuildId build, int count) {
        String letter = letter(build);
        int last = rolls.stream()
                .filter(r -> letter(r.build()).equals(letter))
                .mapToInt(r -> number(r.name()))
                .max()
                .orElse(0);
        return IntStream.rangeClosed(last + 1, last + count)
                .mapToObj(n -> name(letter, n))
                .toList();
    }

    private static int number(String name) {
        String digits = name.replaceAll("\\D", "");
        return digits.isEmpty() ? 0 : Integer.parseInt(digits.substring(Math.max(0, digits.length() - 6)));
    }

    /** Why this card may not go in; empty where it may. */
    public Optional<String> whyNotBegun(String card) {
        return rolls.stream()
                .filter(r -> r.card().equalsIgnoreCase(card) && r.stage() != Stage.FREED)
                .findFirst()
                .map(r -> r.card() + " is " + r.name() + ", " + r.stage().inWords()
                        + ". Nothing is recorded over it before it is free.");
    }

    /** Why a roll may not go there; only the next stage is open, or the one before, to take a step back. */
    public Optional<String> whyNot(Kept roll, Stage to) {
        if (roll.stage().isJustBefore(to)) {
            return Optional.empty();
        }
        if (to.isJustBefore(roll.stage())) {
            boolean usedSince = roll.stage() == Stage.FREED
                    && rolls.stream()
                            .anyMatch(r -> !r.id().equals(roll.id())
                                    && r.card().equalsIgnoreCase(roll.card())
                                    && r.steps().get(0).at().isAfter(last(roll).at()));
            return usedSince ? Optional.of(roll.card() + " has been recorded on again since.") : Optional.empty();
        }
        return Optional.of(roll.name() + " is " + roll.stage().inWords() + ": it goes on step by step.");
    }

    private static Step last(Kept roll) {
        return roll.steps().get(roll.steps().size() - 1);
    }

    /** A roll one stage on, or one back. */
    public static Kept moved(Kept roll, Step step) {
        List<Step> steps = new ArrayList<>(roll.steps());
        if (step.stage().isJustBefore(roll.stage())) {
            steps.remove(steps.size() - 1);
        } else {
            steps.add(step);
        }
        return new Kept(roll.id(), roll.name(), roll.build(), roll.card(), roll.mode(), steps);
    }
}
