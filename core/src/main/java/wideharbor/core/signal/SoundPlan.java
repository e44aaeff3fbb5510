package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.Content;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.SoundPort;

/** Which microphone or mixer goes into which input, with channels and power on the line. */
public record SoundPlan(List<Line> lines, List<Sink> sinks) {

    /**
     * A source with the input it reaches.
     *
     * @param powered it needs none, has its own cells, or the input gives it
     */
    public record Line(SocketRef source, SoundPort gives, Optional<SocketRef> into, boolean powered) {}

    /**
     * An input with how many channels come in; with a safety track each comes in twice.
     *
     * @param safetyDb by how much the second is lower; 0 when there is none
     */
    public record Sink(SocketRef input, SoundPort takes, int channelsIn, int safetyDb) {
        public boolean isFull() {
            return channelsIn > takes.channels();
        }
    }

    public static SoundPlan of(SignalGraph graph, Content content) {
        List<Sink> sinks = new ArrayList<>();
        List<Route> routes = new ArrayList<>();
        for (SocketRef input : graph.inputs(Carried.SOUND)) {
            Optional<Route> route = graph.to(input);
            route.ifPresent(routes::add);
            int safety = (int) Math.round(content.value(Switches.safety(input)));
            port(graph, input)
                    .ifPresent(takes -> sinks.add(new Sink(
                            input,
                            takes,
                            route.flatMap(r -> port(graph, r.from()))
                                            .map(SoundPort::channels)
                                            .orElse(0)
                                    * (safety > 0 ? 2 : 1),
                            safety)));
        }
        List<Line> lines = new ArrayList<>();
        for (SocketRef source : graph.sources(Carried.SOUND)) {
            port(graph, source).filter(SoundPort::source).ifPresent(gives -> {
                Optional<SocketRef> into = routes.stream()
                        .filter(r -> r.from().equals(source))
                        .map(Route::to)
                        .findFirst();
                boolean ownPower = !gives.phantom()
                        || graph.box(source.placement()).orElseThrow().hasOwnCells();
                boolean given = into.flatMap(i -> port(graph, i))
                        .filter(SoundPort::phantom)
                        .isPresent();
                lines.add(new Line(source, gives, into, ownPower || given));
            });
        }
        return new SoundPlan(lines, sinks);
    }

    private static Optional<SoundPort> port(SignalGraph graph, SocketRef socket) {
        return graph.box(socket.placement()).orElseThrow().type().facets(SoundPort.class).stream()
                .filter(p -> p.socket().equals(socket.socket()))
                .findFirst();
    }
}
