package wideharbor.core.brief;

import wideharbor.core.quantity.Require;

/**
 * How an operator is built and likes to work. Nothing is asked of the rig where nothing is known.
 *
 * @param heightMm standing height; 0 while nobody asked
 * @param hand the hand that starts and stops, and steers
 * @param screen the side on which the operator looks at a screen
 * @param reason why, in the operator's own words
 */
public record Profile(double heightMm, Brief.Crew.Side hand, Screen screen, Grips grips, String reason) {
    /** On which side of the rig an operator wants the screen. */
    public enum Screen {
        ANY,
        LEFT,
        RIGHT
    }

    /** For which hands an operator wants a grip. */
    public enum Grips {
        ANY,
        BOTH,
        LEFT,
        RIGHT
    }

    public static final Profile UNASKED = new Profile(0, Brief.Crew.Side.RIGHT, Screen.ANY, Grips.ANY, "");

    public Profile {
        if (heightMm != 0) {
            Require.within("Operator's height", heightMm, 1200, 2300, "mm");
        }
        if (reason.length() > 400) {
            throw new IllegalArgumentException(
                    "The operator's reason must have at most 400 characters, but has " + reason.length());
        }
    }

    public boolean knowsHeight() {
        return heightMm > 0;
    }
}
