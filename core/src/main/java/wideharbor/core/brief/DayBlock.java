package wideharbor.core.brief;

import wideharbor.core.quantity.Require;

/**
 * A stretch of the shooting day, in the order of the day.
 *
 * @param mains whether chargers have mains during it, as at a meal indoors
 */
public record DayBlock(String what, State state, double hours, double celsius, boolean mains) {
    /** What the rig does: nothing, standby with everything on, or rolling. */
    public enum State {
        OFF,
        STANDBY,
        ON
    }

    public DayBlock {
        Require.text("Block of the day", what, 40);
        Require.within("Hours of a block", hours, 0.05, 24, "h");
        Require.within("Temperature of a block", celsius, -60, 60, "°C");
    }
}
