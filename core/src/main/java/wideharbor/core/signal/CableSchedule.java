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
     * @param way points from socket to socket, rig frame: out along the plugs, between them along the rig's axes
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
            List<Vec3> way) {
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
                boolean straight = wire.get().a().fits(socket(a.get(), cable.a()));
                Facet.CableEnd endA = straight ? wire.get().a() : wire.get().b();
                Facet.CableEnd endB = straight ? wire.get().b() : wire.get().a();
                List<Vec3> way = way(a.get(), cable.a(), endA, b.get(), cable.b(), endB, plugs);
                rows.add(new Row(
                        cable.id(),
                        type.name(),
                        wire.get().carries(),
                        end(a.get(), cable.a(), endA),
                        end(b.get(), cable.b(), endB),
                        (length(way) + stubs(a.get(), cable.a(), endA, plugs) + stubs(b.get(), cable.b(), endB, plugs)) * (1 + SLACK),
                        wire.get().lengthMm(),
                        label(rig, cable),
                        way));
            }
        }
        return rows;
    }

    private static Socket socket(Placed placed, SocketRef ref) {
        return placed.type().socket(ref.socket()).orElseThrow();
    }

    private static End end(Placed placed, SocketRef ref, Facet.CableEnd end) {
        return new End(
                placed.title(), socket(placed, ref).title(), end.connector(), end.pinOut(), end.locking(), end.rightAngle());
    }

    /** Along the camera first, then in height, then across, as most are laid. */
    private static List<Vec3> way(
            Placed a, SocketRef refA, Facet.CableEnd endA, Placed b, SocketRef refB, Facet.CableEnd endB, Plugs plugs) {
        Vec3 from = out(a, refA, endA, plugs);
        Vec3 to = out(b, refB, endB, plugs);
        return List.of(
                a.socketAt(refA.socket()),
                from,
                new Vec3(from.x(), from.y(), to.z()),
                new Vec3(from.x(), to.y(), to.z()),
                to,
                b.socketAt(refB.socket()));
    }

    private static double length(List<Vec3> way) {
        double sum = 0;
        for (int i = 1; i < way.size(); i++) {
            sum += way.get(i).minus(way.get(i - 1)).length();
        }
        return sum;
    }

    /** The plug's own length where the way it comes out is not on file and so is not in the way. */
    private static double stubs(Placed placed, SocketRef ref, Facet.CableEnd end, Plugs plugs) {
        return socket(placed, ref).normal().equals(Socket.WAY_UNKNOWN) ? stub(end, plugs) : 0;
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

    /** Other cables on file with the same plugs and other wiring. */
    public static List<String> twins(Rig rig, String cable) {
        Facet.Cable wire = rig.catalogue()
                .require(rig.content().cable(cable).orElseThrow().type())
                .facet(Facet.Cable.class)
                .orElseThrow();
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
