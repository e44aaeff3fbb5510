package wideharbor.core.balance;

/** The sums of a rig at rest, with their units in the names; each is worked by hand in docs/balance.md. */
public final class Statics {
    /** Standard gravity, m/s². */
    public static final double G = 9.80665;

    private Statics() {}

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

    /** δ = F·L³ / (3·E·I): how far the free end of a rod sinks under a force there, mm; E in N/mm². */
    public static double sag(double newton, double freeMm, double modulus, double areaMoment) {
        return newton * Math.pow(freeMm, 3) / (3 * modulus * areaMoment);
    }

    /** The most that a rig leans before its centre of mass stands over an edge: atan(margin / height), degrees. */
    public static double tipAngle(double marginMm, double heightMm) {
        return Math.toDegrees(Math.atan2(marginMm, heightMm));
    }
}
