package wideharbor.core.power;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import wideharbor.core.build.CableRun;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What keeps a rig on while a battery is changed: a plate that holds two, or a small battery in the bay of every part
 * that lives straight off the plate. A cable that lies in such a bay leaves no room for its battery.
 */
public enum KeepsOn {
    PLATE("changed while on"),
    INNER_BATTERY("a battery in the bay carries it through a change"),
    NOTHING("everything goes off for a change");

    private final String words;

    KeepsOn(String words) {
        this.words = words;
    }

    public String inWords() {
        return words;
    }

    public static KeepsOn of(Rig rig, FeedTree feeds, FeedTree.Source source) {
        if (source.plate().filter(p -> p.type().can(Capability.HOT_SWAPS)).isPresent()) {
            return PLATE;
        }
        List<Placed> first =
                feeds.straightOff(source).stream().map(FeedTree.Link::device).toList();
        return !first.isEmpty() && first.stream().allMatch(d -> ridesThrough(rig, d)) ? INNER_BATTERY : NOTHING;
    }

    /**
     * Hours for which the small batteries carry what lives straight off the plate, the shortest of them; nothing unless
     * they keep the rig on, or while a draw is not on file.
     *
     * @param usable watt-hours that a battery gives in this cold
     */
    public static OptionalDouble carriesHours(
            Rig rig, FeedTree feeds, FeedTree.Source source, ToDoubleFunction<PowerFacet.Battery> usable) {
        if (of(rig, feeds, source) != INNER_BATTERY || !feeds.loadOn(source).isComplete()) {
            return OptionalDouble.empty();
        }
        return feeds.straightOff(source).stream()
                .mapToDouble(l -> {
                    Placed battery = innerBattery(rig, l.device()).orElseThrow();
                    PowerFacet.Battery spec =
                            battery.type().facet(PowerFacet.Battery.class).orElseThrow();
                    Ranged load =
                            feeds.taken(feeds.feeding(l.ref()).orElseThrow()).running();
                    return RunTime.hours(
                            usable.applyAsDouble(spec),
                            feeds.estimates().cost(spec, load).value());
                })
                .min();
    }

    private static boolean ridesThrough(Rig rig, Placed device) {
        return innerBattery(rig, device).isPresent() && stowedIn(rig, device).isEmpty();
    }

    /** The battery in a part's own bay. */
    public static Optional<Placed> innerBattery(Rig rig, Placed part) {
        return part.type()
                .facet(PowerFacet.InnerBay.class)
                .flatMap(bay -> rig.carriedBy(part.id()).stream()
                        .filter(j -> j.parent().port().equals(bay.port()))
                        .flatMap(j -> rig.find(j.child().placement()).stream())
                        .findFirst());
    }

    /** Cables that lie in a part's bay. */
    public static List<CableRun> stowedIn(Rig rig, Placed part) {
        return rig.content().cables().stream()
                .filter(c -> c.laid().stowedIn().equals(part.id()))
                .toList();
    }
}
