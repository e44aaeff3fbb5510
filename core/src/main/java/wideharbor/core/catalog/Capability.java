package wideharbor.core.catalog;

/** What a part can be relied on for, whatever its category: a matte box may brace a lens. */
public enum Capability {
    /** Takes part of a lens's weight off the mount. */
    BRACES_LENS,
    /** Must sit on the optical axis when it rides on rods. */
    RIDES_ON_AXIS,
    SHADES_LENS,
    SHOWS_PICTURE,
    FINDS_PICTURE,
    HOLDS_RODS,
    IS_HANDHOLD,
    CARRIES_CAMERA,
    SENDS_PICTURE,
    RECEIVES_PICTURE,
    KEEPS_TIME,
    /** Made to go between two other parts. */
    ADAPTS,
    HEARS,
    SHOULDERS,
    /** Turns focus, iris or zoom. */
    DRIVES_LENS,
    /** A battery can be changed on it while everything stays on. */
    HOT_SWAPS,
    /** Keeps cables where they were laid. */
    TIES_CABLES,
    /** Holds a plug in its socket. */
    CLAMPS_PLUG,
    /** A handhold that gives each hand a grip of its own. */
    GRIPS_BOTH_HANDS,
    /** Keeps what a camera records: a card, not what reads it. */
    KEEPS_RECORDING,
    RECORDS_SOUND
}
