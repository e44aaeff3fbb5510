package wideharbor.core.sheet;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.CarriedMass;
import wideharbor.core.analysis.ChargeForDay;
import wideharbor.core.analysis.DropTime;
import wideharbor.core.analysis.OutletLoad;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodFit;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;

/** The figures under the drawing, each with what it is measured against. */
public record Meters(
        MassMeter mass,
        Optional<BalanceMeter> balance,
        Optional<RodMeter> rods,
        Optional<ChargeMeter> charge,
        OutputMeter outputs) {

    /** How a meter stands: as the check that finds it says, and how heavy that weighs. */
    public enum Standing {
        MET,
        /** Not on file, or undecided. */
        OPEN,
        CAUTION,
        STOP
    }

    /** Grams; a limit of 0 is none. Parts without a mass are named, never counted as nothing. */
    public record MassMeter(
            Standing standing,
            double carried,
            Span range,
            double floor,
            double ceiling,
            List<String> unweighed,
            double whole,
            List<String> wholeUnweighed) {}

    /**
     * Millimetres ahead of the support, with range; the shift that mends it and the room there is.
     *
     * @param drop seconds from level to hanging of what is on a post; 0 to 0 of anything else
     */
    public record BalanceMeter(
            Standing standing,
            double off,
            Span range,
            double tolerance,
            double shift,
            Span travel,
            boolean hasSlide,
            Span drop) {}

    /** The first pair of rods that carries something which must sit on the axis. */
    public record RodMeter(Standing standing, double has, double needs, double tolerance) {}

    /**
     * Hours of what is fitted, and how long all in the package lasts against what is asked for: hours on end, or of a
     * day written in blocks those with power.
     */
    public record ChargeMeter(
            Standing standing,
            double fittedHours,
            double allHours,
            double neededHours,
            boolean written,
            double watts,
            double celsius,
            List<String> unknown) {}

    /** Outlets free of all, and the amperes left: what outlets and the weakest battery both allow. */
    public record OutputMeter(Standing standing, int free, int all, double ampsFree, List<String> unknown) {}

    public static Meters of(RigAnalysis analysis) {
        return new Meters(
                mass(analysis),
                analysis.balance().map(b -> balance(analysis, b)),
                RodFit.of(analysis).stream().findFirst().map(Meters::rods),
                charge(analysis),
                outputs(analysis));
    }

    private static Standing standing(CheckState state, Standing found) {
        return switch (state) {
            case FINE -> Standing.MET;
            case UNDECIDED, NOT_CHECKED -> Standing.OPEN;
            case FOUND -> found;
        };
    }

    private static Standing worse(Standing a, Standing b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    private static MassMeter mass(RigAnalysis analysis) {
        CarriedMass carried = CarriedMass.of(analysis);
        Mass whole = Mass.of(
                analysis.rig(),
                analysis.rig().attached().stream().map(p -> p.id()).collect(java.util.stream.Collectors.toSet()));
        Standing known = carried.lifted().isComplete() ? Standing.MET : Standing.OPEN;
        return new MassMeter(
                worse(
                        known,
                        worse(
                                standing(carried.payloadState(), Standing.STOP),
                                standing(carried.briefState(), Standing.CAUTION))),
                carried.lifted().grams(),
                carried.lifted().range(),
                analysis.job().brief().massFloorGrams(),
                analysis.job().brief().massCeilingGrams(),
                carried.lifted().unweighed(),
                whole.grams(),
                whole.unweighed());
    }

    private static BalanceMeter balance(RigAnalysis analysis, SlideBalance balance) {
        Judgement judged = balance.judgement();
        Standing standing = standing(judged.state(), balance.isReachable() ? Standing.CAUTION : Standing.STOP);
        double shift = balance.slide().map(SlideBalance.Slide::cameraShiftMm).orElse(0.0);
        Span travel = balance.slide().map(SlideBalance.Slide::cameraRangeMm).orElse(Span.of(0));
        return new BalanceMeter(
                standing,
                judged.value(),
                judged.range(),
                balance.toleranceMm(),
                shift,
                travel,
                balance.slide().isPresent(),
                DropTime.of(analysis).map(d -> d.seconds().range()).orElse(Span.of(0)));
    }

    private static RodMeter rods(RodFit fit) {
        return new RodMeter(
                standing(fit.state(), Standing.STOP), fit.height().value(), fit.neededMm(), fit.toleranceMm());
    }

    private static Optional<ChargeMeter> charge(RigAnalysis analysis) {
        if (analysis.feeds().sources().isEmpty()) {
            return Optional.empty();
        }
        ChargeForDay day = ChargeForDay.of(analysis);
        double celsius = analysis.job().brief().temperatureC();
        double fitted = Double.POSITIVE_INFINITY;
        for (FeedTree.Source source : analysis.feeds().sources()) {
            // The rig goes dark with the first that is empty.
            fitted = Math.min(
                    fitted,
                    RunTime.hours(
                            RunTime.usableWattHours(source.spec(), celsius, analysis.rules()),
                            analysis.feeds().costOf(source).value()));
        }
        return Optional.of(new ChargeMeter(
                standing(day.lasts().state(), Standing.STOP),
                finite(fitted),
                day.lasts().value(),
                day.lasts().from(),
                day.written(),
                day.watts(),
                celsius,
                day.unknown()));
    }

    /** A load of nothing lasts longer than any day; a figure stands for it where a number is shown. */
    private static double finite(double hours) {
        return Math.min(hours, ChargeForDay.LONGEST_HOURS);
    }

    private static OutputMeter outputs(RigAnalysis analysis) {
        List<FeedTree.Outlet> all =
                analysis.feeds().outlets().stream().filter(o -> !o.isContact()).toList();
        int free = (int) all.stream().filter(o -> o.link().isEmpty()).count();
        double most = 0;
        for (FeedTree.Outlet outlet : all) {
            PowerFacet.PowerOutput spec = outlet.spec();
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
        CheckState worst = CheckState.FINE;
        for (FeedTree.Outlet outlet : all) {
            if (outlet.link().isPresent()) {
                worst = Judgement.worse(worst, OutletLoad.of(analysis, outlet).state());
            }
        }
        return new OutputMeter(
                standing(worst, Standing.STOP),
                free,
                all.size(),
                analysis.feeds().sources().isEmpty() ? 0 : Math.min(most, room),
                unknown);
    }
}
