package wideharbor.core.check.mount;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of joints, ports, screws and what holds what, in the order in which findings of one weight are told. */
public final class MountChecks {
    private MountChecks() {}

    public static List<Check> all() {
        return List.of(
                new Conflicts(),
                new HeldByNothing(),
                new PortsMate(),
                new PortTaken(),
                new OneContactTwists(),
                new OneWayRound(),
                new NeedsWithIt(),
                new NotTogether(),
                new SettingInRange(),
                new JointsClose(),
                new PortLoad(),
                new RailSafety(),
                new ArmRating(),
                new ToolsPacked(),
                new TrialFit(),
                new Improvised(),
                new LookAlikes());
    }
}
