package wideharbor.core.catalog;

import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Span;

/** One way a joint may move, in its port's own frame; the setting's value is mm or degrees. */
public sealed interface Freedom {

    /** An axis of the port's frame. */
    enum Axis {
        U(Vec3.UP),
        R(Vec3.LEFT),
        N(Vec3.FORWARD);

        private final Vec3 direction;

        Axis(Vec3 direction) {
            this.direction = direction;
        }

        public Vec3 direction() {
            return direction;
        }
    }

    String title();

    Span range();

    /** Distance between detents or teeth; 0 when it moves steplessly. */
    double step();

    String unit();

    Pose at(double value);

    /** Goes along an axis, mm. */
    record Slide(String title, Axis axis, double fromMm, double toMm, double stepMm) implements Freedom {
        public Slide {
            Require.text("Freedom title", title, 40);
            Require.atLeast("Slide step", stepMm, 0, "mm");
            new Span(fromMm, toMm);
        }

        @Override
        public Span range() {
            return new Span(fromMm, toMm);
        }

        @Override
        public double step() {
            return stepMm;
        }

        @Override
        public String unit() {
            return "mm";
        }

        @Override
        public Pose at(double value) {
            return Pose.translation(axis.direction().times(value));
        }
    }

    /** Turns about an axis, degrees. */
    record Rotate(String title, Axis axis, double fromDegrees, double toDegrees, double stepDegrees)
            implements Freedom {
        public Rotate {
            Require.text("Freedom title", title, 40);
            Require.atLeast("Rotation step", stepDegrees, 0, "degrees");
            new Span(fromDegrees, toDegrees);
        }

        @Override
        public Span range() {
            return new Span(fromDegrees, toDegrees);
        }

        @Override
        public double step() {
            return stepDegrees;
        }

        @Override
        public String unit() {
            return "°";
        }

        @Override
        public Pose at(double value) {
            return Pose.rotation(axis.direction(), value);
        }
    }
}
