package wideharbor.core.brief;

import java.util.List;
import java.util.Optional;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/**
 * A stretch of the shooting day, in the order of the day.
 *
 * @param mains whether chargers have mains during it, as at a meal indoors
 * @param rolledMinutes that each body records in it, once somebody said
 * @param parts those that do other than the rig in it: a transmitter that is off at the meal, a monitor that stays on
 */
public record DayBlock(
        String what,
        State state,
        double hours,
        double celsius,
        boolean mains,
        Optional<Double> rolledMinutes,
        List<PartState> parts) {
    private static final int MOST_PARTS = 400;

    /** What the rig does: nothing, standby with everything on, or rolling. */
    public enum State {
        OFF,
        STANDBY,
        ON
    }

    /** A part of a build, by its placement, and what it does in this block. */
    public record PartState(BuildId build, PlacementId part, State state) {
        public PartState {
            if (build.isNone()) {
                throw new IllegalArgumentException("A part's state must name its build");
            }
            Id.some("Part of a state", part);
        }
    }

    /** Nobody said how much is recorded in it. */
    public DayBlock(String what, State state, double hours, double celsius, boolean mains, List<PartState> parts) {
        this(what, state, hours, celsius, mains, Optional.empty(), parts);
    }

    public DayBlock {
        Require.text("Block of the day", what, 40);
        Require.within("Hours of a block", hours, 0.05, 24, "h");
        Require.within("Temperature of a block", celsius, -60, 60, "°C");
        rolledMinutes.ifPresent(m -> Require.within("Minutes recorded in “" + what + "”", m, 0, hours * 60, "min"));
        if (parts.size() > MOST_PARTS) {
            throw new IllegalArgumentException("A block of the day may name " + MOST_PARTS
                    + " parts with a state of their own, but names " + parts.size());
        }
        parts = List.copyOf(parts);
        if (parts.stream().map(p -> p.build() + ":" + p.part()).distinct().count() < parts.size()) {
            throw new IllegalArgumentException("Block “" + what + "” names a part's state twice");
        }
    }

    /** What this block says of a part itself; empty when it does as the rig. */
    public Optional<State> own(BuildId build, PlacementId part) {
        return parts.stream()
                .filter(p -> p.build().equals(build) && p.part().equals(part))
                .map(PartState::state)
                .findFirst();
    }

    /** What a part of a build does in this block: as the rig, unless it is said otherwise. */
    public State stateOf(BuildId build, PlacementId part) {
        return own(build, part).orElse(state);
    }
}
