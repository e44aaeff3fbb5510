package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Faces and edges of a convex solid given by its corners. Every plane through three corners with all others on one side
 * is a face: up to 64 corners this is a matter of microseconds to a few milliseconds, once per catalogue part.
 */
final class Hulls {
    private static final double FLAT = 1e-6;

    private Hulls() {}

    static Solid of(List<Vec3> corners) {
        List<Vec3> normals = new ArrayList<>();
        List<Vec3> edges = new ArrayList<>();
        int n = corners.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                boolean onFace = false;
                for (int k = 0; k < n; k++) {
                    if (k == i || k == j) {
                        continue;
                    }
                    Vec3 normal = corners.get(j)
                            .minus(corners.get(i))
                            .cross(corners.get(k).minus(corners.get(i)));
                    double length = normal.length();
                    if (length > FLAT && supports(corners, corners.get(i), normal.times(1 / length))) {
                        normals.add(normal.times(1 / length));
                        onFace = true;
                    }
                }
                if (onFace) {
                    edges.add(corners.get(j).minus(corners.get(i)).unit());
                }
            }
        }
        return Solid.of(corners, normals, edges);
    }

    private static boolean supports(List<Vec3> corners, Vec3 at, Vec3 normal) {
        boolean above = false;
        boolean below = false;
        for (Vec3 corner : corners) {
            double side = corner.minus(at).dot(normal);
            above |= side > 1e-4;
            below |= side < -1e-4;
        }
        return !(above && below);
    }
}
