package wideharbor.core.balance;

/** The sums of a rig at rest, with their units in the names; each is worked by hand in docs/balance.md. */
public final class Statics {
    /** Standard gravity, m/s². */
    public static final double G = 9.80665;

    private Statics() {}

    /** What a moment of masses, g·mm, is as a moment of forces, N·m. */
    public static double newtonMetres(double gramMillimetres) {
        return gramMillimetres / 1e6 * G;
    }

    /**
     * s = −off·M / M_mov: how far the part that carries M_mov must go to bring the centre of all M over the support,
     * mm.
     */
    public static double slide(double offMm, double allGrams, double movedGrams) {
        return -offMm * allGrams / movedGrams;
    }

    /**
     * M(θ) = m·g·(h·sin θ + d·cos θ): what turns a head nose down, N·m. Height over and distance ahead of the axis in
     * mm.
     */
    public static double noseDown(double grams, double heightMm, double aheadMm, double tiltDegrees) {
        double t = Math.toRadians(tiltDegrees);
        return grams / 1000 * G * (heightMm * Math.sin(t) + aheadMm * Math.cos(t)) / 1000;
    }

    /** F = m·g·Δz / L: what the hands hold up at grips L ahead of the pad, N; negative when they pull down. */
    public static double handForce(double grams, double aheadOfPadMm, double padToGripsMm) {
        return grams / 1000 * G * aheadOfPadMm / padToGripsMm;
    }

    /**
     * atan(off / drop): how far a rig that hangs by a hook noses down, degrees; the drop is hook over centre of mass,
     * mm.
     */
    public static double hangTilt(double aheadOfHookMm, double hookOverCentreMm) {
        return Math.toDegrees(Math.atan2(aheadOfHookMm, hookOverCentreMm));
    }

    /** I = π·(D⁴ − d⁴)/64 of a tube, mm⁴. */
    public static double areaMoment(double diameterMm, double wallMm) {
        double bore = diameterMm - 2 * wallMm;
        return Math.PI * (Math.pow(diameterMm, 4) - Math.pow(bore, 4)) / 64;
    }

    /**
     * How far a rod clamped at 0 sinks at x under a newton at a, in mm times its E·I, N·mm²: a²·(3x − a)/6 beyond the
     * load, x²·(3a − x)/6 before it.
     */
    public static double sagByForce(double xMm, double atMm) {
        return xMm >= atMm ? atMm * atMm * (3 * xMm - atMm) / 6 : xMm * xMm * (3 * atMm - xMm) / 6;
    }

    /** The same under a newton millimetre that turns it down at a: a·(2x − a)/2 beyond, x²/2 before. */
    public static double sagByMoment(double xMm, double atMm) {
        return xMm >= atMm ? atMm * (2 * xMm - atMm) / 2 : xMm * xMm / 2;
    }

    /** The same under a newton on every millimetre of its free length L: x²·(6L² − 4L·x + x²)/24. */
    public static double sagByItself(double xMm, double freeMm) {
        return xMm * xMm * (6 * freeMm * freeMm - 4 * freeMm * xMm + xMm * xMm) / 24;
    }

    /** The most that a rig leans before its centre of mass stands over an edge: atan(margin / height), degrees. */
    public static double tipAngle(double marginMm, double heightMm) {
        return Math.toDegrees(Math.atan2(marginMm, heightMm));
    }
}
