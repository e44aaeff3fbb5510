package wideharbor.core.benchtest;

/** What a test is measured with. */
public enum Instrument {
    /** Eyes, ears and hands. */
    NONE,
    SCALE,
    /** Charges and discharges a battery and counts. */
    ANALYSER,
    /** Volts and amperes on the way to the rig. */
    POWER_METER,
    /** Flange distance of a mount. */
    FLANGE_GAUGE,
    CALIPER,
    CLOCK
}
