package wideharbor.core.power;

/** How cells take charge. */
public final class Charging {
    /** Share of what a bay gives that stays in the cell. */
    private static final double STAYS = 0.97;

    /** Of the capacity, the last that goes in at constant volts and falling amperes. */
    static final double SLOW_SHARE = 0.2;

    /** Of its watts, what a bay gives there on average: from empty it all takes about 1.2·C/P. */
    static final double SLOW = 0.5;

    private static final double FREEZES = 0;
    private static final double COLD = 10;
    private static final double HOT = 45;
    private static final double COLD_SHARE = 0.5;

    private Charging() {}

    /** Wh an hour that so many watts put back. */
    static double putBack(double watts) {
        return watts * STAYS;
    }

    /** Share of a bay's watts that cells may take where it stands: IEC 62133-2. */
    public static double share(double celsius) {
        if (celsius < FREEZES || celsius > HOT) {
            return 0;
        }
        return celsius < COLD ? COLD_SHARE : 1;
    }
}
