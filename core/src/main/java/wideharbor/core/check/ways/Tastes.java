package wideharbor.core.check.ways;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import wideharbor.core.brief.Taste;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.check.ways.Look.Miss;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.signal.SoundPlan;

/** For every taste, what on a rig is not so. */
final class Tastes {
    private static final double LONG_DOVETAIL = 350;
    private static final double SHORT_DOVETAIL = 250;
    private static final double CLOSE_PAD = 120;
    private static final double HIGH_VOLTS = 20;
    private static final Set<Category> RIGGING = Set.of(
            Category.PLATE,
            Category.DOVETAIL,
            Category.ROD,
            Category.CAGE,
            Category.HANDLE,
            Category.BRACKET,
            Category.RISER);
    private static final Map<Taste, Function<Look, List<Miss>>> ALL = new EnumMap<>(Taste.class);

    static {
        rigging();
        worn();
        power();
        picture();
        kit();
    }

    private Tastes() {}

    static List<Miss> misses(Taste taste, Look look) {
        return ALL.get(taste).apply(look);
    }

    private static void rigging() {
        ALL.put(Taste.RODS_STUDIO, l -> l.each(l.of(Category.ROD), p -> standsOn(p, "rod-15-lw")));
        ALL.put(
                Taste.RODS_LIGHT,
                l -> l.each(l.of(Category.ROD), p -> standsOn(p, "rod-15-studio") || standsOn(p, "rod-19-studio")));
        ALL.put(Taste.NO_RODS, l -> l.each(l.of(Category.ROD)));
        ALL.put(Taste.DRIVES_STAY, Tastes::drivesThatSlide);
        ALL.put(
                Taste.CAGE_CLOSED,
                l -> hasLoop(l) ? List.of() : List.of(new Miss(Subject.whole(), "no plate ties top and bottom")));
        ALL.put(Taste.NO_CAGE, l -> l.each(l.of(Category.CAGE)));
        ALL.put(Taste.BASE_OF_BODY, Tastes::basesOfOthers);
        ALL.put(Taste.DOVETAIL_LONG, l -> l.each(l.of(Category.DOVETAIL), p -> length(p) < LONG_DOVETAIL));
        ALL.put(Taste.DOVETAIL_SHORT, l -> l.each(l.of(Category.DOVETAIL), p -> length(p) > SHORT_DOVETAIL));
        ALL.put(Taste.ONE_MAKER, Tastes::secondMakers);
        ALL.put(
                Taste.TRIED_JOINTS,
                l -> l.analysis().rig().liveJoints().stream()
                        .filter(j -> j.confidence() == Joint.Confidence.CLAIMED
                                || j.confidence() == Joint.Confidence.PLAUSIBLE)
                        .map(j -> new Miss(
                                Subject.joint(j.id()),
                                l.analysis().rig().title(j.child().placement()) + " untried"))
                        .toList());
        ALL.put(Taste.NO_ARMS, l -> l.each(l.of(Category.ARM)));
        ALL.put(Taste.CHANGES_TOOL_FREE, Tastes::changesWithTools);
    }

    private static void worn() {
        ALL.put(Taste.PAD_UNDER_MOUNT, l -> l.each(l.able(Capability.SHOULDERS), p -> l.ahead(p) < -CLOSE_PAD));
        ALL.put(Taste.PAD_BEHIND, l -> l.each(l.able(Capability.SHOULDERS), p -> l.ahead(p) >= -CLOSE_PAD));
        ALL.put(Taste.NO_PAD_UNWORN, l -> isShouldered(l) ? List.of() : l.each(l.able(Capability.SHOULDERS)));
        ALL.put(Taste.TWO_GRIPS, l -> {
            List<Placed> holds = l.able(Capability.IS_HANDHOLD);
            boolean left = holds.stream().anyMatch(p -> l.left(p) > 40);
            boolean right = holds.stream().anyMatch(p -> l.left(p) < -40);
            boolean pair = holds.stream().anyMatch(p -> p.type().can(Capability.GRIPS_BOTH_HANDS));
            return left && right || pair
                    ? List.of()
                    : List.of(new Miss(
                            Subject.whole(), left ? "none on the right" : right ? "none on the left" : "none"));
        });
        ALL.put(Taste.ONE_GRIP, l -> {
            List<Placed> aside = l.all(p -> p.type().can(Capability.IS_HANDHOLD) && Math.abs(l.left(p)) > 40);
            List<Placed> pairs = l.able(Capability.GRIPS_BOTH_HANDS);
            return pairs.isEmpty() && aside.size() <= 1
                    ? List.of()
                    : l.each(pairs.isEmpty() ? aside.subList(1, aside.size()) : pairs);
        });
        ALL.put(
                Taste.HANDLE_ON_TOP,
                l -> l.none(
                        l.all(p -> p.type().can(Capability.IS_HANDHOLD) && l.over(p) > 60 && Math.abs(l.left(p)) < 60),
                        "nothing to hold on top"));
    }

    private static void power() {
        ALL.put(Taste.BATTERY_BEHIND, l -> l.each(l.of(Category.BATTERY), p -> !isBehind(l, p)));
        ALL.put(Taste.BATTERY_ON_TOP, l -> l.each(l.of(Category.BATTERY), p -> isBehind(l, p) || l.over(p) < 60));
        ALL.put(Taste.BATTERY_SMALL, l -> l.each(l.of(Category.BATTERY), p -> wattHours(p) > 100));
        ALL.put(Taste.BATTERY_LARGE, l -> l.each(l.of(Category.BATTERY), p -> wattHours(p) < 150));
        ALL.put(Taste.PLATE_WEDGE, l -> l.each(l.of(Category.BATTERY), p -> standsOn(p, "three-stud")));
        ALL.put(Taste.PLATE_STUDS, l -> l.each(l.of(Category.BATTERY), p -> standsOn(p, "v-mount")));
        ALL.put(Taste.VOLTS_LOW, l -> l.each(l.of(Category.BATTERY), p -> volts(p) >= HIGH_VOLTS));
        ALL.put(Taste.VOLTS_HIGH, l -> l.each(l.of(Category.BATTERY), p -> volts(p) < HIGH_VOLTS));
        ALL.put(Taste.BATTERY_ON_BODY, l -> l.each(l.of(Category.BATTERY), p -> !isOnBody(l, p)));
        ALL.put(Taste.BATTERY_ON_PLATE, l -> l.each(l.of(Category.BATTERY), p -> isOnBody(l, p)));
        ALL.put(Taste.FED_FROM_PLATES, l -> l.each(l.all(p -> p.type().sockets().isEmpty() && isPowered(p))));
        ALL.put(Taste.POWER_LOCKS, l -> cables(l, Socket.Kind.POWER, f -> !f.a().locking() || !f.b().locking()));
    }

    private static void picture() {
        ALL.put(Taste.SCREEN_LOW, l -> l.each(l.of(Category.MONITOR), p -> isOverHandle(l, p)));
        ALL.put(Taste.SCREEN_HIGH, l -> l.each(l.of(Category.MONITOR), p -> !isOverHandle(l, p)));
        ALL.put(
                Taste.FINDER_AND_SCREEN,
                l -> join(
                        l.none(l.able(Capability.FINDS_PICTURE), "no eyepiece"),
                        l.none(l.able(Capability.SHOWS_PICTURE), "no screen")));
        ALL.put(
                Taste.FINDER_ALONE,
                l -> join(
                        l.none(l.able(Capability.FINDS_PICTURE), "no eyepiece"),
                        l.each(l.able(Capability.SHOWS_PICTURE))));
        ALL.put(
                Taste.SCREEN_ALONE,
                l -> join(
                        l.none(l.able(Capability.SHOWS_PICTURE), "no screen"),
                        l.each(l.able(Capability.FINDS_PICTURE))));
        ALL.put(Taste.FINDER_OF_BODY, l -> l.each(l.able(Capability.FINDS_PICTURE), p -> !isOfBodysMaker(l, p)));
        ALL.put(Taste.FINDER_OF_OTHERS, l -> l.each(l.able(Capability.FINDS_PICTURE), p -> isOfBodysMaker(l, p)));
        ALL.put(
                Taste.TUBE_SQUARE,
                l -> l.each(l.able(Capability.FINDS_PICTURE), p -> isOnTube(p, SignalFacet.Tube.ROUND)));
        ALL.put(
                Taste.TUBE_ROUND,
                l -> l.each(l.able(Capability.FINDS_PICTURE), p -> isOnTube(p, SignalFacet.Tube.SQUARE)));
        ALL.put(Taste.EXPOSURE_DISPLAY, l -> l.none(l.all(Tastes::isGoodForExposure), "none on the rig"));
        ALL.put(
                Taste.EXPOSURE_CAMERA,
                l -> l.analysis().job().brief().asks().shoot().viewers().stream()
                        .filter(v -> v.trust() == SignalFacet.Trust.EXPOSURE)
                        .map(v -> new Miss(Subject.named(v.who()), v.who() + " judges it at a display"))
                        .toList());
        ALL.put(Taste.LOOK_AT_BODY, l -> looks(l, true));
        ALL.put(Taste.LOOK_AT_DISPLAY, l -> looks(l, false));
        ALL.put(
                Taste.LENS_NATIVE,
                l -> l.each(
                        l.of(Category.LENS),
                        p -> l.analysis()
                                .rig()
                                .locatedBy(p.id())
                                .filter(j -> j.parent()
                                        .placement()
                                        .equals(l.analysis().rig().content().root()))
                                .isEmpty()));
        ALL.put(Taste.DRIVE_FOR_PULLER, l -> {
            boolean puller = !l.analysis().job().brief().crew().focusPuller().isBlank();
            List<Placed> drives = l.able(Capability.DRIVES_LENS);
            return puller ? l.none(drives, "somebody pulls focus, nothing drives the lens") : l.each(drives);
        });
        ALL.put(Taste.MATTE_BOX, l -> l.none(l.of(Category.MATTE_BOX), "none"));
        ALL.put(Taste.NO_MATTE_BOX, l -> l.each(l.of(Category.MATTE_BOX)));
        ALL.put(Taste.ONE_FRONT, Tastes::otherFronts);
        ALL.put(Taste.SOUND_ON_RIG, l -> l.none(l.able(Capability.HEARS), "none"));
        ALL.put(Taste.SOUND_TWICE, l -> {
            long kept = l.able(Capability.HEARS).size()
                    + l.able(Capability.RECORDS_SOUND).size();
            boolean safe = SoundPlan.of(
                            l.analysis().signals(), l.analysis().rig().content())
                    .sinks()
                    .stream()
                    .anyMatch(x -> x.channelsIn() > 0 && x.safetyDb() > 0);
            return kept >= 2 || safe
                    ? List.of()
                    : List.of(new Miss(Subject.whole(), kept == 0 ? "no sound at all" : "kept once"));
        });
        ALL.put(Taste.TIME_BELOW, l -> l.each(l.able(Capability.KEEPS_TIME), p -> l.over(p) > 0));
        ALL.put(Taste.TIME_BEHIND, l -> l.each(l.able(Capability.KEEPS_TIME), p -> !isBehind(l, p)));
        ALL.put(Taste.LINK_RIGHT, l -> l.each(l.able(Capability.SENDS_PICTURE), p -> l.left(p) > -30));
        ALL.put(Taste.LINK_ON_TOP, l -> l.each(l.able(Capability.SENDS_PICTURE), p -> l.over(p) < 60));
        ALL.put(
                Taste.PICTURE_COAX,
                l -> cables(
                        l,
                        Socket.Kind.PICTURE,
                        f -> !f.a().connector().equals("BNC")
                                || !f.b().connector().equals("BNC")));
    }

    private static boolean isOnTube(Placed placed, SignalFacet.Tube tube) {
        return placed.type()
                .facet(SignalFacet.Display.class)
                .filter(d -> d.tube() == tube)
                .isPresent();
    }

    private static boolean isGoodForExposure(Placed placed) {
        return placed.type()
                .facet(SignalFacet.Display.class)
                .filter(d -> d.trust().compareTo(SignalFacet.Trust.EXPOSURE) >= 0)
                .isPresent();
    }

    /** Outputs of bodies that are plugged and stand otherwise, and displays that put the look on themselves. */
    private static List<Miss> looks(Look look, boolean atBody) {
        Rig rig = look.analysis().rig();
        List<Miss> all = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            for (SignalFacet.PictureOut out : placed.type().facets(SignalFacet.PictureOut.class)) {
                SocketRef socket = new SocketRef(placed.id(), out.socket());
                boolean plugged =
                        rig.content().cables().stream().anyMatch(c -> c.a().equals(socket) || c.b().equals(socket));
                boolean on = rig.content().value(Switches.look(socket)) > 0.5;
                if (plugged && out.takesLook() && on != atBody) {
                    all.add(new Miss(
                            Subject.part(placed.id()),
                            placed.title() + ", "
                                    + placed.type()
                                            .socket(out.socket())
                                            .orElseThrow()
                                            .title() + (on ? " has it on" : " has it off")));
                }
            }
            if (atBody && placed.type().facet(SignalFacet.Display.class).isPresent()) {
                placed.type().sockets().stream()
                        .filter(s -> rig.content().value(Switches.look(new SocketRef(placed.id(), s.id()))) > 0.5)
                        .forEach(s -> all.add(new Miss(Subject.part(placed.id()), placed.title() + " puts it on")));
            }
        }
        return all;
    }

    private static void kit() {
        ALL.put(Taste.CABLES_TIED, l -> {
            int plugged = l.analysis().rig().content().cables().size();
            int ties = l.able(Capability.TIES_CABLES).size();
            return ties * 3 >= plugged
                    ? List.of()
                    : List.of(new Miss(Subject.whole(), ties + " for " + plugged + " cables"));
        });
        ALL.put(
                Taste.RECORDED_TWICE,
                l -> l.analysis().kit().counts().entrySet().stream()
                        .filter(e -> isCard(l, e.getKey()) && e.getValue() < 2)
                        .map(e -> new Miss(
                                Subject.type(e.getKey()),
                                e.getValue() + " "
                                        + l.analysis()
                                                .catalogue()
                                                .require(e.getKey())
                                                .name()))
                        .toList());
    }

    private static boolean isCard(Look look, TypeRef type) {
        return look.analysis().catalogue().require(type).can(Capability.KEEPS_RECORDING);
    }

    private static boolean standsOn(Placed part, String standard) {
        return part.type().ports().stream().anyMatch(p -> p.standard().equals(standard));
    }

    /** Rods that hang on a part which slides along with the support do not stay with the body. */
    private static List<Miss> drivesThatSlide(Look look) {
        Rig rig = look.analysis().rig();
        return look.each(
                look.able(Capability.DRIVES_LENS),
                drive -> rig.pathToRoot(drive.id()).stream()
                        .map(j -> rig.require(j.parent().placement()))
                        .anyMatch(p -> p.type().category() == Category.DOVETAIL
                                || p.type().can(Capability.SHOULDERS)));
    }

    private static boolean hasLoop(Look look) {
        Rig rig = look.analysis().rig();
        return rig.closings().stream()
                .map(c -> c.joint())
                .anyMatch(j -> rig.require(j.parent().placement()).type().category() == Category.CAGE
                        || rig.require(j.child().placement()).type().category() == Category.CAGE);
    }

    private static List<Miss> basesOfOthers(Look look) {
        Rig rig = look.analysis().rig();
        String root = rig.content().root();
        return look.body()
                .map(body -> look.each(
                        look.of(Category.PLATE),
                        plate -> rig.locatedBy(plate.id())
                                        .filter(j -> j.parent().placement().equals(root))
                                        .isPresent()
                                && plate.type().relations(Relation.Kind.MADE_FOR).stream()
                                        .noneMatch(r -> r.means(body.type()))))
                .orElse(List.of());
    }

    private static List<Miss> secondMakers(Look look) {
        List<Placed> rigging = look.all(p -> RIGGING.contains(p.type().category()));
        String first = rigging.isEmpty() ? "" : rigging.get(0).type().maker();
        return rigging.stream()
                .filter(p -> !p.type().maker().equals(first))
                .map(p -> new Miss(
                        Subject.part(p.id()), p.title() + " is " + p.type().maker() + ", not " + first))
                .toList();
    }

    private static List<Miss> changesWithTools(Look look) {
        Rig here = look.analysis().rig();
        List<Miss> misses = new ArrayList<>();
        for (var other : look.analysis().build().configurations()) {
            if (!other.id().equals(here.configuration().id())) {
                Rig there = look.analysis().beside(other.id()).rig();
                Changeover way = Changeover.between(here, there, look.analysis().rules());
                if (!way.isToolFree()) {
                    misses.add(new Miss(
                            Subject.named(other.id()), "to " + other.title() + " by " + String.join(", ", way.keys())));
                }
            }
        }
        return misses;
    }

    private static List<Miss> otherFronts(Look look) {
        Set<Double> fronts = new LinkedHashSet<>();
        var build = look.analysis().build();
        build.lenses()
                .forEach(l -> look.analysis()
                        .withLens(l.id())
                        .rig()
                        .attached()
                        .forEach(
                                p -> p.type().facet(Facet.Lens.class).ifPresent(f -> fronts.add(f.frontDiameterMm()))));
        return fronts.size() <= 1
                ? List.of()
                : List.of(new Miss(
                        Subject.named("lenses"),
                        String.join(
                                ", ",
                                fronts.stream().map(f -> Math.round(f) + " mm").toList())));
    }

    private static boolean isShouldered(Look look) {
        return look.analysis()
                .rig()
                .find(look.analysis().rig().configuration().support())
                .flatMap(p -> p.type().facet(Facet.Support.class))
                .filter(s -> s.way() == Facet.Support.Way.SHOULDER)
                .isPresent();
    }

    private static double length(Placed part) {
        return part.type().ports().stream()
                .filter(p -> p.occupancy() instanceof Port.Occupancy.Interval)
                .map(p -> (Port.Occupancy.Interval) p.occupancy())
                .mapToDouble(i -> i.toMm() - i.fromMm())
                .max()
                .orElse(0);
    }

    private static boolean isBehind(Look look, Placed part) {
        return look.body().map(b -> look.ahead(part) < look.ahead(b) - 60).orElse(false);
    }

    private static boolean isOnBody(Look look, Placed part) {
        return look.analysis()
                .rig()
                .locatedBy(part.id())
                .filter(j -> j.parent()
                        .placement()
                        .equals(look.analysis().rig().content().root()))
                .isPresent();
    }

    private static boolean isOverHandle(Look look, Placed screen) {
        return look.able(Capability.IS_HANDHOLD).stream()
                .filter(h -> Math.abs(look.left(h)) < 60)
                .anyMatch(h -> look.over(screen) > look.over(h) + 40);
    }

    private static boolean isOfBodysMaker(Look look, Placed part) {
        return look.body()
                .map(b -> b.type().maker().equals(part.type().maker()))
                .orElse(false);
    }

    private static boolean isPowered(Placed part) {
        return part.type().can(Capability.KEEPS_TIME) || part.type().can(Capability.SENDS_PICTURE);
    }

    private static double wattHours(Placed part) {
        return part.type()
                .facet(Facet.Battery.class)
                .filter(b -> b.wattHours() instanceof Figure.Known)
                .map(b -> ((Figure.Known) b.wattHours()).value())
                .orElse(0.0);
    }

    private static double volts(Placed part) {
        return part.type()
                .facet(Facet.Battery.class)
                .map(Facet.Battery::nominalVolts)
                .orElse(0.0);
    }

    private static List<Miss> cables(Look look, Socket.Kind kind, Predicate<Facet.Cable> wrong) {
        List<Miss> misses = new ArrayList<>();
        for (CableRun run : look.analysis().rig().content().cables()) {
            var type = look.analysis().catalogue().require(run.type());
            type.facet(Facet.Cable.class)
                    .filter(f -> f.carries() == kind && wrong.test(f))
                    .ifPresent(f -> misses.add(new Miss(Subject.cable(run.id()), type.name())));
        }
        return misses;
    }

    private static List<Miss> join(List<Miss> a, List<Miss> b) {
        List<Miss> all = new ArrayList<>(a);
        all.addAll(b);
        return all;
    }
}
