package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Volts;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Placed;

/**
 * What a device gets at a power input.
 *
 * @param outlet that feeds it
 * @param volts at the device against its window: at the end of the usable charge with all at peak, or at full,
 *     whichever stands worse; empty where none reach it
 * @param estimated whether only what is estimated, such as the inner resistance of a battery, leaves it undecided
 */
public record InputVolts(
        Placed device,
        PowerFacet.PowerInput input,
        SocketRef ref,
        How how,
        Optional<FeedTree.Outlet> outlet,
        Optional<Judgement> volts,
        boolean estimated) {
    private static final double ROUNDING = 1e-6;

    /** How it is fed. */
    public enum How {
        FED,
        /** By a battery of its own. */
        ITSELF,
        NO_CABLE,
        /** The feed leads to no battery. */
        NO_BATTERY,
        /** A draw on the way is not on file. */
        UNKNOWN_DRAW
    }

    /** Every power input of a rig, in the order of the rig. */
    public static List<InputVolts> of(RigAnalysis analysis) {
        List<InputVolts> all = new ArrayList<>();
        for (Placed device : analysis.rig().attached()) {
            for (PowerFacet.PowerInput input : device.type().facets(PowerFacet.PowerInput.class)) {
                all.add(of(analysis, device, input));
            }
        }
        return all;
    }

    public static InputVolts of(RigAnalysis analysis, Placed device, PowerFacet.PowerInput input) {
        SocketRef ref = new SocketRef(device.id(), input.socket());
        Optional<FeedTree.Outlet> outlet = analysis.feeds().feeding(ref);
        if (outlet.isEmpty()) {
            boolean own = device.type().facet(PowerFacet.Battery.class).isPresent();
            return new InputVolts(device, input, ref, own ? How.ITSELF : How.NO_CABLE, outlet, Optional.empty(), false);
        }
        Optional<Ranged> least = Volts.least(analysis.feeds(), outlet.get());
        Optional<Ranged> most = Volts.most(analysis.feeds(), outlet.get());
        if (least.isPresent() && most.isPresent()) {
            Judgement known = judged(least.get(), most.get(), input);
            Judgement all = judged(
                    Volts.leastWithEstimates(analysis.feeds(), outlet.get()).orElseThrow(), most.get(), input);
            boolean estimated = all.state() == CheckState.UNDECIDED && known.state() != CheckState.UNDECIDED;
            return new InputVolts(device, input, ref, How.FED, outlet, Optional.of(all), estimated);
        }
        boolean source = analysis.feeds().sourceOf(outlet.get()).isPresent();
        return new InputVolts(
                device, input, ref, source ? How.UNKNOWN_DRAW : How.NO_BATTERY, outlet, Optional.empty(), false);
    }

    /** A device shuts off at its lowest volts, whatever it gets at others. */
    private static Judgement judged(Ranged least, Ranged most, PowerFacet.PowerInput input) {
        Judgement low = Judgement.atLeast(least, input.minVolts(), ROUNDING, "V");
        Judgement high = Judgement.atMost(most, input.maxVolts(), ROUNDING, "V");
        boolean tooHigh = high.state().compareTo(low.state()) > 0;
        Ranged worst = tooHigh ? most : least;
        return new Judgement(
                worst.value(),
                worst.range(),
                input.minVolts(),
                input.maxVolts(),
                "V",
                Judgement.worse(low.state(), high.state()));
    }

    public CheckState state() {
        return switch (how) {
            case ITSELF -> CheckState.FINE;
            case FED -> volts.map(Judgement::state).orElse(CheckState.NOT_CHECKED);
            case UNKNOWN_DRAW -> CheckState.NOT_CHECKED;
            case NO_CABLE, NO_BATTERY -> CheckState.FOUND;
        };
    }
}
