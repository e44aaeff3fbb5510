package wideharbor.core.signal;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.id.PlacementId;

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
    public List<PlacementId> boxes() {
        return sockets().stream().map(SocketRef::placement).distinct().toList();
    }

    /** Links between boxes: cables, contacts and radio. */
    public long links() {
        return hops.stream()
                .filter(h -> h.kind().isPlugged() || h.kind() == Hop.Kind.RADIO)
                .count();
    }

    /** The least that a link of the way carries, Gbit/s, and where; empty when no figure is on file. */
    public Optional<Narrow> narrowest(SignalGraph graph) {
        return sockets().stream()
                .flatMap(s -> graph.box(s.placement()).flatMap(b -> b.signal(s.socket())).stream()
                        .flatMap(f -> f.gigabits().stream())
                        .map(gigabits -> new Narrow(s, gigabits)))
                .min(Comparator.comparingDouble(Narrow::gigabits));
    }

    /** The link of a way that passes the least. */
    public record Narrow(SocketRef at, double gigabits) {}

    /** What the picture needs, Gbit/s, as it is sent at the beginning of the way. */
    public Optional<Double> sent(SignalGraph graph) {
        return graph.box(from.placement())
                .flatMap(b -> b.type().facets(SignalFacet.PictureOut.class).stream()
                        .filter(p -> p.socket().equals(from.socket()))
                        .map(SignalFacet.PictureOut::gigabits)
                        .findFirst());
    }
}
