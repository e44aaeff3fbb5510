package wideharbor.core.people;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.World;

/** What there is to hold on a rig: from each side, and where each grip is from the shoulder. */
public record Holds(List<Side> sides, List<Grip> grips) {
    private static final Set<Category> FIRM = EnumSet.of(
            Category.HANDLE, Category.CAGE, Category.ROD, Category.PLATE, Category.DOVETAIL, Category.SHOULDER);

    private static final double OVER_AXIS_MM = 80;

    /** The sides from which somebody takes hold, as the world stands. */
    public enum From {
        LEFT,
        RIGHT,
        ABOVE,
        BEHIND
    }

    /**
     * One side.
     *
     * @param safe parts that may be taken hold of from there, handles and grips before the rest
     * @param inTheWay what a hand meets there first instead, when nothing is safe
     */
    public record Side(From from, List<String> safe, List<String> inTheWay) {}

    /**
     * A grip, from the point that carries.
     *
     * @param leftMm to camera left
     * @param reachMm in a straight line
     */
    public record Grip(
            PlacementId placement, String title, double leftMm, double upMm, double aheadMm, double reachMm) {}

    /** @param deepMm how deep behind the outermost part a hand still gets at something */
    public static Holds of(Rig rig, Clearances clearances, double deepMm) {
        List<Side> sides = new ArrayList<>();
        for (From from : From.values()) {
            sides.add(side(rig, clearances, from, deepMm));
        }
        return new Holds(sides, grips(rig));
    }

    private static Vec3 outward(From from, World world) {
        return switch (from) {
            case LEFT -> world.left();
            case RIGHT -> world.left().negated();
            case ABOVE -> world.up();
            case BEHIND -> world.forward().negated();
        };
    }

    /** A part counts when it is firm, something to get hold of, and no other part stands close before it. */
    private static Side side(Rig rig, Clearances clearances, From from, double deep) {
        Vec3 out = outward(from, rig.world());
        Map<PlacementId, Double> reach = new HashMap<>();
        double outermost = Double.NEGATIVE_INFINITY;
        for (Placed part : rig.attached()) {
            if (isPartOfTheRig(part)) {
                double far = reach(clearances, part, out);
                reach.put(part.id(), far);
                outermost = Math.max(outermost, far);
            }
        }
        Predicate<Placed> isFree = part -> {
            Set<PlacementId> own = withItsHolder(rig, part);
            return clearances.matterOf(part.id()).stream()
                    .map(piece -> piece.bounds().middle())
                    .anyMatch(middle -> clearances.isFree(middle, out, deep, own));
        };
        List<Placed> safe = new ArrayList<>();
        List<Placed> near = new ArrayList<>();
        for (Placed part : rig.attached()) {
            if (!isPartOfTheRig(part) || isFromAbove(from, rig.world(), part)) {
                continue;
            }
            double at = reach.getOrDefault(part.id(), 0.0);
            if (at < outermost - deep && !part.type().can(Capability.IS_HANDHOLD)) {
                continue;
            }
            if (isFirm(part) && isFree.test(part)) {
                safe.add(part);
            } else if (at >= outermost - deep) {
                near.add(part);
            }
        }
        safe.sort(Comparator.comparing(p -> !p.type().can(Capability.IS_HANDHOLD)));
        near.sort(Comparator.comparingDouble((Placed p) -> -reach.getOrDefault(p.id(), 0.0)));
        return new Side(
                from,
                safe.stream().map(Placed::title).toList(),
                safe.isEmpty() ? near.stream().map(Placed::title).limit(3).toList() : List.of());
    }

    /** A handle over the camera is taken from above: from the side there is nothing to close a hand round. */
    private static boolean isFromAbove(From from, World world, Placed part) {
        return (from == From.LEFT || from == From.RIGHT)
                && part.type().can(Capability.IS_HANDHOLD)
                && isOverhead(world, part);
    }

    /** Whether a part stands over the camera: higher over the lens's axis than a hand at the lens is. */
    public static boolean isOverhead(World world, Placed part) {
        return part.middle().dot(world.up()) > OVER_AXIS_MM;
    }

    /** Heads and legs stay where they are when somebody takes the rig. */
    private static boolean isPartOfTheRig(Placed part) {
        return part.type().category() != Category.LEGS && part.type().category() != Category.HEAD;
    }

    private static boolean isFirm(Placed part) {
        return part.type().can(Capability.IS_HANDHOLD)
                || FIRM.contains(part.type().category());
    }

    private static double reach(Clearances clearances, Placed part, Vec3 out) {
        double far = Double.NEGATIVE_INFINITY;
        for (Solid piece : clearances.matterOf(part.id())) {
            far = Math.max(far, piece.reach(out));
        }
        return far;
    }

    private static Set<PlacementId> withItsHolder(Rig rig, Placed part) {
        Set<PlacementId> own = new LinkedHashSet<>(Set.of(part.id()));
        rig.locatedBy(part.id()).ifPresent(j -> own.add(j.parent().placement()));
        return own;
    }

    public static List<Grip> grips(Rig rig) {
        World world = rig.world();
        return rig.attached().stream()
                .filter(p -> p.type().can(Capability.IS_HANDHOLD))
                .map(p -> {
                    Vec3 off = p.middle().minus(world.datum());
                    return new Grip(
                            p.id(),
                            p.title(),
                            off.dot(world.left()),
                            off.dot(world.up()),
                            off.dot(world.forward()),
                            off.length());
                })
                .sorted(Comparator.comparing(Grip::placement))
                .toList();
    }
}
