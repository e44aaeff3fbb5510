package wideharbor.core.check;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.check.access.Interference;
import wideharbor.core.check.access.KeptRoom;
import wideharbor.core.check.access.MicrophonePlace;
import wideharbor.core.check.access.PathBlocked;
import wideharbor.core.check.access.PlugRoom;
import wideharbor.core.check.access.PortsTowards;
import wideharbor.core.check.access.SetDown;
import wideharbor.core.check.balance.Counterbalanced;
import wideharbor.core.check.balance.GimbalAxes;
import wideharbor.core.check.balance.HangTilt;
import wideharbor.core.check.balance.Lateral;
import wideharbor.core.check.balance.LensSupport;
import wideharbor.core.check.balance.MassKnown;
import wideharbor.core.check.balance.MassWindow;
import wideharbor.core.check.balance.ShoulderHold;
import wideharbor.core.check.balance.SlideForBalance;
import wideharbor.core.check.balance.Tipping;
import wideharbor.core.check.brief.ChangeDemands;
import wideharbor.core.check.brief.CloseFocus;
import wideharbor.core.check.brief.RoomSize;
import wideharbor.core.check.brief.SparesPacked;
import wideharbor.core.check.mount.ArmRating;
import wideharbor.core.check.mount.Conflicts;
import wideharbor.core.check.mount.HeldByNothing;
import wideharbor.core.check.mount.Improvised;
import wideharbor.core.check.mount.JointsClose;
import wideharbor.core.check.mount.LookAlikes;
import wideharbor.core.check.mount.NeedsWithIt;
import wideharbor.core.check.mount.NotTogether;
import wideharbor.core.check.mount.OneContactTwists;
import wideharbor.core.check.mount.OneWayRound;
import wideharbor.core.check.mount.PortLoad;
import wideharbor.core.check.mount.PortTaken;
import wideharbor.core.check.mount.PortsMate;
import wideharbor.core.check.mount.RailSafety;
import wideharbor.core.check.mount.SettingInRange;
import wideharbor.core.check.mount.ToolsPacked;
import wideharbor.core.check.mount.TrialFit;
import wideharbor.core.check.power.BatteryLoad;
import wideharbor.core.check.power.DayRuntime;
import wideharbor.core.check.power.OutputLoad;
import wideharbor.core.check.power.PlugsFit;
import wideharbor.core.check.power.VoltageWindow;
import wideharbor.core.check.rods.AxisHeight;
import wideharbor.core.check.rods.RodEnds;
import wideharbor.core.check.rods.RodReach;
import wideharbor.core.check.rods.RodSag;
import wideharbor.core.check.rods.RodsMatch;
import wideharbor.core.check.rods.RoomBesideLens;

/** The register: a check is its file and one line here. */
final class AllChecks {
    private AllChecks() {}

    static List<Check> list() {
        List<Check> all = new ArrayList<>(List.of(
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
                new LookAlikes(),
                new RodsMatch(),
                new AxisHeight(),
                new RodReach(),
                new RodEnds(),
                new RodSag(),
                new RoomBesideLens(),
                new Interference(),
                new PathBlocked(),
                new PlugRoom(),
                new MicrophonePlace(),
                new PortsTowards(),
                new SetDown(),
                new SlideForBalance(),
                new LensSupport(),
                new MassWindow(),
                new Counterbalanced(),
                new ShoulderHold(),
                new HangTilt(),
                new GimbalAxes(),
                new Lateral(),
                new Tipping(),
                new MassKnown(),
                new PlugsFit(),
                new VoltageWindow(),
                new OutputLoad(),
                new BatteryLoad(),
                new DayRuntime(),
                new ChangeDemands(),
                new RoomSize(),
                new CloseFocus(),
                new SparesPacked()));
        all.addAll(KeptRoom.all());
        return List.copyOf(all);
    }
}
