package wideharbor.core.geometry;

import java.util.List;
import wideharbor.core.quantity.Require;

/** A piece of a part's body, in its link's frame. Shapes of another use than SOLID are room that must stay free. */
public sealed interface Shape {

    Use use();

    /** Room that must stay free rather than matter. */
    default boolean keepClear() {
        return use() != Use.SOLID;
    }

    /** What a shape is: matter, or room kept for something. */
    enum Use {
        SOLID,
        CARD_DOOR,
        VENT,
        PORT_PANEL,
        LENS_RELEASE,
        CONTROLS,
        DISPLAY_SWING,
        BATTERY_PATH,
        ANTENNA,
        HAND,
        EYE
    }

    /** An axis-parallel box between two opposite corners. */
    record Box(Vec3 min, Vec3 max, Use use) implements Shape {
        public Box {
            if (max.x() <= min.x() || max.y() <= min.y() || max.z() <= min.z()) {
                throw new IllegalArgumentException("A box's second corner must exceed its first in x, y and z");
            }
        }
    }

    /** A round bar from one end's centre to the other's. */
    record Cylinder(Vec3 from, Vec3 to, double radiusMm, Use use) implements Shape {
        public Cylinder {
            Require.atLeast("Cylinder radius", radiusMm, 0.1, "mm");
            if (to.minus(from).length() < 0.1) {
                throw new IllegalArgumentException("A cylinder must be at least 0.1 mm long");
            }
        }
    }

    /** A round bar whose radius goes from one figure at one end to another at the other: hoods, tapered barrels. */
    record Cone(Vec3 from, Vec3 to, double radiusMm, double endRadiusMm, Use use) implements Shape {
        public Cone {
            Require.atLeast("Cone radius", radiusMm, 0.1, "mm");
            Require.atLeast("Cone end radius", endRadiusMm, 0.1, "mm");
            if (to.minus(from).length() < 0.1) {
                throw new IllegalArgumentException("A cone must be at least 0.1 mm long");
            }
        }
    }

    /** A tube: a cylinder with a bore; the bore is an opening, not a wall. */
    record Ring(Vec3 from, Vec3 to, double radiusMm, double boreRadiusMm, Use use) implements Shape {
        public Ring {
            Require.within("Bore radius", boreRadiusMm, 0.1, radiusMm, "mm");
            if (to.minus(from).length() < 0.1) {
                throw new IllegalArgumentException("A ring must be at least 0.1 mm long");
            }
        }
    }

    /** A convex solid by its corners: wedges, hoods, tapered blocks. */
    record Hull(List<Vec3> corners, Use use) implements Shape {
        public Hull {
            corners = List.copyOf(corners);
            if (corners.size() < 4 || corners.size() > 64) {
                throw new IllegalArgumentException("A hull must have 4 to 64 corners, but has " + corners.size());
            }
        }
    }
}
