package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.signal.Box;
import wideharbor.core.signal.Monitoring;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/**
 * What feeds the screens and receivers of those who look from afar: cells or a battery of their own, or one supply of
 * the kit for everything that one viewer has, with a cable for each. What one has taken another has not.
 */
public record VillagePower(List<Fed> all) {
    /**
     * A box away from the rig.
     *
     * @param by what feeds it; empty when nothing in the kit does
     */
    public record Fed(Viewer viewer, Box box, Optional<String> by) {
        /** Whether it is what the viewer looks at, or else what hears for it. */
        public boolean isDisplay() {
            return box.type().facet(SignalFacet.Display.class).isPresent();
        }
    }

    /** Of the boxes whose draw is on file; one that takes no power asks for none. */
    public static VillagePower of(RigAnalysis analysis) {
        Supplies supplies = new Supplies(analysis);
        List<Monitoring.Station> stations = analysis.monitoring().stations();
        for (Monitoring.Station station : stations) {
            station.boxes().forEach(b -> supplies.taken(b.type()));
            station.cable().ifPresent(supplies::taken);
        }
        List<Fed> all = new ArrayList<>();
        for (Monitoring.Station station : stations) {
            List<Box> boxes = station.boxes().stream()
                    .filter(b -> !b.type().facets(PowerFacet.PowerInput.class).isEmpty())
                    .toList();
            Map<Box, String> fed = supplies.feed(boxes);
            boxes.forEach(b -> all.add(new Fed(station.viewer(), b, Optional.ofNullable(fed.get(b)))));
        }
        return new VillagePower(List.copyOf(all));
    }

    /** Whether a cable leads power from an outlet to a box. */
    public static boolean joins(ItemType cable, Socket outlet, ItemType box) {
        return cable.facet(PowerFacet.Cable.class)
                .filter(w -> w.carries() == Socket.Kind.POWER)
                .filter(w -> box.facets(PowerFacet.PowerInput.class).stream()
                        .anyMatch(i -> w.joins(outlet, box.socket(i.socket()).orElseThrow())))
                .isPresent();
    }

    /** Whether a battery goes on a part that is none itself. */
    public static boolean runs(ItemType battery, ItemType part, Standards standards) {
        return part.facet(PowerFacet.Battery.class).isEmpty()
                && battery.facet(PowerFacet.Battery.class)
                        .flatMap(f -> battery.port(f.port()))
                        .filter(plug -> part.ports().stream().anyMatch(bay -> Mating.mates(bay, plug, standards)))
                        .isPresent();
    }

    /** What the kit still holds. */
    private static final class Supplies {
        private final Catalogue catalogue;
        private final Map<TypeRef, Integer> left;

        Supplies(RigAnalysis analysis) {
            this.catalogue = analysis.catalogue();
            this.left = new LinkedHashMap<>(analysis.kit().counts());
        }

        void taken(ItemType type) {
            left.merge(type.ref(), -1, Integer::sum);
        }

        Map<Box, String> feed(List<Box> boxes) {
            Map<Box, String> fed = new LinkedHashMap<>();
            for (Box box : boxes) {
                if (box.hasOwnCells()) {
                    fed.put(box, "its own cells");
                } else {
                    batteryOn(box.type()).ifPresent(b -> fed.put(box, b.name()));
                }
            }
            List<Box> open = boxes.stream().filter(b -> !fed.containsKey(b)).toList();
            if (!open.isEmpty()) {
                supplyFor(open, fed);
            }
            return fed;
        }

        /** Of several supplies the one that feeds the most of what is open. */
        private void supplyFor(List<Box> open, Map<Box, String> fed) {
            Supply best = new Supply(Optional.empty(), Map.of());
            for (ItemType type :
                    held(t -> !t.facets(PowerFacet.PowerOutput.class).isEmpty())) {
                Supply supply = cabled(type, open);
                if (supply.cables().size() > best.cables().size() && canRun(type)) {
                    best = supply;
                }
            }
            best.type().ifPresent(type -> {
                taken(type);
                batteryOn(type);
            });
            String name = best.type().map(ItemType::name).orElse("");
            best.cables().forEach((box, cable) -> {
                taken(cable);
                fed.put(box, name);
            });
        }

        /** A supply, and the cable from it to each box that it feeds. */
        private record Supply(Optional<ItemType> type, Map<Box, ItemType> cables) {}

        private Supply cabled(ItemType type, List<Box> open) {
            Map<Box, ItemType> cables = new LinkedHashMap<>();
            List<String> free = new ArrayList<>(type.facets(PowerFacet.PowerOutput.class).stream()
                    .map(PowerFacet.PowerOutput::socket)
                    .toList());
            Map<TypeRef, Integer> used = new LinkedHashMap<>();
            for (Box box : open) {
                for (String outlet : free) {
                    Optional<ItemType> cable = held(
                                    c -> joins(c, type.socket(outlet).orElseThrow(), box.type())
                                            && left.getOrDefault(c.ref(), 0) > used.getOrDefault(c.ref(), 0))
                            .stream()
                            .findFirst();
                    if (cable.isPresent()) {
                        cables.put(box, cable.get());
                        used.merge(cable.get().ref(), 1, Integer::sum);
                        free.remove(outlet);
                        break;
                    }
                }
            }
            return new Supply(Optional.of(type), cables);
        }

        /** From the mains, or on a battery that the kit holds. What wants to be fed itself feeds nobody here. */
        private boolean canRun(ItemType type) {
            if (!type.facets(PowerFacet.PowerInput.class).isEmpty()) {
                return false;
            }
            return !takesBattery(type) || !batteries(type).isEmpty();
        }

        private Optional<ItemType> batteryOn(ItemType type) {
            Optional<ItemType> battery = batteries(type).stream().findFirst();
            battery.ifPresent(this::taken);
            return battery;
        }

        private List<ItemType> batteries(ItemType type) {
            return held(battery -> runs(battery, type, catalogue.standards()));
        }

        private boolean takesBattery(ItemType type) {
            return type.facet(PowerFacet.Battery.class).isEmpty()
                    && type.ports().stream()
                            .anyMatch(p ->
                                    catalogue.standards().require(p.standard()).family() == Standard.Family.BATTERY);
        }

        private List<ItemType> held(Predicate<ItemType> which) {
            return left.entrySet().stream()
                    .filter(e -> e.getValue() > 0)
                    .map(e -> catalogue.require(e.getKey()))
                    .filter(which)
                    .toList();
        }
    }
}
