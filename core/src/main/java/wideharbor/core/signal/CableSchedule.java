package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Every cable of a rig with the length it needs: out of the socket by the plug's length, along the rig's axes to the
 * other plug, and a tenth to spare. The way is estimated: nobody laid it out point by point.
 */
public final class CableSchedule {
    /** Share of the way that is added so that nothing is taut. */
    private static final double SLACK = 0.10;

    private CableSchedule() {}

    /** The lengths of plugs with their first bend, mm. */
    public record Plugs(double straightMm, double rightAngleMm) {}

    /** One end. */
    public record End(String part, String socket, String connector, String pinOut, boolean locks, boolean rightAngle) {}

    /**
     * One cable.
     *
     * @param twins other cables on file with the same plugs and other wiring
     */
    public record Row(
            String id,
            String name,
            Socket.Kind carries,
            End a,
            End b,
            double neededMm,
            double lengthMm,
            String label,
            List<String> twins) {
        public boolean isTooShort() {
            return lengthMm < neededMm;
        }
    }

    public static List<Row> of(Rig rig, Plugs plugs) {
        List<Row> rows = new ArrayList<>();
        for (CableRun cable : rig.content().cables()) {
            ItemType type = rig.catalogue().require(cable.type());
            Optional<Facet.Cable> wire = type.facet(Facet.Cable.class);
            Optional<Placed> a = rig.find(cable.a().placement());
            Optional<Placed> b = rig.find(cable.b().placement());
            if (wire.isPresent() && a.isPresent() && b.isPresent()) {
                boolean straight = isStraight(wire.get(), socket(a.get(), cable.a()));
                Facet.CableEnd endA = straight ? wire.get().a() : wire.get().b();
                Facet.CableEnd endB = straight ? wire.get().b() : wire.get().a();
                rows.add(new Row(
                        cable.id(),
                        type.name(),
                        wire.get().carries(),
                        end(a.get(), cable.a(), endA),
                        end(b.get(), cable.b(), endB),
                        needed(a.get(), cable.a(), endA, b.get(), cable.b(), endB, plugs),
                        wire.get().lengthMm(),
                        label(rig, cable),
                        twins(rig, wire.get())));
            }
        }
        return rows;
    }

    private static boolean isStraight(Facet.Cable wire, Socket at) {
        return wire.a().connector().equals(at.connector()) && wire.a().pinOut().equals(at.pinOut());
    }

    private static Socket socket(Placed placed, SocketRef ref) {
        return placed.type().socket(ref.socket()).orElseThrow();
    }

    private static End end(Placed placed, SocketRef ref, Facet.CableEnd end) {
        return new End(
                placed.title(), socket(placed, ref).title(), end.connector(), end.pinOut(), end.locking(), end.rightAngle());
    }

    private static double needed(
            Placed a, SocketRef refA, Facet.CableEnd endA, Placed b, SocketRef refB, Facet.CableEnd endB, Plugs plugs) {
        Vec3 from = out(a, refA, endA, plugs);
        Vec3 to = out(b, refB, endB, plugs);
        Vec3 way = to.minus(from);
        double along = Math.abs(way.x()) + Math.abs(way.y()) + Math.abs(way.z());
        return (along + stub(endA, plugs) + stub(endB, plugs)) * (1 + SLACK);
    }

    private static Vec3 out(Placed placed, SocketRef ref, Facet.CableEnd end, Plugs plugs) {
        Vec3 normal = socket(placed, ref).normal();
        Vec3 at = placed.socketAt(ref.socket());
        return normal.equals(Socket.WAY_UNKNOWN) ? at : at.plus(placed.pose().turn(normal).times(stub(end, plugs)));
    }

    private static double stub(Facet.CableEnd end, Plugs plugs) {
        return end.rightAngle() ? plugs.rightAngleMm() : plugs.straightMm();
    }

    /** Short enough for a sleeve of tape: build, cable and what is at the ends. */
    private static String label(Rig rig, CableRun cable) {
        return rig.build().id().toUpperCase(java.util.Locale.ROOT) + " " + rig.title(cable.a().placement()) + " › "
                + rig.title(cable.b().placement());
    }

    private static List<String> twins(Rig rig, Facet.Cable wire) {
        return rig.catalogue().all().stream()
                .filter(t -> t.facet(Facet.Cable.class).filter(w -> isTwin(w, wire)).isPresent())
                .map(ItemType::name)
                .toList();
    }

    private static boolean isTwin(Facet.Cable other, Facet.Cable wire) {
        return samePlugs(other.a(), wire.a()) && samePlugs(other.b(), wire.b())
                && (!other.a().pinOut().equals(wire.a().pinOut()) || !other.b().pinOut().equals(wire.b().pinOut()));
    }

    private static boolean samePlugs(Facet.CableEnd a, Facet.CableEnd b) {
        return a.connector().equals(b.connector());
    }
}
