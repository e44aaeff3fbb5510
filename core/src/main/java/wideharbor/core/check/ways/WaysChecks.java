package wideharbor.core.check.ways;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of what house, operator or job want otherwise, in the order in which findings of one weight are told. */
public final class WaysChecks {
    private WaysChecks() {}

    public static List<Check> all() {
        return List.of(new BuiltAsWanted());
    }
}
