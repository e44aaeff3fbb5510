package wideharbor.core.brief;

import java.util.Optional;
import wideharbor.core.quantity.Require;

/**
 * How an operator is built and likes to work. Nothing is asked of the rig where nothing is known.
 *
 * @param heightMm standing height, once somebody asked
 * @param hand the hand that starts and stops, and steers
 * @param screen the side on which the operator looks at a screen
 * @param reason why, in the operator's own words
 */
public record Profile(Optional<Double> heightMm, Brief.Crew.Side hand, Screen screen, Grips grips, String reason) {
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

    public static final Profile UNASKED =
            new Profile(Optional.empty(), Brief.Crew.Side.RIGHT, Screen.ANY, Grips.ANY, "");

    public Profile {
        heightMm.ifPresent(h -> Require.within("Operator's height", h, 1200, 2300, "mm"));
        if (reason.length() > 400) {
            throw new IllegalArgumentException(
                    "The operator's reason must have at most 400 characters, but has " + reason.length());
        }
    }
}
