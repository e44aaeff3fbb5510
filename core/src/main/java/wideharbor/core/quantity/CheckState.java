package wideharbor.core.quantity;

/** The four ways a check can end, worst last for merging. */
public enum CheckState {
    /** Looked, and every subject is as it should be. */
    FINE,
    /** The range of what is known straddles the limit. */
    UNDECIDED,
    /** Data is missing; the finding names which. */
    NOT_CHECKED,
    FOUND
}
