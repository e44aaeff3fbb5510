package wideharbor.core.power;

import wideharbor.core.quantity.Require;

/**
 * The usual rule for lithium batteries in air travel, by watt-hours, as of 2026-11. Spares go in the cabin with their
 * terminals covered. The carrier and local law decide.
 */
public enum CabinRule {
    /** Up to 100 Wh. */
    FREE("in the cabin; usually no approval needed"),
    /** Over 100 to 160 Wh. */
    APPROVAL("in the cabin with the carrier’s approval; usually two spares a person"),
    /** Over 160 Wh. */
    NOT_AS_BAGGAGE("not as baggage; as freight under the rules for dangerous goods");

    private static final double FREE_TO = 100;
    private static final double APPROVED_TO = 160;
    private static final int SPARES_A_PERSON = 2;

    private final String words;

    CabinRule(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    public static CabinRule of(double wattHours) {
        Require.within("Watt-hours of a battery", wattHours, 0.1, 10_000, "Wh");
        if (wattHours <= FREE_TO) {
            return FREE;
        }
        return wattHours <= APPROVED_TO ? APPROVAL : NOT_AS_BAGGAGE;
    }

    /** How many of them so many people usually may take along; as many as they like where no approval is needed. */
    public int mostFor(int people) {
        return switch (this) {
            case FREE -> Integer.MAX_VALUE;
            case APPROVAL -> people * SPARES_A_PERSON;
            case NOT_AS_BAGGAGE -> 0;
        };
    }

    /** People it usually takes to carry so many spares in the cabin; 0 when it cannot be done. */
    public int peopleFor(int spares) {
        return switch (this) {
            case FREE -> 1;
            case APPROVAL -> Math.max(1, (spares + SPARES_A_PERSON - 1) / SPARES_A_PERSON);
            case NOT_AS_BAGGAGE -> 0;
        };
    }
}
