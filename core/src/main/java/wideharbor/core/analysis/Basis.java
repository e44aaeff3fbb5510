package wideharbor.core.analysis;

/** What an answer rests on: with every lens that leaves that as it is the answer is the same. */
public enum Basis {
    /** All of the rig. */
    RIG,
    /** What is fed, cabled and switched. */
    WIRING,
    /** That, and where its parts stand. */
    LAID_WIRING
}
