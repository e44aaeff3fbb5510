package wideharbor.core.assembly;

import java.util.Locale;
import wideharbor.core.geometry.Vec3;

/** Where a hand is that works at a rig, as one looks along the lens. */
public enum Side {
    TOP(new Vec3(0, 1, 0)),
    UNDER(new Vec3(0, -1, 0)),
    LEFT(new Vec3(1, 0, 0)),
    RIGHT(new Vec3(-1, 0, 0)),
    FRONT(new Vec3(0, 0, 1)),
    REAR(new Vec3(0, 0, -1));

    private final Vec3 direction;

    Side(Vec3 direction) {
        this.direction = direction;
    }

    /** The side that a direction in the rig's frame points to most. */
    static Side of(Vec3 towards) {
        Side best = TOP;
        for (Side side : values()) {
            if (side.direction.dot(towards) > best.direction.dot(towards) + 1e-9) {
                best = side;
            }
        }
        return best;
    }

    /** As in "from the left". */
    public String inWords() {
        return switch (this) {
            case TOP -> "from above";
            case UNDER -> "from below";
            default -> "from the " + name().toLowerCase(Locale.ROOT);
        };
    }
}
