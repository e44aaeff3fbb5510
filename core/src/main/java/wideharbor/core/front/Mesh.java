package wideharbor.core.front;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standards;

/**
 * A drive on a rod and the gear of the lens that it is nearest to. Two gears of one module mesh where their middles are
 * a = m · (z₁ + z₂) ÷ 2 apart; with the rod R from the lens's axis and the drive's gear on an arm ρ about the rod, that
 * is where |R − ρ| ≤ a ≤ R + ρ.
 *
 * @param ring what has the gear: the lens, or a gear ring on it
 * @param rods each rod the drive may sit on, the one that reaches first
 * @param aparts a, mm
 * @param overlapMm how much of the teeth run in each other along the rod, mm; negative: they miss each other by so much
 * @param aheadMm how far the drive goes forward for the teeth to run in the middle of the lens's, mm
 */
public record Mesh(
        Placed drive,
        FrontFacet.Drive facet,
        Placed lens,
        Placed ring,
        FrontFacet.Gear gear,
        List<Rod> rods,
        double aparts,
        double overlapMm,
        double aheadMm) {

    private static final double ALONG = 0.99;
    private static final double SAME_MODULE = 0.005;

    public Mesh {
        rods = List.copyOf(rods);
    }

    /**
     * A rod on which the drive may sit.
     *
     * @param xMm of its middle, to camera left of the lens's axis
     * @param yMm of its middle, over the lens's axis
     * @param swings directions of the arm from straight up, to camera left positive, degrees, at which the gears mesh,
     *     the one farther from the other rod first; none where the arm does not reach
     */
    public record Rod(double xMm, double yMm, List<Double> swings) {
        public Rod {
            swings = List.copyOf(swings);
        }

        /** R: from the lens's axis, mm. */
        public double fromAxisMm() {
            return Math.hypot(xMm, yMm);
        }
    }

    /** Every drive on rods that run along the lens, with the gear nearest to it; none without a geared lens. */
    public static List<Mesh> of(Rig rig, Standards standards) {
        Optional<Placed> lens = rig.fittedLens();
        List<Mesh> all = new ArrayList<>();
        for (Placed drive : rig.attached()) {
            lens.ifPresent(l -> drive.type()
                    .facet(FrontFacet.Drive.class)
                    .flatMap(f -> of(rig, standards, new Driven(drive, f, l)))
                    .ifPresent(all::add));
        }
        return all;
    }

    private record Driven(Placed drive, FrontFacet.Drive facet, Placed lens) {}

    private static Optional<Mesh> of(Rig rig, Standards standards, Driven driven) {
        Optional<Joint> joint = rig.locatedBy(driven.drive().id());
        if (joint.isEmpty()) {
            return Optional.empty();
        }
        PortRef on = joint.get().parent();
        Port carrier = rig.port(on);
        Pose rods = rig.require(on.placement()).portPose(on.port());
        Placed drive = driven.drive();
        if (!(carrier.occupancy() instanceof Port.Occupancy.Interval)
                || Math.abs(rods.u().dot(Vec3.FORWARD)) < ALONG) {
            return Optional.empty();
        }
        double teethAt = drive.portPose(joint.get().child().port()).at().z()
                + driven.facet().atMm();
        return geared(rig, driven.lens())
                .min(Comparator.comparingDouble(g -> Math.abs(g.atMm() - teethAt)))
                .map(g -> {
                    FrontFacet.Gear gear = g.gear();
                    double ahead = g.atMm() - teethAt;
                    double half = (gear.faceMm() + driven.facet().faceMm()) / 2;
                    double narrower = Math.min(gear.faceMm(), driven.facet().faceMm());
                    double aparts =
                            gear.moduleMm() * (gear.teeth() + driven.facet().teeth()) / 2;
                    double spacing = Mating.rodSpacing(carrier, standards);
                    return new Mesh(
                            drive,
                            driven.facet(),
                            driven.lens(),
                            g.part(),
                            gear,
                            rods(rods, spacing, driven.facet().armMm(), aparts),
                            aparts,
                            Math.min(narrower, half - Math.abs(ahead)),
                            ahead);
                });
    }

    private record Geared(Placed part, FrontFacet.Gear gear) {
        double atMm() {
            return part.pose().at().z() + gear.fromMountMm();
        }
    }

    /** The toothed rings of a lens, and of what is put on it. */
    private static Stream<Geared> geared(Rig rig, Placed lens) {
        return rig.subtree(lens.id()).stream()
                .flatMap(id -> rig.find(id).stream())
                .flatMap(p -> p.type().facets(FrontFacet.Gear.class).stream().map(g -> new Geared(p, g)));
    }

    /** Whether a lens, with what is put on it, has any teeth. */
    public static boolean hasTeeth(Rig rig, Placed lens) {
        return geared(rig, lens).findAny().isPresent();
    }

    private static List<Rod> rods(Pose carrier, double spacing, double arm, double aparts) {
        List<Rod> all = new ArrayList<>();
        for (double side : spacing == 0 ? new double[] {0} : new double[] {spacing / 2, -spacing / 2}) {
            Vec3 at = carrier.at().plus(carrier.r().times(side));
            all.add(new Rod(at.x(), at.y(), swings(at.x(), at.y(), arm, aparts)));
        }
        all.sort(Comparator.comparing((Rod r) -> r.swings().isEmpty()));
        return all;
    }

    /** Where a circle of the arm about the rod meets one of a about the lens's axis. */
    static List<Double> swings(double x, double y, double arm, double aparts) {
        double far = Math.hypot(x, y);
        if (far == 0 || arm == 0 || aparts < Math.abs(far - arm) || aparts > far + arm) {
            return List.of();
        }
        double along = (far * far + arm * arm - aparts * aparts) / (2 * far);
        double aside = Math.sqrt(Math.max(0, arm * arm - along * along));
        List<Double> all = new ArrayList<>();
        for (int sign : new int[] {1, -1}) {
            double dx = (-x * along - sign * y * aside) / far;
            double dy = (-y * along + sign * x * aside) / far;
            all.add(Math.toDegrees(Math.atan2(dx, dy)));
        }
        all.sort(Comparator.comparingDouble(a -> -Math.abs(x + arm * Math.sin(Math.toRadians(a)))));
        return all;
    }

    public boolean isOfOneModule() {
        return Math.abs(gear.moduleMm() - facet.moduleMm()) < SAME_MODULE;
    }

    /** How far the gears' middles can be from each other, on the rod that comes nearest to it, against a. */
    public Judgement reach() {
        Judgement nearest = null;
        for (Rod rod : rods) {
            Judgement here = Judgement.within(
                    aparts, Math.abs(rod.fromAxisMm() - facet.armMm()), rod.fromAxisMm() + facet.armMm(), 1e-6, "mm");
            nearest = nearest == null || here.isFine() && !nearest.isFine() ? here : nearest;
        }
        return nearest == null ? Judgement.atLeast(0, 0, 0, "mm").unknown() : nearest;
    }

    /** How much of the teeth run in each other, against a share of the narrower ones. */
    public Judgement overlap(double share) {
        return Judgement.atLeast(overlapMm, share * Math.min(gear.faceMm(), facet.faceMm()), 1e-6, "mm");
    }

    /** What the drive gives at the ring, N·m; empty where a hand drives. */
    public Optional<Double> atRingNm() {
        return facet.torqueNm().map(t -> t * gear.teeth() / facet.teeth());
    }

    /** Torque at the ring, z₁ ÷ z₂ times the drive's, against what turns it; empty where a hand drives. */
    public Optional<Judgement> torque(double reserve) {
        return atRingNm().map(atRing -> {
            if (gear.torqueNm() instanceof Figure.Known k) {
                Ranged need = Ranged.of(k.value() * reserve, k.low() * reserve, k.high() * reserve);
                // What is needed has the range; the difference is judged, and told as the torque that there is.
                Judgement spare = Judgement.atLeast(need.map(n -> atRing - n), 0, 1e-9, "N·m");
                return new Judgement(
                        atRing, Span.of(atRing), need.value(), Double.POSITIVE_INFINITY, "N·m", spare.state());
            }
            return Judgement.atLeast(atRing, 0, 0, "N·m").unknown();
        });
    }

    /** Turns of the drive's gear from stop to stop of the ring. */
    public double turns() {
        return gear.turnDegrees() / 360 * gear.teeth() / facet.teeth();
    }
}
