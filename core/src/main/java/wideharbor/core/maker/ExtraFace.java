package wideharbor.core.maker;

import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Vec3;

/**
 * A face beside those of the template, where somebody pointed at it on a side of the part.
 *
 * @param standard id of its mounting standard
 * @param half which half of it the part has
 * @param across where on that side, mm from the part's origin: along the part's left, or forward where the side looks
 *     left or right
 * @param along where on that side: up, or forward where the side looks up or down
 */
public record ExtraFace(Side side, String standard, Role half, double across, double along) {
    /** Which way a face looks. */
    public enum Side {
        TOP(Vec3.UP),
        BOTTOM(Vec3.UP.negated()),
        FRONT(Vec3.FORWARD),
        REAR(Vec3.FORWARD.negated()),
        LEFT(Vec3.LEFT),
        RIGHT(Vec3.LEFT.negated());

        private final Vec3 normal;

        Side(Vec3 normal) {
            this.normal = normal;
        }

        Vec3 normal() {
            return normal;
        }
    }

    /** Its place on the outside of the part. */
    Vec3 on(Bounds part) {
        return switch (side) {
            case TOP -> new Vec3(across, part.max().y(), along);
            case BOTTOM -> new Vec3(across, part.min().y(), along);
            case FRONT -> new Vec3(across, along, part.max().z());
            case REAR -> new Vec3(across, along, part.min().z());
            case LEFT -> new Vec3(part.max().x(), along, across);
            case RIGHT -> new Vec3(part.min().x(), along, across);
        };
    }
}
