package wideharbor.core.signal;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.build.SocketRef;

/** The shortest way of a signal from where it begins to a socket, in order. */
public record Route(SocketRef from, List<Hop> hops) {
    public Route {
        hops = List.copyOf(hops);
    }

    public SocketRef to() {
        return hops.isEmpty() ? from : hops.get(hops.size() - 1).to();
    }

    public List<SocketRef> sockets() {
        return Stream.concat(Stream.of(from), hops.stream().map(Hop::to)).toList();
    }

    /** Boxes on the way, each once, in order. */
    public List<String> boxes() {
        return sockets().stream().map(SocketRef::placement).distinct().toList();
    }

    /** Links between boxes: cables and radio. */
    public long links() {
        return hops.stream()
                .filter(h -> h.kind() == Hop.Kind.CABLE || h.kind() == Hop.Kind.RADIO)
                .count();
    }
}
