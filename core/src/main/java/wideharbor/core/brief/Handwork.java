package wideharbor.core.brief;

import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Port;

/** How long hands are at it, by the house's figures, minutes. */
public final class Handwork {
    private Handwork() {}

    /** To work a face of a joint: each stage of a lever, or every screw. */
    public static double minutes(Port port, HouseRules rules) {
        return port.working().isToolFree()
                ? rules.value(Rule.TIME_LEVER) * port.working().stages()
                : port.screwCount() * rules.value(Rule.TIME_SCREW);
    }

    /** What is heavy is lifted with care, and that takes time of its own. */
    public static double lift(double grams, HouseRules rules) {
        return grams > rules.value(Rule.LIFT_MASS) ? rules.value(Rule.TIME_LIFT) : 0;
    }
}
