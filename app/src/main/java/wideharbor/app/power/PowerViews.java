package wideharbor.app.power;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.Holds;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.CabinRule;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.sheet.PowerSheet;

/** What the Power screen is answered with. */
final class PowerViews {
    private PowerViews() {}

    record Power(
            int revision,
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

    /** {@code counts}: just the same things hang on the battery as when it was measured. */
    record DrawnView(double watts, double plusMinus, String by, String when, boolean counts) {
        static DrawnView of(Drawn d, boolean counts, UnaryOperator<String> name) {
            return new DrawnView(d.watts(), d.plusMinus(), name.apply(d.by()), d.when(), counts);
        }
    }

    record HoldsView(double wattHours, double plusMinus, String by, String when) {
        static HoldsView of(Holds h, UnaryOperator<String> name) {
            return new HoldsView(h.wattHours(), h.plusMinus(), name.apply(h.by()), h.when());
        }
    }

    record PlateView(
            PlacementId part,
            String battery,
            String plate,
            boolean hotSwap,
            String keepsOn,
            OptionalDouble carriedHours,
            double bootSeconds,
            double runningWatts,
            double nameplateWatts,
            Optional<DrawnView> drawn,
            Optional<HoldsView> holds,
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
        static PlateView of(PowerSheet.PlateDay p, UnaryOperator<String> name) {
            return new PlateView(
                    p.part(),
                    p.battery(),
                    p.plate(),
                    p.keepsOn() != KeepsOn.NOTHING,
                    p.keepsOn().inWords(),
                    p.carriedHours(),
                    p.bootSeconds(),
                    p.runningWatts(),
                    p.nameplateWatts(),
                    p.drawn().map(d -> DrawnView.of(d, p.drawnCounts(), name)),
                    p.holds().map(h -> HoldsView.of(h, name)),
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
