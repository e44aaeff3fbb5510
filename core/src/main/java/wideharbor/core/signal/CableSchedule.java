package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.CableId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Every cable of a rig with the length it needs: out of the socket by the plug's length, along the rig's axes to the
 * other plug by way of the parts it is led along, and a tenth to spare. Between those points the way is estimated.
 */
public final class CableSchedule {
    private CableSchedule() {}

    /** One end. */
    public record End(String part, String socket, String connector, String pinOut, boolean locks, boolean rightAngle) {}

    /**
     * One cable.
     *
     * @param neededMm as the rig stands
     * @param turnedMm when the joint that asks for most is turned, {@code turned} its part; the same and empty when
     *     none does
     * @param way points from socket to socket, rig frame: out along the plugs, between them along the rig's axes
     */
    public record Row(
            CableId id,
            String name,
            Socket.Kind carries,
            End a,
            End b,
            double neededMm,
            double turnedMm,
            String turned,
            double lengthMm,
            String label,
            CableRun.Laid laid,
            List<Vec3> way) {
        public boolean isTooShort() {
            return lengthMm < neededMm;
        }

        /** Long enough as it stands, taut when something is turned. */
        public boolean isTautWhenTurned() {
            return !isTooShort() && lengthMm < turnedMm;
        }
    }

    public static List<Row> of(Rig rig, Dressing dressing) {
        List<Row> rows = new ArrayList<>();
        List<CableWay.Turn> turns = CableWay.turns(rig, dressing);
        for (CableRun cable : rig.content().cables()) {
            ItemType type = rig.catalogue().require(cable.type());
            Optional<PowerFacet.Cable> wire = type.facet(PowerFacet.Cable.class);
            Optional<Placed> a = rig.find(cable.a().placement());
            Optional<Placed> b = rig.find(cable.b().placement());
            if (wire.isPresent() && a.isPresent() && b.isPresent()) {
                boolean straight = isStraight(rig, cable, wire.get());
                PowerFacet.CableEnd endA =
                        straight ? wire.get().a() : wire.get().b();
                PowerFacet.CableEnd endB =
                        straight ? wire.get().b() : wire.get().a();
                CableWay way = CableWay.of(rig, cable, endA, endB, dressing);
                CableWay.Travel travel = way.travel(turns);
                rows.add(new Row(
                        cable.id(),
                        type.name(),
                        wire.get().carries(),
                        end(a.get(), cable.a(), endA),
                        end(b.get(), cable.b(), endB),
                        way.neededMm(),
                        travel.neededMm(),
                        travel.what(),
                        wire.get().lengthMm(),
                        label(rig, cable),
                        cable.laid(),
                        way.corners()));
            }
        }
        return rows;
    }

    /** What a cable needs in length, mm, were it plugged so. */
    public static double needed(Rig rig, CableRun cable, Dressing dressing) {
        PowerFacet.Cable wire = rig.catalogue()
                .require(cable.type())
                .facet(PowerFacet.Cable.class)
                .orElseThrow();
        boolean straight = isStraight(rig, cable, wire);
        return CableWay.of(rig, cable, straight ? wire.a() : wire.b(), straight ? wire.b() : wire.a(), dressing)
                .neededMm();
    }

    /** Whether the cable's own end a is in the socket at a; plugged the other way round it serves as well. */
    private static boolean isStraight(Rig rig, CableRun cable, PowerFacet.Cable wire) {
        return wire.a().fits(socket(rig.require(cable.a().placement()), cable.a()));
    }

    private static Socket socket(Placed placed, SocketRef ref) {
        return placed.type().socket(ref.socket()).orElseThrow();
    }

    private static End end(Placed placed, SocketRef ref, PowerFacet.CableEnd end) {
        return new End(
                placed.title(),
                socket(placed, ref).title(),
                end.connector(),
                end.pinOut(),
                end.locking(),
                end.rightAngle());
    }

    /** Short enough for a sleeve of tape: build, cable and what is at the ends. */
    private static String label(Rig rig, CableRun cable) {
        return rig.build().id().toString().toUpperCase(java.util.Locale.ROOT) + " "
                + rig.title(cable.a().placement()) + " › " + rig.title(cable.b().placement());
    }

    /** Other cables on file with the same plugs and other wiring. */
    public static List<String> twins(Rig rig, CableId cable) {
        PowerFacet.Cable wire = rig.catalogue()
                .require(rig.content().cable(cable).orElseThrow().type())
                .facet(PowerFacet.Cable.class)
                .orElseThrow();
        return rig.catalogue().newest().stream()
                .filter(t -> t.facet(PowerFacet.Cable.class)
                        .filter(w -> isTwin(w, wire))
                        .isPresent())
                .map(ItemType::name)
                .toList();
    }

    private static boolean isTwin(PowerFacet.Cable other, PowerFacet.Cable wire) {
        return samePlugs(other.a(), wire.a())
                && samePlugs(other.b(), wire.b())
                && (!other.a().pinOut().equals(wire.a().pinOut())
                        || !other.b().pinOut().equals(wire.b().pinOut()));
    }

    private static boolean samePlugs(PowerFacet.CableEnd a, PowerFacet.CableEnd b) {
        return a.connector().equals(b.connector());
    }
}
