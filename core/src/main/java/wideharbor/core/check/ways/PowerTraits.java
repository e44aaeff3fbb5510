package wideharbor.core.check.ways;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Placed;

/** What power is wanted, and where. */
final class PowerTraits {
    private static final double HIGH_VOLTS = 20;

    private PowerTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(BuildTrait.BATTERY_BEHIND, l -> l.each(l.of(Category.BATTERY), p -> !l.isBehind(p)));
        all.put(BuildTrait.BATTERY_ON_TOP, l -> l.each(l.of(Category.BATTERY), p -> l.isBehind(p) || l.over(p) < 60));
        all.put(BuildTrait.BATTERY_SMALL, l -> l.each(l.of(Category.BATTERY), p -> wattHours(p) > 100));
        all.put(BuildTrait.BATTERY_LARGE, l -> l.each(l.of(Category.BATTERY), p -> wattHours(p) < 150));
        all.put(BuildTrait.PLATE_WEDGE, l -> l.each(l.of(Category.BATTERY), p -> TraitView.standsOn(p, "three-stud")));
        all.put(BuildTrait.PLATE_STUDS, l -> l.each(l.of(Category.BATTERY), p -> TraitView.standsOn(p, "v-mount")));
        all.put(BuildTrait.VOLTS_LOW, l -> l.each(l.of(Category.BATTERY), p -> volts(p) >= HIGH_VOLTS));
        all.put(BuildTrait.VOLTS_HIGH, l -> l.each(l.of(Category.BATTERY), p -> volts(p) < HIGH_VOLTS));
        all.put(BuildTrait.BATTERY_ON_BODY, l -> l.each(l.of(Category.BATTERY), p -> !isOnBody(l, p)));
        all.put(BuildTrait.BATTERY_ON_PLATE, l -> l.each(l.of(Category.BATTERY), p -> isOnBody(l, p)));
        all.put(BuildTrait.KEPT_ON, l -> l.each(l.all(p -> goesOff(l, p))));
        all.put(BuildTrait.FED_FROM_PLATES, l -> l.each(l.all(p -> isIsland(l, p))));
        all.put(BuildTrait.POWER_LOCKS, l -> l.cables(Socket.Kind.POWER, f -> !f.a().locking() || !f.b().locking()));
    }

    private static boolean isOnBody(TraitView look, Placed part) {
        return look.analysis()
                .rig()
                .locatedBy(part.id())
                .filter(j -> j.parent()
                        .placement()
                        .equals(look.analysis().rig().content().root()))
                .isPresent();
    }

    /** A battery for which everything goes off when it is changed. */
    private static boolean goesOff(TraitView look, Placed part) {
        FeedTree feeds = look.analysis().feeds();
        return feeds.sources().stream()
                .filter(s -> s.battery().id().equals(part.id()))
                .anyMatch(s -> KeepsOn.of(look.analysis().rig(), feeds, s) == KeepsOn.NOTHING);
    }

    /** What lives off cells of its own and could not be fed, or is not. */
    private static boolean isIsland(TraitView look, Placed part) {
        boolean fed = part.type().facets(PowerFacet.PowerInput.class).stream()
                .anyMatch(i -> look.analysis()
                        .feeds()
                        .feeding(new SocketRef(part.id(), i.socket()))
                        .isPresent());
        boolean ownCells = part.type().facet(SignalFacet.OwnCells.class).isPresent();
        boolean sealed = part.type().sockets().isEmpty()
                && (part.type().can(Capability.KEEPS_TIME) || part.type().can(Capability.SENDS_PICTURE));
        return !fed && (ownCells || sealed);
    }

    private static double wattHours(Placed part) {
        return part.type()
                .facet(PowerFacet.Battery.class)
                .flatMap(PowerFacet.Battery::capacity)
                .map(Figure.Known::value)
                .orElse(0.0);
    }

    private static double volts(Placed part) {
        return part.type()
                .facet(PowerFacet.Battery.class)
                .map(PowerFacet.Battery::nominalVolts)
                .orElse(0.0);
    }
}
