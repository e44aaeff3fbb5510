package wideharbor.core.power;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.quantity.Require;

/**
 * The usual rule for lithium batteries in air travel, by watt-hours, as of 2026-11. Spares go in the cabin with their
 * terminals covered. The carrier and local law decide.
 */
public enum CabinRule {
    /** Usually up to 100 Wh. */
    FREE,
    /** Usually over 100 to 160 Wh. */
    APPROVAL,
    /** Usually over 160 Wh. */
    NOT_AS_BAGGAGE;

    public String inWords(HouseRules rules) {
        return switch (this) {
            case FREE -> "in the cabin; usually no approval needed";
            case APPROVAL -> "in the cabin with the carrier’s approval; usually " + spares(rules) + " a person";
            case NOT_AS_BAGGAGE -> "not as baggage; as freight under the rules for dangerous goods";
        };
    }

    /** By the watt-hours of one battery and the limits that the house reckons with. */
    public static CabinRule of(double wattHours, HouseRules rules) {
        Require.within("Watt-hours of a battery", wattHours, 0.1, 10_000, "Wh");
        if (wattHours <= rules.value(Rule.CABIN_FREE)) {
            return FREE;
        }
        return wattHours <= rules.value(Rule.CABIN_ASKED) ? APPROVAL : NOT_AS_BAGGAGE;
    }

    private static int spares(HouseRules rules) {
        return (int) rules.value(Rule.CABIN_SPARES);
    }

    /** How many of them so many people usually may take along; as many as they like where no approval is needed. */
    public int mostFor(int people, HouseRules rules) {
        return switch (this) {
            case FREE -> Integer.MAX_VALUE;
            case APPROVAL -> people * spares(rules);
            case NOT_AS_BAGGAGE -> 0;
        };
    }

    /** People it usually takes to carry so many spares in the cabin; 0 when it cannot be done. */
    public int peopleFor(int pieces, HouseRules rules) {
        return switch (this) {
            case FREE -> 1;
            case APPROVAL -> spares(rules) == 0 ? 0 : Math.max(1, (pieces + spares(rules) - 1) / spares(rules));
            case NOT_AS_BAGGAGE -> 0;
        };
    }
}
