package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.id.PlacementId;
import wideharbor.core.signal.Box;
import wideharbor.core.signal.CableSchedule;
import wideharbor.core.signal.ConnectOrder;
import wideharbor.core.signal.Hop;
import wideharbor.core.signal.Luts;
import wideharbor.core.signal.Monitoring;
import wideharbor.core.signal.Route;
import wideharbor.core.signal.Seat;
import wideharbor.core.signal.SignalGraph;
import wideharbor.core.signal.SoundPlan;

/** Who sees, hears and controls what on a rig: boxes and links to draw, and the answers in words. */
public record SignalSheet(
        List<BoxRow> boxes,
        List<LinkRow> links,
        List<SeatRow> seats,
        List<SoundRow> sound,
        List<TimeRow> time,
        List<ConnectOrder> orders,
        List<CableLine> cables,
        List<SwitchRow> switches) {

    /** A cable, and others on file that are taken for it. */
    public record CableLine(CableSchedule.Row cable, List<String> twins) {}

    /** Something that is switched at a socket: the look on or off there, or quarter turns of the picture. */
    public record SwitchRow(
            String box, String socket, List<String> lookKey, boolean look, String turnKey, int quarterTurns) {}

    /**
     * A box in the drawing.
     *
     * @param sits the part that carries it; empty for the root and beside the rig
     * @param column links between it and where its signal begins, the longest way
     * @param label what a display is good for; empty for what is none
     * @param ownCellHours 0 when it lives off the rig
     * @param dark boxes that go dark with it, itself among them
     * @param blind viewers who see nothing any more
     * @param lost what is not reached any more when it goes dark, in words
     */
    public record BoxRow(
            PlacementId id,
            String title,
            boolean onRig,
            String sits,
            int column,
            String label,
            double ownCellHours,
            List<PlacementId> dark,
            List<String> blind,
            List<String> lost) {}

    /** A link between two boxes, by cable, contacts or radio. */
    public record LinkRow(
            PlacementId from,
            PlacementId to,
            String fromSocket,
            String toSocket,
            Carried carried,
            Hop.Kind kind,
            String by) {}

    /**
     * @param way box by box from the beginning
     * @param rate what is sent, Gbit/s; 0 when it is not on file
     */
    public record SeatRow(
            Shoot.Viewer viewer,
            String display,
            String label,
            boolean reached,
            List<String> way,
            double rate,
            List<String> looks,
            int quarterTurns,
            long links,
            String whyNot) {}

    /**
     * @param safetyKey setting of the safety track at the input; none when it goes nowhere
     * @param safetyDb by how much the second track is lower; 0 when there is none
     */
    public record SoundRow(
            String source,
            int channels,
            boolean phantom,
            String into,
            int takes,
            boolean powered,
            boolean full,
            List<String> safetyKey,
            int safetyDb) {}

    /** {@code from} is empty when nothing feeds it. */
    public record TimeRow(String into, String from, double ownCellHours) {}

    public static SignalSheet of(RigAnalysis analysis) {
        Monitoring monitoring = analysis.monitoring();
        SignalGraph graph = monitoring.graph();
        return new SignalSheet(
                SignalBoxes.boxes(analysis, monitoring),
                links(graph),
                monitoring.seats().stream().map(s -> seat(analysis, s, graph)).toList(),
                sound(analysis, graph),
                time(graph),
                ConnectOrder.of(graph),
                analysis.cables().stream()
                        .map(c -> new CableLine(c, CableSchedule.twins(analysis.rig(), c.id())))
                        .toList(),
                switches(analysis, graph));
    }

    /** Outputs of bodies and inputs of displays that carry a picture here. */
    private static List<SwitchRow> switches(RigAnalysis analysis, SignalGraph graph) {
        List<SwitchRow> rows = new ArrayList<>();
        for (Hop hop : graph.hops()) {
            if (hop.kind().isPlugged()
                    && graph.carried(hop.from())
                            .filter(c -> c == Carried.PICTURE)
                            .isPresent()) {
                Stream.of(hop.from(), hop.to())
                        .filter(s -> analysis.rig().find(s.placement()).isPresent())
                        .filter(s -> isSwitched(graph, s))
                        .forEach(s -> rows.add(switched(analysis, graph, s)));
            }
        }
        return rows.stream().distinct().toList();
    }

    private static boolean isSwitched(SignalGraph graph, SocketRef socket) {
        Box box = graph.box(socket.placement()).orElseThrow();
        boolean sends = box.type().facets(SignalFacet.PictureOut.class).stream()
                .anyMatch(o -> o.socket().equals(socket.socket()));
        return sends || box.type().facet(SignalFacet.Display.class).isPresent();
    }

    private static SwitchRow switched(RigAnalysis analysis, SignalGraph graph, SocketRef s) {
        return new SwitchRow(
                title(graph, s.placement()),
                socket(graph, s),
                Luts.takenAt(s, graph) ? List.of(Switches.look(s).toString()) : List.of(),
                analysis.rig().content().value(Switches.look(s)) > 0.5,
                Switches.turn(s).toString(),
                Math.floorMod((int) Math.round(analysis.rig().content().value(Switches.turn(s))), 4));
    }

    private static List<LinkRow> links(SignalGraph graph) {
        return graph.hops().stream()
                .filter(h -> !h.from().placement().equals(h.to().placement()))
                .map(h -> new LinkRow(
                        h.from().placement(),
                        h.to().placement(),
                        socket(graph, h.from()),
                        socket(graph, h.to()),
                        graph.carried(h.from()).orElseThrow(),
                        h.kind(),
                        h.by()))
                .toList();
    }

    private static String socket(SignalGraph graph, SocketRef ref) {
        return graph.box(ref.placement())
                .orElseThrow()
                .type()
                .socket(ref.socket())
                .orElseThrow()
                .title();
    }

    private static SeatRow seat(RigAnalysis analysis, Seat seat, SignalGraph graph) {
        Optional<Route> route = seat.route();
        Optional<Luts> looks =
                route.map(r -> Luts.along(r, graph, analysis.rig().content()));
        return new SeatRow(
                seat.viewer(),
                seat.display().map(Box::title).orElse(""),
                seat.display().map(SignalBoxes::label).orElse(""),
                seat.isReached(),
                route.map(r -> r.boxes().stream().map(b -> title(graph, b)).toList())
                        .orElse(List.of()),
                route.flatMap(r -> r.sent(graph)).orElse(0.0),
                looks.map(l -> l.at().stream()
                                .map(s -> title(graph, s.placement()))
                                .toList())
                        .orElse(List.of()),
                looks.map(Luts::quarterTurns).orElse(0),
                route.map(Route::links).orElse(0L),
                seat.whyNot());
    }

    private static String title(SignalGraph graph, PlacementId box) {
        return graph.box(box).orElseThrow().title();
    }

    private static List<SoundRow> sound(RigAnalysis analysis, SignalGraph graph) {
        SoundPlan plan = SoundPlan.of(graph, analysis.rig().content());
        List<SoundRow> rows = new ArrayList<>();
        for (SoundPlan.Line line : plan.lines()) {
            Optional<SoundPlan.Sink> sink = line.into()
                    .flatMap(i -> plan.sinks().stream()
                            .filter(s -> s.input().equals(i))
                            .findFirst());
            rows.add(new SoundRow(
                    title(graph, line.source().placement()),
                    line.gives().channels(),
                    line.gives().phantom(),
                    sink.map(s -> title(graph, s.input().placement())).orElse(""),
                    sink.map(s -> s.takes().channels()).orElse(0),
                    line.powered(),
                    sink.map(SoundPlan.Sink::isFull).orElse(false),
                    sink.map(x -> Switches.safety(x.input()).toString()).stream()
                            .toList(),
                    sink.map(SoundPlan.Sink::safetyDb).orElse(0)));
        }
        return rows;
    }

    private static List<TimeRow> time(SignalGraph graph) {
        return graph.inputs(Carried.TIME).stream()
                .map(i -> {
                    Optional<Box> from =
                            graph.to(i).flatMap(r -> graph.box(r.from().placement()));
                    return new TimeRow(
                            title(graph, i.placement()),
                            from.map(Box::title).orElse(""),
                            from.map(SignalBoxes::ownCells).orElse(0.0));
                })
                .toList();
    }
}
