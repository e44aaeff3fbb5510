package wideharbor.core.check;

import java.util.List;
import wideharbor.core.check.balance.LensSupport;
import wideharbor.core.check.balance.MassKnown;
import wideharbor.core.check.balance.MassWindow;
import wideharbor.core.check.balance.SlideForBalance;
import wideharbor.core.check.mount.HeldByNothing;
import wideharbor.core.check.mount.JointsClose;
import wideharbor.core.check.mount.OneContactTwists;
import wideharbor.core.check.mount.PortTaken;
import wideharbor.core.check.mount.PortsMate;
import wideharbor.core.check.mount.SettingInRange;
import wideharbor.core.check.power.BatteryLoad;
import wideharbor.core.check.power.DayRuntime;
import wideharbor.core.check.power.OutputLoad;
import wideharbor.core.check.power.PlugsFit;
import wideharbor.core.check.power.VoltageWindow;
import wideharbor.core.check.rods.AxisHeight;
import wideharbor.core.check.rods.RodReach;
import wideharbor.core.check.rods.RodsMatch;

/** The register: a check is its file and one line here. */
final class AllChecks {
    private AllChecks() {}

    static List<Check> list() {
        return List.of(
                new HeldByNothing(),
                new PortsMate(),
                new PortTaken(),
                new OneContactTwists(),
                new SettingInRange(),
                new JointsClose(),
                new RodsMatch(),
                new AxisHeight(),
                new RodReach(),
                new SlideForBalance(),
                new LensSupport(),
                new MassWindow(),
                new MassKnown(),
                new PlugsFit(),
                new VoltageWindow(),
                new OutputLoad(),
                new BatteryLoad(),
                new DayRuntime());
    }
}
