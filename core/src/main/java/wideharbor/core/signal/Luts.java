package wideharbor.core.signal;

import java.util.List;
import wideharbor.core.build.Content;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;

/** What is switched along a way: where the look is put on the picture, and by how many quarter turns it is turned. */
public record Luts(List<SocketRef> at, int quarterTurns) {
    public static Luts along(Route route, SignalGraph graph, Content content) {
        List<SocketRef> at = route.sockets().stream()
                .filter(s -> takenAt(s, graph) && content.value(Switches.look(s)) > 0.5)
                .toList();
        int turns = route.sockets().stream()
                .mapToInt(s -> (int) Math.round(content.value(Switches.turn(s))))
                .sum();
        return new Luts(at, Math.floorMod(turns, 4));
    }

    /** Whether a part can put the look on a picture at this socket. */
    public static boolean takenAt(SocketRef socket, SignalGraph graph) {
        return Switches.takesLook(graph.box(socket.placement()).orElseThrow().type(), socket.socket());
    }
}
