package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.quantity.Require;

/**
 * Reads the gaps round the coupler of a camera docked to a front unit on the same rods, and says what to do next.
 *
 * <p>Pitch = atan((top − bottom) / D): top wider means camera nose up. Yaw the same with right − left: right wider
 * means nose right. A gap alone cannot tell offset from tilt, so the steps at the coupler's rim are read too. Order:
 * angle, then height, then lateral, then read again: turning the camera moves the coupler by arm · tan(angle), the arm
 * being the lever about the front edge, and lever + base about the rear one.
 */
public final class DockingGaps {
    private DockingGaps() {}

    /**
     * Feeler gaps at four places, the camera's step over the front unit, and where it was measured; mm.
     *
     * @param stepUp how far the camera's rim stands above the front unit's; negative is below
     * @param stepLeft how far it stands to camera left
     * @param feelerDiameter across the places where the feeler sits
     * @param lever from the coupler back to the front edge, or the front screw
     * @param base length between the edges that shims lift
     */
    public record Reading(
            double top,
            double bottom,
            double left,
            double right,
            double stepUp,
            double stepLeft,
            double feelerDiameter,
            double lever,
            double base) {
        public Reading {
            for (double gap : new double[] {top, bottom, left, right}) {
                Require.within("Gap", gap, 0, 20, "mm");
            }
            Require.within("Instruction up", stepUp, -50, 50, "mm");
            Require.within("Instruction left", stepLeft, -50, 50, "mm");
            Require.within("Feeler diameter", feelerDiameter, 10, 400, "mm");
            Require.within("Lever", lever, 1, 1000, "mm");
            Require.within("Base length", base, 10, 1000, "mm");
        }
    }

    /** What a step of the plan changes. */
    public enum Act {
        PITCH,
        YAW,
        HEIGHT,
        LATERAL,
        CLOSE
    }

    /**
     * One thing to do.
     *
     * @param amount mm of shim (PITCH, HEIGHT: positive lifts, PITCH under the rear edge when positive, else the
     *     front), or mm to shift (YAW at the rear end, LATERAL: positive to camera left; CLOSE: forward)
     */
    public record Instruction(Act act, double amount, String words) {}

    /** Degrees as read, what to do in order, and whether all is inside the band already. */
    public record Plan(double pitchDegrees, double yawDegrees, List<Instruction> steps, boolean seated) {}

    /** Reads the gaps against a band in mm within which gap differences and steps are left alone. */
    public static Plan read(Reading r, double bandMm) {
        Require.within("Band", bandMm, 0.01, 2, "mm");
        double pitch = Math.toDegrees(Math.atan((r.top() - r.bottom()) / r.feelerDiameter()));
        double yaw = Math.toDegrees(Math.atan((r.right() - r.left()) / r.feelerDiameter()));
        List<Instruction> steps = new ArrayList<>();
        boolean pitched = Math.abs(r.top() - r.bottom()) > bandMm;
        boolean yawed = Math.abs(r.right() - r.left()) > bandMm;
        // Nose up is mended by a shim under the rear edge: it turns about the front one, and the coupler drops. Nose
        // down
        // by one under the front edge: it turns about the rear one, which is farther from the coupler by the base.
        double arm = pitch > 0 ? r.lever() : r.lever() + r.base();
        double drop = pitched ? arm * Math.tan(Math.toRadians(pitch)) : 0;
        double swing = yawed ? r.lever() * Math.tan(Math.toRadians(yaw)) : 0;
        if (pitched) {
            steps.add(pitch(r, pitch));
        }
        if (yawed) {
            steps.add(yaw(r, yaw));
        }
        shifts(r.stepUp() - drop, r.stepLeft() + swing, bandMm, steps);
        double even = Math.min(Math.min(r.top(), r.bottom()), Math.min(r.left(), r.right()));
        if (steps.isEmpty() && even > bandMm) {
            steps.add(new Instruction(
                    Act.CLOSE, even, "Slide the camera %s mm forward on the rods".formatted(two(even))));
        }
        return new Plan(pitch, yaw, List.copyOf(steps), steps.isEmpty());
    }

    private static Instruction pitch(Reading r, double pitch) {
        double shim = r.base() * Math.tan(Math.toRadians(Math.abs(pitch)));
        String edge = pitch > 0 ? "rear" : "front";
        return new Instruction(
                Act.PITCH,
                pitch > 0 ? shim : -shim,
                "Shim %s mm under the %s edge: the nose is %s by %s°"
                        .formatted(two(shim), edge, pitch > 0 ? "up" : "down", two(Math.abs(pitch))));
    }

    private static Instruction yaw(Reading r, double yaw) {
        double shift = r.base() * Math.tan(Math.toRadians(Math.abs(yaw)));
        String side = yaw > 0 ? "right" : "left";
        return new Instruction(
                Act.YAW,
                yaw > 0 ? -shift : shift,
                "Move the rear end %s mm to camera %s: the nose points %s by %s°"
                        .formatted(two(shift), side, side, two(Math.abs(yaw))));
    }

    /** What is left of height and side when the angles are mended. */
    private static void shifts(double up, double left, double bandMm, List<Instruction> steps) {
        if (Math.abs(up) > bandMm) {
            steps.add(new Instruction(
                    Act.HEIGHT,
                    -up,
                    up < 0
                            ? "Shim %s mm under both edges: the camera then stands low".formatted(two(-up))
                            : "Take %s mm out from under both edges, or lift the front unit as much"
                                    .formatted(two(up))));
        }
        if (Math.abs(left) > bandMm) {
            steps.add(new Instruction(
                    Act.LATERAL,
                    -left,
                    "Shift the camera %s mm to camera %s".formatted(two(Math.abs(left)), left > 0 ? "right" : "left")));
        }
    }

    private static String two(double mm) {
        return String.format(java.util.Locale.ROOT, "%.2f", mm);
    }
}
