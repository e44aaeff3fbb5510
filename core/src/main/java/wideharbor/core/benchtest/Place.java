package wideharbor.core.benchtest;

/** Where at the bench a test is made: whoever is there makes all of them before going on. */
public enum Place {
    /** The scale, with what the support carries. */
    SCALE,
    /** Head and legs. */
    SUPPORT,
    /** Hands on the rig. */
    RIG,
    /** Lens, front end and drives. */
    FRONT,
    POWER,
    /** Every screen and finder. */
    PICTURE,
    /** Sound, time and radio. */
    SOUND,
    /** Cards, and the last look. */
    MEDIA
}
