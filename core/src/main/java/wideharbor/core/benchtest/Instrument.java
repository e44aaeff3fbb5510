package wideharbor.core.benchtest;

/** What a test is measured with. */
public enum Instrument {
    /** Eyes, ears and hands. */
    NONE,
    SCALE,
    /** Two scales under one rig: where its middle is. */
    TWO_POINT,
    /** Charges and discharges a battery and counts. */
    ANALYSER,
    /** Turns a ring or a screw and tells the torque. */
    TORQUE_DRIVER,
    /** What a head's springs hold and its drag takes. */
    HEAD_METER,
    /** Volts and amperes on the way to the rig. */
    POWER_METER,
    /** Flange distance of a mount. */
    FLANGE_GAUGE,
    CALIPER,
    CLOCK
}
