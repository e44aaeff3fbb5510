package wideharbor.core.power;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.id.PlacementId;
import wideharbor.core.memo.Memo;
import wideharbor.core.power.Volts.Charge;
import wideharbor.core.power.Volts.Draw;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Battery → plate → outputs → cables or contacts → devices, read off a rig. A part that both takes and gives power
 * passes its outputs' load on to its input. What flows in it stands in {@link WorkingPoint}.
 */
public final class FeedTree {
    private static final int DEEPEST = 12;

    /** A placed power output, the cable in it (if any) and what that feeds. */
    public record Outlet(Placed placed, PowerFacet.PowerOutput spec, Optional<Link> link) {
        public SocketRef ref() {
            return new SocketRef(placed.id(), spec.socket());
        }

        /** Whether a cable can go into it. */
        public boolean isFree() {
            return link.isEmpty() && !isContact();
        }

        /** Whether it is in the face of a port, where only joining plugs it. */
        public boolean isContact() {
            return placed.type().socket(spec.socket()).isEmpty()
                    || placed.type().isContact(spec.socket());
        }
    }

    /** A cable of power. */
    public record Lead(CableRun cable, PowerFacet.Cable wire) {}

    /** From an outlet to a device's input: by a cable, or by contacts where there is none. */
    public record Link(Optional<Lead> lead, Placed device, PowerFacet.PowerInput input) {
        public Optional<CableRun> cable() {
            return lead.map(Lead::cable);
        }

        public SocketRef ref() {
            return new SocketRef(device.id(), input.socket());
        }

        /** Into a plate, by the port that a battery would sit on. */
        boolean isBare() {
            return device.type().socket(input.socket()).isEmpty();
        }

        /** Of both wires, Ω. */
        public double ohm() {
            return lead.map(l -> Volts.ohm(l.wire())).orElse(0.0);
        }
    }

    /**
     * A battery on the rig, the part whose plate it sits on, and the outlets that live off it: its own, those of the
     * plate, and its bare contacts where they feed a part straight.
     */
    public record Source(Placed battery, PowerFacet.Battery spec, Optional<Placed> plate, List<Outlet> outlets) {
        boolean owns(Outlet outlet) {
            return outlet.placed().id().equals(battery.id());
        }
    }

    private final List<Source> sources;
    private final Map<PlacementId, List<Outlet>> outletsOf;
    private final Map<SocketRef, Outlet> feeding;
    private final Set<SocketRef> standby;
    private final Rig rig;
    private final Estimates estimates;
    private final Memo<WorkingPoint.Moment, WorkingPoint> points = new Memo<>();

    private FeedTree(Rig rig, Estimates estimates) {
        this.rig = rig;
        this.estimates = estimates;
        this.outletsOf = new LinkedHashMap<>();
        this.feeding = new LinkedHashMap<>();
        FeedLinks links = new FeedLinks(rig);
        Map<SocketRef, Link> linkAt = links.byOutlet();
        for (Placed placed : rig.attached()) {
            List<Outlet> outlets = placed.type().facets(PowerFacet.PowerOutput.class).stream()
                    .map(o -> new Outlet(
                            placed, o, Optional.ofNullable(linkAt.get(new SocketRef(placed.id(), o.socket())))))
                    .toList();
            outletsOf.put(placed.id(), outlets);
            outlets.forEach(this::feeds);
        }
        this.sources = findSources(links);
        this.standby = feeding.values().stream()
                .flatMap(o -> o.link().stream())
                .filter(this::standsBy)
                .map(Link::ref)
                .collect(Collectors.toUnmodifiableSet());
    }

    private void feeds(Outlet outlet) {
        outlet.link().ifPresent(l -> feeding.put(l.ref(), outlet));
    }

    /** At 25 °C, with the standard figures for what is not on file. */
    public static FeedTree of(Rig rig) {
        return of(rig, Estimates.of(HouseRules.DEFAULTS, 25));
    }

    public static FeedTree of(Rig rig, Estimates estimates) {
        return new FeedTree(rig, estimates);
    }

    /** The same feed with other figures for what is not on file. */
    public FeedTree with(Estimates other) {
        return other.equals(estimates) ? this : new FeedTree(rig, other);
    }

    public Estimates estimates() {
        return estimates;
    }

    private List<Source> findSources(FeedLinks links) {
        List<Source> found = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            placed.type()
                    .facet(PowerFacet.Battery.class)
                    .filter(spec -> !isInner(placed))
                    .ifPresent(spec -> {
                        Optional<Placed> plate = links.plateOf(placed, spec);
                        List<Outlet> outlets = new ArrayList<>(outletsOf(placed.id()));
                        links.straight(placed, spec).ifPresent(o -> {
                            feeds(o);
                            outlets.add(o);
                        });
                        plate.filter(p -> !isFedBy(p, placed)).ifPresent(p -> outlets.addAll(outletsOf(p.id())));
                        found.add(new Source(placed, spec, plate, List.copyOf(outlets)));
                    });
        }
        return List.copyOf(found);
    }

    /** What takes a battery's power by an input of its own passes it on from there. */
    private boolean isFedBy(Placed part, Placed battery) {
        return inputOutlet(part)
                .filter(o -> o.placed().id().equals(battery.id()))
                .isPresent();
    }

    /** A battery in a part's own bay only carries that part through a change: nothing is fed from it otherwise. */
    private boolean isInner(Placed battery) {
        return rig.locatedBy(battery.id())
                .flatMap(j -> rig.find(j.parent().placement()))
                .flatMap(p -> KeepsOn.innerBattery(rig, p))
                .filter(b -> b.id().equals(battery.id()))
                .isPresent();
    }

    public List<Source> sources() {
        return sources;
    }

    /** Every output of a part. The bare contacts of a battery are none. */
    public List<Outlet> outlets() {
        return outletsOf.values().stream().flatMap(List::stream).toList();
    }

    List<Outlet> outletsOf(PlacementId placement) {
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

    /** The outlet that feeds a part by the first of its inputs that is fed; a plate by the port of its battery. */
    Optional<Outlet> inputOutlet(Placed placed) {
        Optional<Outlet> byInput = placed.type().facets(PowerFacet.PowerInput.class).stream()
                .flatMap(i -> feeding(new SocketRef(placed.id(), i.socket())).stream())
                .findFirst();
        return byInput.isPresent()
                ? byInput
                : placed.type().ports().stream()
                        .flatMap(p -> feeding(new SocketRef(placed.id(), p.id())).stream())
                        .findFirst();
    }

    /** What hangs straight on the outlets of a battery, by plates that sit on what sits on it too. */
    public List<Link> straightOff(Source source) {
        List<Link> all = new ArrayList<>();
        source.outlets().forEach(o -> straightOff(o, 0, all));
        return all;
    }

    private void straightOff(Outlet outlet, int depth, List<Link> all) {
        outlet.link().filter(l -> depth < DEEPEST).ifPresent(l -> {
            if (l.isBare()) {
                outletsOf(l.device().id()).forEach(o -> straightOff(o, depth + 1, all));
            } else {
                all.add(l);
            }
        });
    }

    /** Load at a device's input: its own draw and what hangs on its outputs, with what is lost on the way there. */
    public Load taken(Outlet outlet) {
        return named(outlet, point -> point.taken(outlet));
    }

    /** Load that an outlet delivers at the end of the usable charge, what its cable turns to heat included. */
    public Load loadOn(Outlet outlet) {
        return named(outlet, point -> point.given(outlet));
    }

    private Load named(Outlet outlet, ToDoubleFunction<WorkingPoint> watts) {
        Names names = new Names();
        names(outlet, 0, names);
        return load(Charge.END, watts, names);
    }

    /**
     * Watts that a battery gives in the mean of a charge: all its outlets, what cables and converters lose included.
     */
    public Load loadOn(Source source) {
        Load byNameplates = byNameplates(source);
        return measured(source).map(m -> MeasuredDraw.of(m).mean(byNameplates)).orElse(byNameplates);
    }

    /** The same as the nameplates of what hangs on it sum up to, whatever was measured. */
    public Load byNameplates(Source source) {
        return load(Charge.NOMINAL, point -> point.mean(source), names(source));
    }

    /** What was measured off a battery with just what hangs on it now. */
    public Optional<Drawn> measured(Source source) {
        return source.battery().placement().drawn().filter(d -> d.with().equals(on(source)));
    }

    /** What hangs on a battery, in words that are the same as long as it is the same. */
    public String on(Source source) {
        return under(source).stream()
                .map(l -> l.device().type().ref() + " " + l.input().socket())
                .sorted()
                .collect(Collectors.joining(", "));
    }

    /** The source whose battery a part is. */
    public Optional<Source> sourceAt(PlacementId battery) {
        return sources.stream().filter(s -> s.battery().id().equals(battery)).findFirst();
    }

    /** Watts of its own charge that its load costs a battery, at the cold of the {@link Estimates} and their middle. */
    public Ranged costOf(Source source) {
        return estimates.cost(source.spec(), loadOn(source).running());
    }

    /** Watts that a battery is asked for at the end of the usable charge, where it is asked for most. */
    public Load askedOf(Source source) {
        Load byNameplates = load(Charge.END, point -> point.asked(source), names(source));
        return measured(source)
                .map(m -> MeasuredDraw.of(m).asked(byNameplates(source), byNameplates))
                .orElse(byNameplates);
    }

    /** Whether every draw is on file that goes through the cables on the way to what an outlet feeds. */
    boolean isComplete(Outlet outlet) {
        Optional<Outlet> at = Optional.of(outlet);
        for (int depth = 0; depth < DEEPEST && at.isPresent(); depth++) {
            Names names = new Names();
            names(at.get(), 0, names);
            if (!names.running.isEmpty()) {
                return false;
            }
            at = inputOutlet(at.get().placed());
        }
        return true;
    }

    /** The battery behind an outlet whose inner resistance is only estimated. */
    public Optional<String> estimatedInside(Outlet outlet) {
        return sourceOf(outlet)
                .filter(s -> s.spec().innerOhm().isEmpty())
                .map(s -> s.battery().title());
    }

    /**
     * Regulated outlets on the way to what an outlet feeds, of which nobody knows what they need over what they give.
     */
    public List<String> estimatedDropouts(Outlet outlet) {
        List<String> all = new ArrayList<>();
        Optional<Outlet> at = Optional.of(outlet);
        for (int depth = 0; depth < DEEPEST && at.isPresent(); depth++) {
            PowerFacet.PowerOutput spec = at.get().spec();
            if (spec.regulatedVolts() > 0 && spec.dropoutVolts().isEmpty()) {
                all.add(at.get().placed().title());
            }
            at = inputOutlet(at.get().placed());
        }
        return all;
    }

    private Names names(Source source) {
        Names names = new Names();
        for (Outlet outlet : source.outlets()) {
            if (outlet.link().filter(this::isStandby).isEmpty()) {
                names(outlet, 0, names);
            }
        }
        return names;
    }

    private Load load(Charge charge, ToDoubleFunction<WorkingPoint> watts, Names names) {
        return new Load(
                ranged(charge, Draw.RUNNING, watts), ranged(charge, Draw.PEAK, watts), names.running, names.peak);
    }

    private Ranged ranged(Charge charge, Draw draw, ToDoubleFunction<WorkingPoint> watts) {
        return Ranged.of(
                watts.applyAsDouble(at(charge, draw, WorkingPoint.End.MIDDLE)),
                watts.applyAsDouble(at(charge, draw, WorkingPoint.End.LEAST_DRAWN)),
                watts.applyAsDouble(at(charge, draw, WorkingPoint.End.MOST_DRAWN)));
    }

    /** What is estimated is taken at its middle. */
    WorkingPoint at(Charge charge, Draw draw, WorkingPoint.End end) {
        return at(charge, draw, end, WorkingPoint.End.MIDDLE);
    }

    WorkingPoint at(Charge charge, Draw draw, WorkingPoint.End end, WorkingPoint.End estimate) {
        return points.get(new WorkingPoint.Moment(charge, draw, end, estimate), m -> WorkingPoint.of(this, m));
    }

    /** Parts whose draw is not on file, and those of which only the peak is not. */
    private static final class Names {
        private final List<String> running = new ArrayList<>();
        private final List<String> peak = new ArrayList<>();
    }

    private void names(Outlet outlet, int depth, Names names) {
        outlet.link().filter(l -> depth == 0 || !isStandby(l)).ifPresent(l -> {
            if (depth >= DEEPEST) {
                names.running.add("feed that runs in a circle at " + l.device().title());
                return;
            }
            if (!(l.input().runningWatts() instanceof Figure.Known)) {
                names.running.add(l.device().title());
            } else if (!(l.input().peakWatts() instanceof Figure.Known)) {
                names.peak.add(l.device().title());
            }
            outletsOf(l.device().id()).forEach(o -> names(o, depth + 1, names));
        });
    }

    /**
     * Whether a device takes its power by another of its inputs, the first of those that are fed with the same
     * nameplate: inputs of other watts feed other things. An outlet must be able to carry it all the same; a battery is
     * asked for it once.
     */
    boolean isStandby(Link link) {
        return standby.contains(link.ref());
    }

    private boolean standsBy(Link link) {
        return link.device().type().facets(PowerFacet.PowerInput.class).stream()
                .filter(i -> i.runningWatts().equals(link.input().runningWatts()))
                .filter(i ->
                        feeding(new SocketRef(link.device().id(), i.socket())).isPresent())
                .findFirst()
                .filter(first -> !first.socket().equals(link.input().socket()))
                .isPresent();
    }

    /** Watts on a battery while everything is on and nothing runs, converters' losses included. */
    public double idleOn(Source source) {
        return drawOn(source, part -> State.STANDBY);
    }

    /**
     * Watts on a battery in the mean of a charge while each part is in a state of its own, losses included. A part that
     * is off takes what hangs on its outputs with it. Draws that are not on file count as nothing: {@link Load#unknown}
     * names them.
     */
    public double drawOn(Source source, Function<PlacementId, State> state) {
        double byNameplates = drawnByNameplates(source, state);
        return measured(source)
                .map(m -> MeasuredDraw.of(m)
                        .at(
                                byNameplates,
                                drawnByNameplates(source, part -> State.STANDBY),
                                byNameplates(source).runningWatts()))
                .orElse(byNameplates);
    }

    private double drawnByNameplates(Source source, Function<PlacementId, State> state) {
        return WorkingPoint.of(this, Charge.NOMINAL, state).mean(source);
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
     * Where the watts of a battery go while everything runs as nameplates say: to the devices, and as heat in the
     * cables and converters between.
     *
     * @param drawnWatts what the battery gives
     */
    public record Flow(double drawnWatts, double deliveredWatts, double lostWatts) {}

    public Flow flow(Source source) {
        double drawn = byNameplates(source).runningWatts();
        double delivered = 0;
        for (Outlet outlet : source.outlets()) {
            List<Link> all = new ArrayList<>();
            under(outlet, 0, all);
            double watts = all.stream()
                    .filter(l -> !isStandby(l))
                    .mapToDouble(l -> draw(l.input(), State.ON))
                    .sum();
            delivered +=
                    watts * (source.owns(outlet) ? 1 : Supply.of(this, source).meanShare(source));
        }
        return new Flow(drawn, delivered, drawn - delivered);
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
