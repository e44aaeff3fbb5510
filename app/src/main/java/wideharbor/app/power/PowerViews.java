package wideharbor.app.power;

import java.util.List;
import java.util.Locale;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.sheet.PowerSheet;

/** What the Power screen is answered with. Lists of one stand for what may be absent. */
final class PowerViews {
    private PowerViews() {}

    record Power(
            String configuration,
            String lens,
            List<FeedRow> tree,
            List<DayBlock> day,
            boolean dayWritten,
            List<PlateView> plates,
            List<DeviceView> devices,
            List<FlownView> flown,
            List<PowerSheet.Island> islands) {}

    /** {@code runningWatts} and {@code peakWatts} have no figure while the draw is not on file. */
    record DeviceView(
            String placement,
            String title,
            double idleWatts,
            List<Double> runningWatts,
            List<Double> peakWatts,
            double bootSeconds,
            List<DayBlock.State> states,
            List<Boolean> own,
            double wattHours) {
        static DeviceView of(PowerSheet.DeviceDay d) {
            return new DeviceView(
                    d.placement(),
                    d.title(),
                    d.idleWatts(),
                    d.runningWatts().stream().toList(),
                    d.peakWatts().stream().toList(),
                    d.bootSeconds(),
                    d.states(),
                    d.own(),
                    d.wattHours());
        }
    }

    record FlownView(String battery, double wattHours, int count, String words, String rule, int people) {
        static FlownView of(PowerSheet.Flown f) {
            return new FlownView(
                    f.battery(),
                    f.wattHours(),
                    f.count(),
                    f.rule().inWords(),
                    f.rule().name(),
                    f.people());
        }
    }

    record FeedRow(
            int depth,
            String kind,
            String placement,
            String title,
            String through,
            List<Double> volts,
            List<Double> nominalVolts,
            double amps,
            double runningWatts,
            double peakWatts,
            double limitWatts,
            boolean free,
            CheckState state) {
        static FeedRow of(PowerSheet.Row r) {
            return new FeedRow(
                    r.depth(),
                    r.kind().name().toLowerCase(Locale.ROOT),
                    r.placement(),
                    r.title(),
                    r.through(),
                    r.volts().map(v -> List.of(v.from(), v.to())).orElse(List.of()),
                    r.nominalVolts().stream().toList(),
                    r.amps(),
                    r.runningWatts(),
                    r.peakWatts(),
                    r.limitWatts(),
                    r.free(),
                    r.state());
        }
    }

    record Cell(String item, String title) {
        static Cell of(ItemType type) {
            return new Cell(type.ref().toString(), type.name());
        }
    }

    record PlateView(
            String battery,
            String plate,
            boolean hotSwap,
            String keepsOn,
            List<Double> carriedHours,
            double bootSeconds,
            double runningWatts,
            double idleWatts,
            double lostWatts,
            int atHand,
            int bays,
            double nightHours,
            int needed,
            List<Cell> others,
            List<DayView> now,
            List<DayView> then,
            List<String> unknown) {
        static PlateView of(PowerSheet.PlateDay p) {
            return new PlateView(
                    p.battery(),
                    p.plate(),
                    p.keepsOn() != KeepsOn.NOTHING,
                    p.keepsOn().inWords(),
                    p.carriedHours().stream().boxed().toList(),
                    p.bootSeconds(),
                    p.runningWatts(),
                    p.idleWatts(),
                    p.lostWatts(),
                    p.atHand(),
                    p.bays(),
                    p.nightHours(),
                    p.needed(),
                    p.others().stream().map(Cell::of).toList(),
                    p.now().map(d -> DayView.of(p, d)).stream().toList(),
                    p.then().map(d -> DayView.of(p, d)).stream().toList(),
                    p.unknown());
        }
    }

    /**
     * {@code rechargeHours} has no figure when there is no bay; {@code baysForTheNight} none when no number will do.
     */
    record DayView(
            List<DayOfPower.Turn> turns,
            List<DayOfPower.Point> line,
            List<DayOfPower.Swap> swaps,
            double darkHours,
            double bootMinutes,
            double drawnWattHours,
            int used,
            int toRecharge,
            List<Double> rechargeHours,
            boolean fullByMorning,
            List<Integer> baysForTheNight) {
        static DayView of(PowerSheet.PlateDay plate, DayOfPower d) {
            return new DayView(
                    d.turns(),
                    d.line(),
                    d.swaps(),
                    d.darkHours(),
                    plate.bootMinutes(d),
                    d.drawnWattHours(),
                    d.used(),
                    d.toRecharge(),
                    Double.isInfinite(d.rechargeHours()) ? List.of() : List.of(d.rechargeHours()),
                    plate.isFullByMorning(d),
                    plate.baysForTheNight(d).stream().boxed().toList());
        }
    }
}
