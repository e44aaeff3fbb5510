package wideharbor.core.check.rods;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of rods and what rides on them, in the order in which findings of one weight are told. */
public final class RodsChecks {
    private RodsChecks() {}

    public static List<Check> all() {
        return List.of(
                new RodsMatch(), new AxisHeight(), new RodReach(), new RodEnds(), new RodSag(), new RoomBesideLens());
    }
}
