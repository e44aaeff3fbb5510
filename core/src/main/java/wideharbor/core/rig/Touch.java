package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Contacts;
import wideharbor.core.catalog.Socket;

/** An output and the input that it is plugged into without a cable, by contacts in the faces of two joined ports. */
public record Touch(SocketRef from, SocketRef to) {
    /** A socket in the face of a port. */
    private record In(SocketRef ref, Socket socket) {
        boolean meets(In other) {
            return socket.kind() == other.socket.kind()
                    && socket.direction() == Socket.Direction.OUT
                    && other.socket.direction() == Socket.Direction.IN
                    && socket.connector().equals(other.socket.connector())
                    && socket.pinOut().equals(other.socket.pinOut());
        }
    }

    /** Everything that is plugged so on a rig, in the order of its joints. Each socket meets one other. */
    public static List<Touch> of(Rig rig) {
        if (!areOn(rig)) {
            return List.of();
        }
        List<Touch> all = new ArrayList<>();
        rig.liveJoints().forEach(j -> {
            List<In> here = at(rig, j.parent());
            List<In> there = at(rig, j.child());
            Set<SocketRef> taken = new HashSet<>();
            meet(here, there, taken, all);
            meet(there, here, taken, all);
        });
        return List.copyOf(all);
    }

    /** Whether any part of a rig has contacts in a face: most rigs have none, and nothing is to be looked for. */
    public static boolean areOn(Rig rig) {
        return rig.attached().stream()
                .anyMatch(p -> p.type().facet(Contacts.class).isPresent());
    }

    private static void meet(List<In> outs, List<In> ins, Set<SocketRef> taken, List<Touch> all) {
        for (In out : outs) {
            ins.stream()
                    .filter(in -> !taken.contains(in.ref()) && out.meets(in))
                    .findFirst()
                    .ifPresent(in -> {
                        taken.add(in.ref());
                        all.add(new Touch(out.ref(), in.ref()));
                    });
        }
    }

    private static List<In> at(Rig rig, PortRef port) {
        List<In> all = new ArrayList<>();
        rig.find(port.placement())
                .ifPresent(placed -> placed.type().facets(Contacts.class).stream()
                        .filter(c -> c.port().equals(port.port()))
                        .flatMap(c -> c.sockets().stream())
                        .forEach(s -> all.add(new In(
                                new SocketRef(placed.id(), s),
                                placed.type().socket(s).orElseThrow()))));
        return all;
    }
}
