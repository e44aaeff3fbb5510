package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * How far rods sink, across themselves, at each thing that rides on them beyond what holds them: every load, the moment
 * of its centre about its own clamp, what a lens brace bears, and the rods' own weight, one on top of the other, on the
 * rod that bears more of each (lever rule).
 */
public record RodBend(Placed rods, List<Sunk> sunk, String widest) {

    /** A part that rides on the rods, and how far they sink there, mm. */
    public record Sunk(PlacementId part, Ranged mm) {}

    /** The part at which they sink most; empty when nothing rides on them. */
    public Optional<Sunk> worst() {
        return sunk.stream().max((a, b) -> Double.compare(a.mm().value(), b.mm().value()));
    }

    /** One for every pair that something holds. */
    public static List<RodBend> of(RigAnalysis analysis) {
        List<RodBend> all = new ArrayList<>();
        for (Placed rods : analysis.rig().attached()) {
            rods.type()
                    .facet(RiggingFacet.Rods.class)
                    .flatMap(f -> analysis.rig()
                            .locatedBy(rods.id())
                            .flatMap(analysis.rig()::held)
                            .map(h -> of(analysis, new Beam(analysis, rods, f, h))))
                    .ifPresent(all::add);
        }
        return all;
    }

    private static RodBend of(RigAnalysis analysis, Beam beam) {
        List<Load> loads = new ArrayList<>();
        for (Joint joint : analysis.rig().carriedBy(beam.rods.id())) {
            analysis.rig()
                    .held(joint)
                    .filter(h -> analysis.rig().find(joint.child().placement()).isPresent())
                    .flatMap(h -> beam.load(
                            joint.child().placement(),
                            (h.span().from() + h.span().to()) / 2))
                    .ifPresent(loads::add);
        }
        List<Sunk> sunk = loads.stream()
                .map(at -> new Sunk(at.part(), beam.sunkAt(at, loads)))
                .toList();
        List<Mass> masses = loads.stream().map(Load::mass).toList();
        return new RodBend(beam.rods, sunk, widest(masses));
    }

    private static String widest(List<Mass> masses) {
        return masses.stream()
                .max((a, b) -> Double.compare(a.range().length(), b.range().length()))
                .map(m -> m.widest(at -> 1))
                .orElse("");
    }

    /** What rides so far beyond the holder's edge, on its front side or its rear. */
    private record Load(PlacementId part, double atMm, boolean front, Mass mass, Ranged brace) {}

    /** One rod of the pair, clamped where its holder ends. */
    private static final class Beam {
        private final RigAnalysis analysis;
        private final Placed rods;
        private final RiggingFacet.Rods facet;
        private final Rig.HeldStretch holder;
        private final Pose pose;
        private final Vec3 along;
        private final double across;
        private final Vec3 aside;
        private final double spacing;
        private final double stiffness;

        Beam(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet, Rig.HeldStretch holder) {
            this.analysis = analysis;
            this.rods = rods;
            this.facet = facet;
            this.holder = holder;
            pose = rods.portPose(facet.port());
            along = pose.apply(Vec3.UP).minus(pose.at()).unit();
            Vec3 down = analysis.rig().world().up().times(-1);
            Vec3 level = down.minus(along.times(down.dot(along)));
            across = level.length();
            aside = across < 1e-9 ? analysis.rig().world().left() : along.cross(level.unit());
            spacing = Mating.rodSpacing(rods.port(facet.port()), analysis.standards());
            stiffness = facet.material().modulus() * Statics.areaMoment(facet.diameterMm(), facet.wallMm());
        }

        Optional<Load> load(PlacementId part, double middle) {
            double front = middle - holder.span().to();
            double rear = holder.span().from() - middle;
            if (front <= 0 && rear <= 0) {
                return Optional.empty();
            }
            Mass mass = Mass.of(analysis.rig(), analysis.rig().subtree(part));
            return Optional.of(new Load(part, Math.max(front, rear), front > 0, mass, brace(part)));
        }

        /** What a lens brace bears of the lens, N. */
        private Ranged brace(PlacementId part) {
            return analysis.lensMoment().stream()
                    .map(LensMoment::braces)
                    .flatMap(List::stream)
                    .filter(b -> b.by().equals(part))
                    .map(b -> b.newton().map(n -> Math.max(0, n)))
                    .reduce(Ranged.of(0), Ranged::plus);
        }

        Ranged sunkAt(Load where, List<Load> loads) {
            double x = where.atMm();
            Ranged sum = Ranged.of(itself(x, where.front()));
            for (Load load : loads) {
                if (load.front() == where.front()) {
                    sum = sum.plus(by(load, x));
                    sum = sum.plus(load.brace().times(share(0) * Statics.sagByForce(x, load.atMm()) / stiffness));
                }
            }
            return sum;
        }

        private Ranged by(Load load, double x) {
            double clamp = (load.front()
                    ? holder.span().to() + load.atMm()
                    : holder.span().from() - load.atMm());
            int way = load.front() ? 1 : -1;
            double heavier = Math.signum(load.mass().centre().minus(pose.at()).dot(aside));
            return load.mass().sum(at -> {
                double lever = way * (at.minus(pose.at()).dot(along) - clamp);
                double newton = Statics.G
                        / 1000
                        * across
                        * share(heavier * at.minus(pose.at()).dot(aside));
                return newton
                        * (Statics.sagByForce(x, load.atMm()) + lever * Statics.sagByMoment(x, load.atMm()))
                        / stiffness;
            });
        }

        /** Of a load so far from the middle, what the nearer rod bears. */
        private double share(double asideMm) {
            return spacing > 0 ? 0.5 + asideMm / spacing : 1;
        }

        private double itself(double x, boolean front) {
            double free = front
                    ? facet.lengthMm() - holder.span().to()
                    : holder.span().from();
            double grams = Mass.of(analysis.rig(), Set.of(rods.id())).grams() / (spacing > 0 ? 2 : 1);
            double newtonPerMm = grams / 1000 * Statics.G * across / facet.lengthMm();
            return newtonPerMm * Statics.sagByItself(Math.min(x, free), free) / stiffness;
        }
    }
}
