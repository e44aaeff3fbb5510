package wideharbor.core.catalog;

import java.util.Optional;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/** Whether two ports join, and if not, the reason; whether the joint resists twist. */
public final class Mating {
    /** A clamp takes a rod whose diameter is off by no more than this, mm. */
    public static final double ROD_DIAMETER_TOLERANCE = 0.1;

    /** Rod pairs go into a bracket when their spacing agrees within this, mm. */
    public static final double ROD_SPACING_TOLERANCE = 0.5;

    /** A ring or a clamp takes a barrel that is off by no more than this, mm. */
    public static final double BARREL_TOLERANCE = 0.5;

    private Mating() {}

    /** The reason why the two do not mate, or empty when they do. Symmetric in its arguments. */
    public static Optional<String> whyNot(Port a, Port b, Standards standards) {
        Standard sa = standards.require(a.standard());
        Standard sb = standards.require(b.standard());
        if (sa.family() == Standard.Family.ROD && sb.family() == Standard.Family.ROD) {
            return roles(a, b, sa).or(() -> whyNotRods(a, b, standards));
        }
        if (!sa.id().equals(sb.id())) {
            return Optional.of(sa.title() + " does not go on " + sb.title());
        }
        return roles(a, b, sa).or(() -> barrel(a, b, sa)).or(() -> pins(a.pins(), b.pins()));
    }

    /** What goes around a lens fits its barrel, where both say how thick that is. */
    private static Optional<String> barrel(Port a, Port b, Standard standard) {
        if (standard.family() != Standard.Family.LENS_BRACE
                || a.size().diameterMm().isEmpty()
                || b.size().diameterMm().isEmpty()) {
            return Optional.empty();
        }
        double one = a.size().diameterMm().get();
        double other = b.size().diameterMm().get();
        return Math.abs(one - other) <= BARREL_TOLERANCE + 1e-9
                ? Optional.empty()
                : Optional.of("made for %s mm, but meets %s mm".formatted(plain(one), plain(other)));
    }

    public static boolean mates(Port a, Port b, Standards standards) {
        return whyNot(a, b, standards).isEmpty();
    }

    /** Rods alone: diameter first, then spacing of the resulting centres. */
    public static Optional<String> whyNotRods(Port a, Port b, Standards standards) {
        boolean isRod = a.occupancy() instanceof Port.Occupancy.Interval;
        Port rod = isRod ? a : b;
        Port clamp = isRod ? b : a;
        double diameter = rodDiameter(rod, standards);
        double bore = rodDiameter(clamp, standards);
        if (Math.abs(diameter - bore) > ROD_DIAMETER_TOLERANCE + 1e-9) {
            return Optional.of("rod of %s mm in a clamp for %s mm".formatted(plain(diameter), plain(bore)));
        }
        double spacing = rodSpacing(rod, standards);
        double bracket = rodSpacing(clamp, standards);
        if (Math.abs(spacing - bracket) > ROD_SPACING_TOLERANCE + 1e-9) {
            return Optional.of("rods %s mm apart in a bracket for %s mm".formatted(plain(spacing), plain(bracket)));
        }
        return Optional.empty();
    }

    public static double rodDiameter(Port port, Standards standards) {
        if (port.size().diameterMm().isPresent()) {
            return port.size().diameterMm().get();
        }
        return standards.require(port.standard()).facts() instanceof Standard.Facts.Bar bar
                ? bar.diameterMm()
                : rods(port, standards).diameterMm();
    }

    /** Distance between the rods' centres; 0 for a single rod, and for a wide pair whose bracket has not set it. */
    public static double rodSpacing(Port port, Standards standards) {
        if (port.size().spacingMm().isPresent()) {
            return port.size().spacingMm().get();
        }
        return standards.require(port.standard()).facts() instanceof Standard.Facts.Bar
                ? 0
                : rods(port, standards).spacingMm();
    }

    private static Standard.Facts.Rods rods(Port port, Standards standards) {
        if (standards.require(port.standard()).facts() instanceof Standard.Facts.Rods rods) {
            return rods;
        }
        throw new IllegalArgumentException("Port '" + port.id() + "' is not of a rod standard");
    }

    /** True when one joint of these ports keeps the part from turning: by shape, pins on both faces, or two screws. */
    public static boolean resistsTwist(Port a, Port b, Standards standards) {
        if (standards.require(a.standard()).twist() == Standard.Twist.RESISTS
                && standards.require(b.standard()).twist() == Standard.Twist.RESISTS) {
            return true;
        }
        return Math.max(a.screwCount(), b.screwCount()) >= 2 || pinsEngage(a.pins(), b.pins());
    }

    private static boolean pinsEngage(Port.Pins a, Port.Pins b) {
        boolean pair = isPin(a) && b.kind() == Port.Pins.Kind.HOLES || isPin(b) && a.kind() == Port.Pins.Kind.HOLES;
        return pair && a.matches(b);
    }

    private static boolean isPin(Port.Pins pins) {
        return pins.kind() == Port.Pins.Kind.FIXED || pins.kind() == Port.Pins.Kind.RETRACTABLE;
    }

    private static Optional<String> roles(Port a, Port b, Standard standard) {
        boolean free = a.role() == Port.Role.EITHER || b.role() == Port.Role.EITHER;
        if (standard.gendered() && !free && a.role() == b.role()) {
            return Optional.of("two faces of the same side of " + standard.title() + ": one must be the other half");
        }
        return Optional.empty();
    }

    private static Optional<String> pins(Port.Pins a, Port.Pins b) {
        return seat(a, b).or(() -> seat(b, a));
    }

    private static Optional<String> seat(Port.Pins pins, Port.Pins face) {
        if (pins.kind() != Port.Pins.Kind.FIXED) {
            return Optional.empty();
        }
        if (face.kind() != Port.Pins.Kind.HOLES) {
            return Optional.of("does not seat: fixed pins meet a face without holes");
        }
        return pins.matches(face)
                ? Optional.empty()
                : Optional.of("does not seat: pins of %s mm meet other holes".formatted(plain(pins.diameterMm())));
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
