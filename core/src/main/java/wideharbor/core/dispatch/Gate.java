package wideharbor.core.dispatch;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wideharbor.core.check.Verdict;
import wideharbor.core.quantity.Progress;

/** What a job may do next on its way out and back, and what stands in the way. */
public final class Gate {
    private Gate() {}

    /** How far a job is, in the order of the way. */
    public enum Stage {
        DRAFT,
        /** Every step of putting it together is ticked. */
        BUILT,
        /** Every test at the bench is passed, or left out for a reason. */
        CHECKED,
        /** Two people put their names to this revision. */
        SIGNED,
        /** Every piece is scanned into a case. */
        PACKED,
        DISPATCHED,
        /** It is back in the house; what is missing or broken is being told. */
        RETURNED,
        /** Every piece is accounted for. */
        RECONCILED;

        /** Whether it is out of the house, or has been: what it is made of is not changed any more. */
        public boolean hasLeft() {
            return compareTo(DISPATCHED) >= 0;
        }
    }

    /** Why the package cannot be marked built; empty when it can. */
    public static Optional<String> whyNotBuilt(Stage stage, Progress steps) {
        if (stage != Stage.DRAFT) {
            return already(stage);
        }
        return steps.isWhole()
                ? Optional.empty()
                : Optional.of(steps.inWords() + " steps of putting it together are ticked.");
    }

    /** Why its bench check is not done; empty when it is. */
    public static Optional<String> whyNotChecked(Stage stage, Progress tests) {
        if (stage != Stage.BUILT) {
            return stage == Stage.DRAFT ? Optional.of("It must be built first.") : already(stage);
        }
        return untested(tests);
    }

    private static Optional<String> untested(Progress tests) {
        return tests.isWhole() ? Optional.empty() : Optional.of(tests.inWords() + " tests at the bench are passed.");
    }

    /**
     * Why this person cannot sign now: it must be checked at the bench and clear, and nobody signs twice. People come
     * as ids; {@code untaken} parts and standards came with a file.
     */
    public static Optional<String> whyNotSign(
            Stage stage, Verdict verdict, Progress tests, int untaken, List<String> signedBy, String who) {
        if (stage != Stage.CHECKED) {
            return stage.compareTo(Stage.CHECKED) < 0
                    ? Optional.of("It must be checked at the bench first; it is " + word(stage) + ".")
                    : already(stage);
        }
        if (!verdict.clear()) {
            return Optional.of(verdict.inWords() + ": a held package is not signed.");
        }
        if (!tests.isWhole()) {
            return untested(tests);
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
        return signedBy.stream().distinct().count() >= 2 ? Stage.SIGNED : Stage.CHECKED;
    }

    /** Why it is not packed; empty when every piece is in a case. */
    public static Optional<String> whyNotPacked(Stage stage, Progress pieces) {
        if (stage != Stage.SIGNED) {
            return stage.compareTo(Stage.SIGNED) < 0
                    ? Optional.of("It must be signed by two people first; it is " + word(stage) + ".")
                    : already(stage);
        }
        return unpacked(pieces);
    }

    private static Optional<String> unpacked(Progress pieces) {
        return pieces.isWhole() ? Optional.empty() : Optional.of(pieces.inWords() + " pieces are scanned into cases.");
    }

    public static Optional<String> whyNotDispatch(Stage stage, Verdict verdict, Progress pieces) {
        if (stage != Stage.PACKED) {
            return stage.compareTo(Stage.PACKED) < 0
                    ? Optional.of("It must be packed first; it is " + word(stage) + ".")
                    : already(stage);
        }
        return verdict.clear() ? unpacked(pieces) : Optional.of(verdict.inWords() + ".");
    }

    /** Why nothing is scanned so now; empty when it is. */
    public static Optional<String> whyNotScanned(Stage stage, Move.Kind kind) {
        if (stage == Stage.RECONCILED) {
            return Optional.of("This job's return is closed.");
        }
        if (kind.isReturn() == stage.hasLeft()) {
            return Optional.empty();
        }
        return Optional.of(
                stage.hasLeft()
                        ? "This job has left the house: nothing goes into its cases or out of them."
                        : "This job has not left the house: nothing of it can come back.");
    }

    /** A packed job from which something is taken is not packed; the first piece back brings the job back. */
    public static Stage afterScan(Stage stage, Move.Kind kind) {
        return switch (kind) {
            case OUT_OF_CASE -> stage == Stage.PACKED ? Stage.SIGNED : stage;
            case INTO_CASE -> stage;
            case BACK, DAMAGED, MISSING, CONSUMED -> stage == Stage.DISPATCHED ? Stage.RETURNED : stage;
        };
    }

    /** Why a signed package does not go on: what is on file is no longer what people put their names to. */
    public static Optional<String> whyBroken(List<String> changed) {
        return changed.isEmpty()
                ? Optional.empty()
                : Optional.of("It is not what was signed any more: " + String.join(", ", changed)
                        + ". A lead opens it again, and two people sign it anew.");
    }

    /** Why a job cannot be opened again; empty when it can: only what somebody signed, or what is out, is closed. */
    public static Optional<String> whyNotOpenedAgain(Stage stage, int signatures) {
        boolean closed = stage == Stage.CHECKED
                ? signatures > 0
                : stage.compareTo(Stage.CHECKED) > 0 && stage.compareTo(Stage.DISPATCHED) <= 0;
        return closed
                ? Optional.empty()
                : Optional.of("Only what is signed or dispatched is opened again; this one is " + word(stage) + ".");
    }

    /** Why its return is not closed; empty when every piece that left is back or told of. */
    public static Optional<String> whyNotReconciled(Stage stage, Progress pieces) {
        if (stage != Stage.RETURNED) {
            return stage == Stage.RECONCILED
                    ? already(stage)
                    : Optional.of("It must be back first; it is " + word(stage) + ".");
        }
        return pieces.isWhole() ? Optional.empty() : Optional.of(pieces.inWords() + " pieces are accounted for.");
    }

    private static Optional<String> already(Stage stage) {
        return Optional.of("It is " + word(stage) + " already.");
    }

    public static String word(Stage stage) {
        return stage == Stage.CHECKED ? "checked at the bench" : stage.name().toLowerCase(Locale.ROOT);
    }
}
