package wideharbor.core.assembly;

/** What is done in a step of putting a rig together. */
public enum Act {
    /** The first part is laid out; everything else comes onto it. */
    LAY,
    /** Two parts that nobody has tried together are fitted once, marked, and taken apart again. */
    TRY,
    /** A part of the support is put up: legs, then the head. */
    STAND,
    /** A part comes onto the rig. */
    FIT,
    /** Two parts that are there are tied to each other. */
    TIE,
    /** The rig is turned over on the table. */
    TURN,
    /** The rig comes onto its support. */
    LIFT,
    /** A cable is plugged at both ends. */
    PLUG,
    /** All that weighs is on: it is balanced. */
    BALANCE
}
