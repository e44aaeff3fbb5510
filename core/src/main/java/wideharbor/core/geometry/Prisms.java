package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Round bars and walls as prisms of few sides, drawn around the circle's mean so that their volume is about right. */
final class Prisms {
    private static final int SIDES = 10;
    private static final int WALL_PIECES = 8;

    private Prisms() {}

    static Convex bar(Vec3 from, Vec3 to, double radius) {
        Vec3 axis = to.minus(from).unit();
        Vec3 aside = aside(axis);
        Vec3 third = axis.cross(aside);
        List<Vec3> corners = new ArrayList<>();
        List<Vec3> normals = new ArrayList<>(List.of(axis));
        List<Vec3> edges = new ArrayList<>(List.of(axis));
        for (int i = 0; i < SIDES; i++) {
            Vec3 spoke = spoke(aside, third, i, SIDES);
            corners.add(from.plus(spoke.times(radius)));
            corners.add(to.plus(spoke.times(radius)));
            Vec3 side = spoke(aside, third, i + 0.5, SIDES);
            normals.add(side);
            edges.add(axis.cross(side));
        }
        return Convex.of(corners, normals, edges);
    }

    static List<Convex> wall(Vec3 from, Vec3 to, double inner, double outer) {
        Vec3 axis = to.minus(from).unit();
        Vec3 aside = aside(axis);
        Vec3 third = axis.cross(aside);
        List<Convex> pieces = new ArrayList<>();
        for (int i = 0; i < WALL_PIECES; i++) {
            Vec3 a = spoke(aside, third, i, WALL_PIECES);
            Vec3 b = spoke(aside, third, i + 1.0, WALL_PIECES);
            List<Vec3> corners = new ArrayList<>();
            for (Vec3 end : new Vec3[] {from, to}) {
                corners.add(end.plus(a.times(inner)));
                corners.add(end.plus(b.times(inner)));
                corners.add(end.plus(a.times(outer)));
                corners.add(end.plus(b.times(outer)));
            }
            Vec3 out = a.plus(b).unit();
            Vec3 along = axis.cross(out);
            List<Vec3> normals = List.of(axis, out, axis.cross(a), axis.cross(b));
            pieces.add(Convex.of(corners, normals, List.of(axis, along, a, b)));
        }
        return pieces;
    }

    private static Vec3 aside(Vec3 axis) {
        return (Math.abs(axis.y()) < 0.9 ? Vec3.UP : Vec3.LEFT).cross(axis).unit();
    }

    private static Vec3 spoke(Vec3 aside, Vec3 third, double step, int of) {
        double angle = 2 * Math.PI * step / of;
        return aside.times(Math.cos(angle)).plus(third.times(Math.sin(angle)));
    }
}
