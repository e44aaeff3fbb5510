package wideharbor.app.bench;

import java.util.List;
import java.util.Locale;
import wideharbor.core.bench.PowerSheet;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.power.DayOfPower;

/** What the Power screen is answered with. Lists of one stand for what may be absent. */
final class PowerViews {
    private PowerViews() {}

    record Power(
            String configuration, String lens, List<FeedRow> tree, List<DayBlock> day, boolean dayWritten, List<PlateView> plates, List<FlownView> flown, List<PowerSheet.Island> islands) {}

    record FlownView(String battery, double wattHours, int count, String words, String rule, int people) {
        static FlownView of(PowerSheet.Flown f) {
            return new FlownView(f.battery(), f.wattHours(), f.count(), f.rule().inWords(), f.rule().name(), f.people());
        }
    }

    record FeedRow(
            int depth,
            String kind,
            String placement,
            String title,
            String through,
            List<Double> volts,
            double amps,
            double runningWatts,
            double peakWatts,
            double limitWatts,
            boolean free,
            boolean met) {
        static FeedRow of(PowerSheet.Row r) {
            return new FeedRow(
                    r.depth(),
                    r.kind().name().toLowerCase(Locale.ROOT),
                    r.placement(),
                    r.title(),
                    r.through(),
                    r.volts().map(v -> List.of(v.from(), v.to())).orElse(List.of()),
                    r.amps(),
                    r.runningWatts(),
                    r.peakWatts(),
                    r.limitWatts(),
                    r.free(),
                    r.met());
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
            double runningWatts,
            double idleWatts,
            int atHand,
            int bays,
            int needed,
            List<Cell> others,
            List<DayView> now,
            List<DayView> then,
            List<String> unknown) {
        static PlateView of(PowerSheet.PlateDay p) {
            return new PlateView(
                    p.battery(),
                    p.plate(),
                    p.hotSwap(),
                    p.runningWatts(),
                    p.idleWatts(),
                    p.atHand(),
                    p.bays(),
                    p.needed(),
                    p.others().stream().map(Cell::of).toList(),
                    p.now().map(DayView::of).stream().toList(),
                    p.then().map(DayView::of).stream().toList(),
                    p.unknown());
        }
    }

    /** {@code rechargeHours} has no figure when there is no bay. */
    record DayView(
            List<DayOfPower.Point> line,
            List<DayOfPower.Swap> swaps,
            double darkHours,
            double drawnWattHours,
            int used,
            int toRecharge,
            List<Double> rechargeHours) {
        static DayView of(DayOfPower d) {
            return new DayView(
                    d.line(),
                    d.swaps(),
                    d.darkHours(),
                    d.drawnWattHours(),
                    d.used(),
                    d.toRecharge(),
                    Double.isInfinite(d.rechargeHours()) ? List.of() : List.of(d.rechargeHours()));
        }
    }
}
