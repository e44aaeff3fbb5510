package wideharbor.core.sheet;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.ChargeForDay;
import wideharbor.core.analysis.OutletLoad;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.catalog.Facet;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Runtime;
import wideharbor.core.quantity.Span;

/** The figures under the drawing, each with what it is measured against. */
public record Meters(
        MassMeter mass,
        Optional<BalanceMeter> balance,
        Optional<RodMeter> rods,
        Optional<ChargeMeter> charge,
        OutputMeter outputs) {

    /** Grams; a limit of 0 is none. Parts without a mass are named, never counted as nothing. */
    public record MassMeter(
            double carried,
            Span range,
            double floor,
            double ceiling,
            List<String> unweighed,
            double whole,
            List<String> wholeUnweighed) {}

    /** Millimetres ahead of the support, with range; the shift that mends it and the room there is. */
    public record BalanceMeter(double off, Span range, double tolerance, double shift, Span travel, boolean hasSlide) {}

    public record RodMeter(double has, double needs, double tolerance) {}

    /** Hours of what is fitted, of all in the package, and what the brief asks for. */
    public record ChargeMeter(
            double fittedHours,
            double allHours,
            double neededHours,
            double watts,
            double celsius,
            List<String> unknown) {}

    /** Outlets free of all, and the amperes left: what outlets and the weakest battery both allow. */
    public record OutputMeter(int free, int all, double ampsFree, List<String> unknown) {}

    public static Meters of(RigAnalysis analysis) {
        return new Meters(
                mass(analysis),
                analysis.balance().map(Meters::balance),
                Drawing.rodHeights(analysis, wideharbor.core.geometry.View.LEFT).stream()
                        .findFirst()
                        .map(r -> new RodMeter(r.hasMm(), r.needsMm(), 1.0)),
                charge(analysis),
                outputs(analysis));
    }

    private static MassMeter mass(RigAnalysis analysis) {
        Mass carried = analysis.carried();
        Mass whole = Mass.of(
                analysis.rig(),
                analysis.rig().attached().stream().map(p -> p.id()).collect(java.util.stream.Collectors.toSet()));
        return new MassMeter(
                carried.grams(),
                carried.range(),
                analysis.job().brief().massFloorGrams(),
                analysis.job().brief().massCeilingGrams(),
                carried.unweighed(),
                whole.grams(),
                whole.unweighed());
    }

    private static BalanceMeter balance(SlideBalance balance) {
        Span off = balance.offMm();
        double middle = (off.from() + off.to()) / 2;
        return balance.slide()
                .map(s -> new BalanceMeter(
                        middle, off, balance.toleranceMm(), s.cameraShiftMm(), s.cameraRangeMm(), true))
                .orElseGet(() -> new BalanceMeter(middle, off, balance.toleranceMm(), 0, Span.of(0), false));
    }

    private static Optional<ChargeMeter> charge(RigAnalysis analysis) {
        if (analysis.feeds().sources().isEmpty()) {
            return Optional.empty();
        }
        ChargeForDay day = ChargeForDay.of(analysis);
        double celsius = analysis.job().brief().temperatureC();
        double fitted = 0;
        for (FeedTree.Source source : analysis.feeds().sources()) {
            fitted += Runtime.usableWattHours(source.spec(), celsius, analysis.rules());
        }
        return Optional.of(new ChargeMeter(
                finite(Runtime.hours(fitted, day.watts())),
                finite(day.hours()),
                ChargeForDay.hoursNeeded(analysis),
                day.watts(),
                celsius,
                day.unknown()));
    }

    /** A load of nothing lasts longer than any day; 999 h stands for it where a number is shown. */
    private static double finite(double hours) {
        return Math.min(hours, 999);
    }

    private static OutputMeter outputs(RigAnalysis analysis) {
        List<FeedTree.Outlet> all = analysis.feeds().outlets();
        int free = (int) all.stream().filter(o -> o.link().isEmpty()).count();
        double most = 0;
        for (FeedTree.Outlet outlet : all) {
            Facet.PowerOutput spec = outlet.spec();
            double used = OutletLoad.amps(analysis.feeds(), outlet).orElse(0.0);
            most += outlet.link().isEmpty() ? spec.continuousAmps() : Math.max(0, spec.continuousAmps() - used);
        }
        double room = Double.POSITIVE_INFINITY;
        for (FeedTree.Source source : analysis.feeds().sources()) {
            double watts = source.spec().continuousWatts()
                    - analysis.feeds().loadOn(source).runningWatts();
            room = Math.min(room, Math.max(0, watts / source.spec().endVolts()));
        }
        List<String> unknown = all.stream()
                .flatMap(o -> analysis.feeds().loadOn(o).unknown().stream())
                .distinct()
                .toList();
        return new OutputMeter(
                free, all.size(), analysis.feeds().sources().isEmpty() ? 0 : Math.min(most, room), unknown);
    }
}
