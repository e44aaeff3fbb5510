package wideharbor.standins;

/** What an instrument does that is not well. */
public enum Fault {
    NONE,
    /** Takes the question and says nothing. */
    SILENCE,
    /** Says something that is no reading. */
    GARBAGE,
    /** Measures well and tells it in a unit that nobody asked for. */
    WRONG_UNIT,
    /** Wanders off by a hundredth of its figure with every reading. */
    DRIFT,
    /** Is never at rest. */
    MOVING
}
