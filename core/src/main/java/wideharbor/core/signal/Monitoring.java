package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Rig;
import wideharbor.core.signal.Seat.Missing;

/**
 * Who of the brief's viewers sees the picture of a rig, and how it gets there. A viewer with a cable looks at a display
 * on the rig; one by radio at a display out of the kit, with a receiver and a cable of its own. Each takes the least
 * trusted display that is good enough: what is good enough for one is so for all who ask less, so no other share serves
 * more. An eyepiece serves who operates and nobody else.
 *
 * @param graph the rig with the stations beside it
 * @param stations of those who look by radio
 */
public record Monitoring(SignalGraph graph, List<Seat> seats, List<Station> stations) {
    /**
     * What the kit gives somebody who looks by radio.
     *
     * @param receiver empty where the kit has none left, or the display hears for itself
     * @param cable from receiver to display
     */
    public record Station(Viewer viewer, Optional<Box> display, Optional<Box> receiver, Optional<ItemType> cable) {
        boolean hearsItself() {
            return display.filter(d -> radio(d.type(), false).isPresent()).isPresent();
        }

        /** What of it takes power. */
        public List<Box> boxes() {
            return Stream.of(receiver, display).flatMap(Optional::stream).toList();
        }
    }

    public static Monitoring of(Job job, Rig rig, SignalGraph onRig) {
        BuildId build = rig.build().id();
        BuildId first = job.gear().builds().get(0).id();
        Predicate<Viewer> looksHere = v -> v.build().equals(build) || v.build().isNone() && build.equals(first);
        List<Station> stations =
                stations(job).stream().filter(s -> looksHere.test(s.viewer())).toList();
        List<Box> beside = new ArrayList<>();
        List<Hop> cabled = new ArrayList<>();
        for (Station s : stations) {
            s.receiver().ifPresent(beside::add);
            s.display().ifPresent(beside::add);
            if (s.receiver().isPresent() && s.display().isPresent() && s.cable().isPresent()) {
                cabled.add(new Hop(
                        picture(s.receiver().get(), Socket.Direction.OUT).orElseThrow(),
                        picture(s.display().get(), Socket.Direction.IN).orElseThrow(),
                        Hop.Kind.CABLE,
                        s.cable().get().name()));
            }
        }
        SignalGraph graph = onRig.with(beside, cabled);
        List<Seat> seats = new ArrayList<>(cableSeats(job, looksHere, graph));
        stations.forEach(s -> seats.add(seat(s, graph)));
        List<Viewer> order = job.brief().asks().shoot().viewers();
        seats.sort(Comparator.comparingInt(s -> order.indexOf(s.viewer())));
        return new Monitoring(graph, List.copyOf(seats), stations);
    }

    /** The most demanding first, each with the least that will do. */
    private static List<Viewer> demanding(Job job, Predicate<Viewer> which) {
        return job.brief().asks().shoot().viewers().stream()
                .filter(which)
                .sorted(Comparator.comparing(Viewer::trust).reversed())
                .toList();
    }

    private static Trust trust(ItemType type) {
        return type.facet(SignalFacet.Display.class).orElseThrow().trust();
    }

    private static List<Seat> cableSeats(Job job, Predicate<Viewer> looksHere, SignalGraph graph) {
        List<Box> free = new ArrayList<>(graph.boxes().stream()
                .filter(b ->
                        b.onRig() && b.type().facet(SignalFacet.Display.class).isPresent())
                .toList());
        List<Seat> seats = new ArrayList<>();
        for (Viewer viewer : demanding(job, v -> !v.byRadio() && looksHere.test(v))) {
            boolean operates = operates(viewer, job.brief().crew());
            Optional<Box> display =
                    least(free.stream().filter(b -> operates || !isEyepiece(b)).toList(), viewer.trust());
            display.ifPresent(free::remove);
            seats.add(display.map(d -> seat(viewer, d, graph))
                    .orElseGet(() -> new Seat(
                            viewer,
                            Optional.empty(),
                            Optional.empty(),
                            Missing.DISPLAY,
                            "no display on the rig is left that is good for " + word(viewer.trust()))));
        }
        return seats;
    }

    private static boolean isEyepiece(Box box) {
        return box.type().can(Capability.FINDS_PICTURE);
    }

    private static boolean operates(Viewer viewer, Brief.Crew crew) {
        String who = viewer.who().toLowerCase(Locale.ROOT);
        String name = crew.operator().strip().toLowerCase(Locale.ROOT);
        return who.contains("operator") || !name.isEmpty() && who.contains(name);
    }

    private static Optional<Box> least(List<Box> free, Trust wanted) {
        return free.stream()
                .filter(b -> trust(b.type()).compareTo(wanted) >= 0)
                .min(Comparator.comparing(b -> trust(b.type())));
    }

    static String word(Trust trust) {
        return trust.name().toLowerCase(java.util.Locale.ROOT);
    }

    private static Seat seat(Viewer viewer, Box display, SignalGraph graph) {
        Optional<Route> route =
                graph.to(display.id(), Carried.PICTURE).or(() -> graph.to(display.id(), Carried.FINDER));
        return route.isPresent()
                ? new Seat(viewer, Optional.of(display), route, Missing.NOTHING, "")
                : new Seat(viewer, Optional.of(display), route, Missing.LINK, broken(display, graph));
    }

    /** The path walked back from the display to where it breaks. */
    private static String broken(Box display, SignalGraph graph) {
        return graph.inputs(Carried.PICTURE).stream()
                .filter(s -> s.placement().equals(display.id()))
                .findFirst()
                .map(s -> {
                    SocketRef at = graph.brokenAt(s);
                    Box box = graph.box(at.placement()).orElseThrow();
                    return "the way to " + display.title() + " ends at " + box.title() + ", "
                            + box.type().socket(at.socket()).orElseThrow().title() + ": nothing leads there";
                })
                .orElse(display.title() + " has no picture input on file");
    }

    private static Seat seat(Station s, SignalGraph graph) {
        if (s.display().isEmpty()) {
            return none(
                    s,
                    Missing.DISPLAY,
                    "no display in the kit is left that is good for "
                            + word(s.viewer().trust()));
        }
        if (s.receiver().isEmpty() && !s.hearsItself()) {
            return none(
                    s,
                    Missing.RECEIVER,
                    "no receiver in the kit is left for " + s.display().get().title());
        }
        if (s.cable().isEmpty() && !s.hearsItself()) {
            return none(
                    s,
                    Missing.CABLE,
                    "no cable in the kit is left from receiver to "
                            + s.display().get().title());
        }
        boolean sent = graph.boxes().stream()
                .anyMatch(b -> b.onRig() && radio(b.type(), true).isPresent());
        return sent ? seat(s.viewer(), s.display().get(), graph) : none(s, Missing.SENDER, "no transmitter on the rig");
    }

    private static Seat none(Station s, Missing missing, String why) {
        return new Seat(s.viewer(), s.display(), Optional.empty(), missing, why);
    }

    private static Optional<SignalFacet.Radio> radio(ItemType type, boolean sends) {
        return type.facets(SignalFacet.Radio.class).stream()
                .filter(r -> r.sends() == sends && r.carried() == Carried.PICTURE)
                .findFirst();
    }

    /** What the kit gives every viewer by radio, of all builds: the same share whichever rig is looked at. */
    private static List<Station> stations(Job job) {
        Map<TypeRef, Integer> left = new LinkedHashMap<>(job.gear().kit().counts());
        List<Station> all = new ArrayList<>();
        int number = 0;
        for (Viewer viewer : demanding(job, Viewer::byRadio)) {
            number++;
            Optional<ItemType> display = take(
                    job,
                    left,
                    t -> t.facet(SignalFacet.Display.class).isPresent() && trust(t).compareTo(viewer.trust()) >= 0,
                    Comparator.comparing(Monitoring::trust)
                            .thenComparing(t -> radio(t, false).isEmpty()));
            Optional<ItemType> receiver = display.filter(d -> radio(d, false).isEmpty())
                    .flatMap(d -> take(job, left, Monitoring::isReceiver, NO_ORDER));
            Optional<ItemType> cable =
                    receiver.flatMap(r -> take(job, left, t -> joins(t, r, display.get()), SHORTEST));
            int n = number;
            all.add(new Station(
                    viewer,
                    display.map(
                            t -> new Box(PlacementId.of("display-" + n), t.name() + " of " + viewer.who(), t, false)),
                    receiver.map(
                            t -> new Box(PlacementId.of("receiver-" + n), t.name() + " of " + viewer.who(), t, false)),
                    cable));
        }
        return all;
    }

    /** A receiver in a display serves that display. */
    private static boolean isReceiver(ItemType type) {
        return radio(type, false).isPresent()
                && type.facet(SignalFacet.Display.class).isEmpty();
    }

    private static final Comparator<ItemType> NO_ORDER = Comparator.comparingInt(t -> 0);
    private static final Comparator<ItemType> SHORTEST = Comparator.comparingDouble(
            t -> t.facet(PowerFacet.Cable.class).orElseThrow().lengthMm());

    private static Optional<ItemType> take(
            Job job, Map<TypeRef, Integer> left, Predicate<ItemType> which, Comparator<ItemType> order) {
        Optional<ItemType> found = left.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .map(e -> job.catalogue().require(e.getKey()))
                .filter(which)
                .min(order);
        found.ifPresent(t -> left.merge(t.ref(), -1, Integer::sum));
        return found;
    }

    private static boolean joins(ItemType cable, ItemType receiver, ItemType display) {
        Optional<PowerFacet.Cable> wire = cable.facet(PowerFacet.Cable.class);
        Optional<Socket> from = pictureSocket(receiver, Socket.Direction.OUT);
        Optional<Socket> to = pictureSocket(display, Socket.Direction.IN);
        return wire.isPresent()
                && from.isPresent()
                && to.isPresent()
                && wire.get().joins(from.get(), to.get());
    }

    private static Optional<Socket> pictureSocket(ItemType type, Socket.Direction direction) {
        return type.facets(SignalFacet.Signal.class).stream()
                .filter(s -> s.carried() == Carried.PICTURE)
                .flatMap(s -> type.socket(s.socket()).stream())
                .filter(s -> s.direction() == direction)
                .findFirst();
    }

    private static Optional<SocketRef> picture(Box box, Socket.Direction direction) {
        return pictureSocket(box.type(), direction).map(s -> box.socket(s.id()));
    }
}
