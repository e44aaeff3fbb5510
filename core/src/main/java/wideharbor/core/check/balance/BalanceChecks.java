package wideharbor.core.check.balance;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of mass, balance and what bears it, in the order in which findings of one weight are told. */
public final class BalanceChecks {
    private BalanceChecks() {}

    public static List<Check> all() {
        return List.of(
                new SlideForBalance(),
                new LensSupport(),
                new MassWindow(),
                new Counterbalanced(),
                new ShoulderHold(),
                new HangTilt(),
                new VestLift(),
                new GimbalAxes(),
                new GimbalSwing(),
                new PivotDrop(),
                new Lateral(),
                new Tipping(),
                new MassKnown(),
                new MassAsWeighed());
    }
}
