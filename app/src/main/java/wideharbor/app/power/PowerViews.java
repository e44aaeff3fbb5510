package wideharbor.app.power;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.power.CabinRule;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.sheet.PowerSheet;

/** What the Power screen is answered with. */
final class PowerViews {
    private PowerViews() {}

    record Power(
            ConfigurationId configuration,
            LensId lens,
            List<PowerSheet.FeedRow> tree,
            List<DayBlock> day,
            boolean dayWritten,
            List<PlateView> plates,
            List<PowerSheet.DeviceDay> devices,
            List<FlownView> flown,
            List<PowerSheet.Island> islands) {}

    record FlownView(String battery, double wattHours, int count, String words, CabinRule rule, int people) {
        static FlownView of(PowerSheet.Flown f) {
            return new FlownView(f.battery(), f.wattHours(), f.count(), f.words(), f.rule(), f.people());
        }
    }

    record PlateView(
            String battery,
            String plate,
            boolean hotSwap,
            String keepsOn,
            OptionalDouble carriedHours,
            double bootSeconds,
            double runningWatts,
            double idleWatts,
            double lostWatts,
            int atHand,
            int bays,
            double nightHours,
            int needed,
            List<ItemType> others,
            Optional<DayView> now,
            Optional<DayView> then,
            List<String> unknown) {
        static PlateView of(PowerSheet.PlateDay p) {
            return new PlateView(
                    p.battery(),
                    p.plate(),
                    p.keepsOn() != KeepsOn.NOTHING,
                    p.keepsOn().inWords(),
                    p.carriedHours(),
                    p.bootSeconds(),
                    p.runningWatts(),
                    p.idleWatts(),
                    p.lostWatts(),
                    p.atHand(),
                    p.bays(),
                    p.nightHours(),
                    p.needed(),
                    p.others(),
                    p.now().map(d -> DayView.of(p, d)),
                    p.then().map(d -> DayView.of(p, d)),
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
            OptionalDouble rechargeHours,
            boolean fullByMorning,
            OptionalInt baysForTheNight) {
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
                    Double.isInfinite(d.rechargeHours())
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(d.rechargeHours()),
                    plate.isFullByMorning(d),
                    plate.baysForTheNight(d));
        }
    }
}
