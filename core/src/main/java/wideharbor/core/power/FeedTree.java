package wideharbor.core.power;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Battery → plate → outputs → cables → devices, read off a rig. A part that both takes and gives power passes its
 * outputs' load on to its input.
 */
public final class FeedTree {
    private static final int DEEPEST = 12;

    /** A placed power output, the cable in it (if any) and what that feeds. */
    public record Outlet(Placed placed, PowerFacet.PowerOutput spec, Optional<Link> link) {
        public SocketRef ref() {
            return new SocketRef(placed.id(), spec.socket());
        }
    }

    /** A power cable from an outlet to a device's input. */
    public record Link(CableRun cable, PowerFacet.Cable wire, Placed device, PowerFacet.PowerInput input) {}

    /** A battery on the rig, the part whose plate it sits on, and the outlets that live off it. */
    public record Source(Placed battery, PowerFacet.Battery spec, Optional<Placed> plate, List<Outlet> outlets) {}

    private final List<Source> sources;
    private final Map<PlacementId, List<Outlet>> outletsOf;
    private final Map<SocketRef, Outlet> feeding;
    private final Rig rig;

    private FeedTree(Rig rig) {
        this.rig = rig;
        this.outletsOf = new LinkedHashMap<>();
        this.feeding = new LinkedHashMap<>();
        Map<SocketRef, Link> linkAt = links();
        for (Placed placed : rig.attached()) {
            List<Outlet> outlets = placed.type().facets(PowerFacet.PowerOutput.class).stream()
                    .map(o -> new Outlet(
                            placed, o, Optional.ofNullable(linkAt.get(new SocketRef(placed.id(), o.socket())))))
                    .toList();
            outletsOf.put(placed.id(), outlets);
            outlets.forEach(o -> o.link()
                    .ifPresent(l ->
                            feeding.put(new SocketRef(l.device().id(), l.input().socket()), o)));
        }
        this.sources = findSources();
    }

    public static FeedTree of(Rig rig) {
        return new FeedTree(rig);
    }

    /** Power cables by the outlet they are plugged into, whichever way round they run. */
    private Map<SocketRef, Link> links() {
        Map<SocketRef, Link> found = new LinkedHashMap<>();
        for (CableRun cable : rig.content().cables()) {
            ItemType type = rig.catalogue().require(cable.type());
            Optional<PowerFacet.Cable> wire = type.facet(PowerFacet.Cable.class);
            if (wire.isPresent() && wire.get().carries() == Socket.Kind.POWER) {
                link(cable, wire.get(), cable.a(), cable.b()).ifPresent(l -> found.put(cable.a(), l));
                link(cable, wire.get(), cable.b(), cable.a()).ifPresent(l -> found.put(cable.b(), l));
            }
        }
        return found;
    }

    private Optional<Link> link(CableRun cable, PowerFacet.Cable wire, SocketRef from, SocketRef to) {
        Optional<Placed> source = rig.find(from.placement());
        Optional<Placed> device = rig.find(to.placement());
        boolean gives = source.isPresent()
                && source.get().type().facets(PowerFacet.PowerOutput.class).stream()
                        .anyMatch(o -> o.socket().equals(from.socket()));
        if (!gives || device.isEmpty()) {
            return Optional.empty();
        }
        return device.get().type().facets(PowerFacet.PowerInput.class).stream()
                .filter(i -> i.socket().equals(to.socket()))
                .findFirst()
                .map(i -> new Link(cable, wire, device.get(), i));
    }

    private List<Source> findSources() {
        List<Source> found = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            placed.type()
                    .facet(PowerFacet.Battery.class)
                    .filter(spec -> !isInner(placed))
                    .ifPresent(spec -> {
                        Optional<Placed> plate = plateOf(placed, spec);
                        List<Outlet> outlets = new ArrayList<>(outletsOf(placed.id()));
                        plate.ifPresent(p -> outlets.addAll(outletsOf(p.id())));
                        found.add(new Source(placed, spec, plate, List.copyOf(outlets)));
                    });
        }
        return List.copyOf(found);
    }

    /** A battery in a part's own bay only carries that part through a change: nothing is fed from it otherwise. */
    private boolean isInner(Placed battery) {
        return rig.locatedBy(battery.id())
                .flatMap(j -> rig.find(j.parent().placement()))
                .flatMap(p -> KeepsOn.innerBattery(rig, p))
                .filter(b -> b.id().equals(battery.id()))
                .isPresent();
    }

    private Optional<Placed> plateOf(Placed battery, PowerFacet.Battery spec) {
        return rig.liveJoints().stream()
                .filter(j -> j.child().placement().equals(battery.id())
                                && j.child().port().equals(spec.port())
                        || j.parent().placement().equals(battery.id())
                                && j.parent().port().equals(spec.port()))
                .findFirst()
                .flatMap(j -> rig.find(
                        j.child().placement().equals(battery.id())
                                ? j.parent().placement()
                                : j.child().placement()));
    }

    public List<Source> sources() {
        return sources;
    }

    public List<Outlet> outlets() {
        return outletsOf.values().stream().flatMap(List::stream).toList();
    }

    private List<Outlet> outletsOf(PlacementId placement) {
        return outletsOf.getOrDefault(placement, List.of());
    }

    /** The outlet that feeds a device's input, if a power cable reaches it. */
    public Optional<Outlet> feeding(SocketRef input) {
        return Optional.ofNullable(feeding.get(input));
    }

    /** The battery at the root of an outlet's branch; a circle of feeds has none. */
    public Optional<Source> sourceOf(Outlet outlet) {
        Placed at = outlet.placed();
        for (int depth = 0; depth < DEEPEST; depth++) {
            for (Source source : sources) {
                if (livesOff(at, source)) {
                    return Optional.of(source);
                }
            }
            Optional<Outlet> up = inputOutlet(at);
            if (up.isEmpty()) {
                return Optional.empty();
            }
            at = up.get().placed();
        }
        return Optional.empty();
    }

    private static boolean livesOff(Placed placed, Source source) {
        boolean onPlate = source.plate().filter(p -> p.id().equals(placed.id())).isPresent();
        return onPlate || source.battery().id().equals(placed.id());
    }

    private Optional<Outlet> inputOutlet(Placed placed) {
        return placed.type().facets(PowerFacet.PowerInput.class).stream()
                .flatMap(i -> feeding(new SocketRef(placed.id(), i.socket())).stream())
                .findFirst();
    }

    /** Load at a device's input: its own draw and what hangs on its outputs. */
    public Load loadOf(Placed device, PowerFacet.PowerInput input) {
        return loadOf(device, input, 0);
    }

    private Load loadOf(Placed device, PowerFacet.PowerInput input, int depth) {
        Load own = Load.of(device.title(), input.runningWatts(), input.peakWatts());
        if (depth >= DEEPEST) {
            return own.plus(Load.unknown("feed that runs in a circle at " + device.title()));
        }
        Load total = own;
        for (Outlet outlet : outletsOf(device.id())) {
            total = total.plus(loadOn(outlet, depth + 1).dividedBy(outlet.spec().efficiency()));
        }
        return total;
    }

    /**
     * Whether a device takes its power by another of its inputs, the first of those that are fed with the same
     * nameplate: inputs of other watts feed other things. An outlet must be able to carry it all the same; a battery is
     * asked for it once.
     */
    private boolean isStandby(Link link) {
        return link.device().type().facets(PowerFacet.PowerInput.class).stream()
                .filter(i -> i.runningWatts().equals(link.input().runningWatts()))
                .filter(i ->
                        feeding(new SocketRef(link.device().id(), i.socket())).isPresent())
                .findFirst()
                .filter(first -> !first.socket().equals(link.input().socket()))
                .isPresent();
    }

    /** Load that an outlet delivers. */
    public Load loadOn(Outlet outlet) {
        return loadOn(outlet, 0);
    }

    private Load loadOn(Outlet outlet, int depth) {
        return outlet.link()
                .filter(l -> depth == 0 || !isStandby(l))
                .map(l -> loadOf(l.device(), l.input(), depth))
                .orElse(Load.NONE);
    }

    /** Load on a battery: all its outlets, converters' losses included. */
    public Load loadOn(Source source) {
        Load total = Load.NONE;
        for (Outlet outlet : source.outlets()) {
            if (outlet.link().filter(this::isStandby).isPresent()) {
                continue;
            }
            total = total.plus(loadOn(outlet).dividedBy(outlet.spec().efficiency() * sharing(source, outlet)));
        }
        return total;
    }

    /**
     * Batteries side by side on one plate carry its outlets together, each its share; those of its own a battery alone.
     */
    private double sharing(Source source, Outlet outlet) {
        boolean own = outlet.placed().id().equals(source.battery().id());
        return own
                ? 1
                : sources.stream()
                        .filter(s ->
                                s.plate().map(Placed::id).equals(source.plate().map(Placed::id)))
                        .count();
    }

    /** Watts on a battery while everything is on and nothing runs, converters' losses included. */
    public double idleOn(Source source) {
        return drawOn(source, part -> State.STANDBY);
    }

    /**
     * Watts on a battery while each part is in a state of its own, converters' losses included. A part that is off
     * takes what hangs on its outputs with it. Draws that are not on file count as nothing: {@link Load#unknown} names
     * them.
     */
    public double drawOn(Source source, Function<PlacementId, State> state) {
        return source.outlets().stream()
                .mapToDouble(o -> drawOn(o, state, 0) / o.spec().efficiency() / sharing(source, o))
                .sum();
    }

    private double drawOn(Outlet outlet, Function<PlacementId, State> state, int depth) {
        if (depth >= DEEPEST
                || outlet.link().isEmpty()
                || isStandby(outlet.link().get())) {
            return 0;
        }
        Link link = outlet.link().get();
        State now = state.apply(link.device().id());
        if (now == State.OFF) {
            return 0;
        }
        return draw(link.input(), now)
                + outletsOf(link.device().id()).stream()
                        .mapToDouble(o -> drawOn(o, state, depth + 1) / o.spec().efficiency())
                        .sum();
    }

    /** Watts that an input takes in a state. */
    public static double draw(PowerFacet.PowerInput input, State state) {
        return switch (state) {
            case OFF -> 0;
            case STANDBY -> input.idleWatts();
            case ON -> input.runningWatts() instanceof Figure.Known known ? known.value() : 0;
        };
    }

    /** Everything that lives off a battery, the nearest first. */
    public List<Link> under(Source source) {
        List<Link> all = new ArrayList<>();
        source.outlets().forEach(o -> under(o, 0, all));
        return List.copyOf(all);
    }

    private void under(Outlet outlet, int depth, List<Link> all) {
        if (depth < DEEPEST && outlet.link().isPresent()) {
            all.add(outlet.link().get());
            outletsOf(outlet.link().get().device().id()).forEach(o -> under(o, depth + 1, all));
        }
    }

    /**
     * Where the watts of a battery go while everything runs: to the devices, and as heat in the converters between.
     *
     * @param drawnWatts what the battery gives
     */
    public record Flow(double drawnWatts, double deliveredWatts, double lostWatts) {}

    public Flow flow(Source source) {
        double delivered = 0;
        double lost = 0;
        for (Link link : under(source)) {
            delivered += isStandby(link) ? 0 : draw(link.input(), State.ON);
        }
        for (Outlet outlet : through(source)) {
            double out = drawOn(outlet, part -> State.ON, 0);
            lost += out / outlet.spec().efficiency() - out;
        }
        return new Flow(loadOn(source).runningWatts(), delivered, lost);
    }

    /** The outlets on the way from a battery to all that lives off it. */
    private List<Outlet> through(Source source) {
        List<Outlet> all = new ArrayList<>(source.outlets());
        under(source).forEach(l -> all.addAll(outletsOf(l.device().id())));
        return all;
    }

    /**
     * Watts, running and peak, each as exactly as it is known; the parts whose draw is not on file, and those of which
     * only the peak is not.
     */
    public record Load(Ranged running, Ranged peak, List<String> unknown, List<String> unknownPeak) {
        public static final Load NONE = new Load(Ranged.of(0), Ranged.of(0), List.of(), List.of());

        public Load {
            unknown = List.copyOf(unknown);
            unknownPeak = List.copyOf(unknownPeak);
        }

        static Load unknown(String what) {
            return new Load(Ranged.of(0), Ranged.of(0), List.of(what), List.of());
        }

        static Load of(String title, Figure running, Figure peak) {
            if (!(running instanceof Figure.Known r)) {
                return unknown(title);
            }
            Ranged runs = ranged(r);
            return peak instanceof Figure.Known p
                    ? new Load(runs, ranged(p).max(runs), List.of(), List.of())
                    : new Load(runs, runs, List.of(), List.of(title));
        }

        private static Ranged ranged(Figure.Known known) {
            return Ranged.of(known.value(), known.low(), known.high());
        }

        Load plus(Load other) {
            return new Load(
                    running.plus(other.running),
                    peak.plus(other.peak),
                    Stream.concat(unknown.stream(), other.unknown.stream()).toList(),
                    Stream.concat(unknownPeak.stream(), other.unknownPeak.stream())
                            .toList());
        }

        Load dividedBy(double efficiency) {
            return new Load(running.times(1 / efficiency), peak.times(1 / efficiency), unknown, unknownPeak);
        }

        public double runningWatts() {
            return running.value();
        }

        public double peakWatts() {
            return peak.value();
        }

        public boolean isComplete() {
            return unknown.isEmpty();
        }
    }
}
