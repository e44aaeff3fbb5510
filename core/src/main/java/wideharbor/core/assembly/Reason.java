package wideharbor.core.assembly;

/**
 * Why one step comes before another.
 *
 * @param why one sentence, said of the earlier step
 */
public record Reason(Kind kind, String why) {
    /** What a reason rests on, what can least be otherwise first. */
    public enum Kind {
        /** What carries a part is there before it. */
        CARRIED,
        /** The support stands before the rig comes onto it, from the ground up. */
        STANDS,
        /** Both ends are there before they are tied, or a cable is plugged. */
        BOTH_ENDS,
        /** What bears a lens is there before its weight. */
        BORNE,
        /** It would stand in the way on. */
        IN_THE_WAY,
        /** It would cover the key's way to the screws. */
        COVERS_SCREWS,
        /** Whether it fits is known before anything is built on it. */
        TRIED,
        /** One part does nothing, or is not safe, without the other. */
        NEEDED,
        /** The rig is turned over for it, and would rest on what is fragile. */
        TURNED_OVER,
        /** Nothing is plugged into what is live. */
        LIVE,
        /** All that weighs is there before it is balanced. */
        WEIGHS,
        /** A way of working. */
        LIKED
    }
}
