package wideharbor.core.dispatch;

import java.util.List;
import java.util.Optional;
import wideharbor.core.check.Verdict;

/** What a job may do next on its way out, and what stands in the way. */
public final class Gate {
    private Gate() {}

    /** How far a job is. */
    public enum Stage {
        DRAFT,
        BUILT,
        SIGNED,
        DISPATCHED
    }

    /** Why the package cannot be marked built; empty when it can. */
    public static Optional<String> whyNotBuilt(Stage stage) {
        return stage == Stage.DRAFT ? Optional.empty() : Optional.of("It is " + word(stage) + " already.");
    }

    /**
     * Why this person cannot sign now: it must be built and clear, and nobody signs twice. People come as ids;
     * {@code untaken} parts and standards came with a file.
     */
    public static Optional<String> whyNotSign(
            Stage stage, Verdict verdict, int untaken, List<String> signedBy, String who) {
        if (stage != Stage.BUILT) {
            return Optional.of(
                    stage == Stage.DRAFT ? "It must be marked built first." : "It is " + word(stage) + " already.");
        }
        if (!verdict.clear()) {
            return Optional.of(verdict.inWords() + ": a held package is not signed.");
        }
        if (untaken > 0) {
            return Optional.of(
                    "The package rests on " + untaken + (untaken == 1 ? " part or standard" : " parts and standards")
                            + " that came with a file; a lead must take them into the house first.");
        }
        if (signedBy.contains(who)) {
            return Optional.of("You have signed; the second signature must be another person's.");
        }
        return Optional.empty();
    }

    /** The stage after a signature: two different people make it signed. */
    public static Stage afterSignature(List<String> signedBy) {
        return signedBy.stream().distinct().count() >= 2 ? Stage.SIGNED : Stage.BUILT;
    }

    public static Optional<String> whyNotDispatch(Stage stage, Verdict verdict) {
        if (stage != Stage.SIGNED) {
            return Optional.of("It must be signed by two people first; it is " + word(stage) + ".");
        }
        return verdict.clear() ? Optional.empty() : Optional.of(verdict.inWords() + ".");
    }

    public static String word(Stage stage) {
        return stage.name().toLowerCase(java.util.Locale.ROOT);
    }
}
