package wideharbor.core.power;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Contacts;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.power.FeedTree.Lead;
import wideharbor.core.power.FeedTree.Link;
import wideharbor.core.power.FeedTree.Outlet;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.Touch;

/** What of a rig leads power from part to part: cables, contacts that meet, batteries on plates and on faces. */
final class FeedLinks {
    private final Rig rig;

    FeedLinks(Rig rig) {
        this.rig = rig;
    }

    /** Power cables by the outlet they are plugged into, whichever way round they run, and contacts that meet. */
    Map<SocketRef, Link> byOutlet() {
        Map<SocketRef, Link> found = new LinkedHashMap<>();
        for (Touch touch : Touch.of(rig)) {
            link(Optional.empty(), touch.from(), touch.to()).ifPresent(l -> found.put(touch.from(), l));
        }
        if (Touch.areOn(rig)) {
            rig.liveJoints().forEach(j -> {
                bare(j.parent(), j.child(), found);
                bare(j.child(), j.parent(), found);
            });
        }
        for (CableRun cable : rig.content().cables()) {
            ItemType type = rig.catalogue().require(cable.type());
            Optional<PowerFacet.Cable> wire = type.facet(PowerFacet.Cable.class);
            if (wire.isPresent() && wire.get().carries() == Socket.Kind.POWER) {
                Optional<Lead> lead = Optional.of(new Lead(cable, wire.get()));
                link(lead, cable.a(), cable.b()).ifPresent(l -> found.put(cable.a(), l));
                link(lead, cable.b(), cable.a()).ifPresent(l -> found.put(cable.b(), l));
            }
        }
        return found;
    }

    /**
     * What has contacts behind and sits where a battery would feeds the plate it sits on as a battery does: a plate
     * needs no contacts told, and takes nothing itself.
     */
    private void bare(PortRef face, PortRef plate, Map<SocketRef, Link> found) {
        Optional<Placed> giver = rig.find(face.placement());
        Optional<Placed> taker = rig.find(plate.placement());
        if (giver.isEmpty() || taker.isEmpty()) {
            return;
        }
        ItemType type = taker.get().type();
        boolean isPlate = !type.facets(PowerFacet.PowerOutput.class).isEmpty()
                && type.facets(PowerFacet.PowerInput.class).isEmpty()
                && type.facets(Contacts.class).isEmpty();
        if (isPlate) {
            PowerFacet.PowerInput all =
                    new PowerFacet.PowerInput(plate.port(), 0, 100, 0, Figure.maker(0), Figure.maker(0), 0);
            giver.get().type().facets(Contacts.class).stream()
                    .filter(c -> c.port().equals(face.port()))
                    .flatMap(c -> c.sockets().stream())
                    .filter(s -> giver.get().type().facets(PowerFacet.PowerOutput.class).stream()
                            .anyMatch(o -> o.socket().equals(s)))
                    .forEach(s -> found.putIfAbsent(
                            new SocketRef(giver.get().id(), s), new Link(Optional.empty(), taker.get(), all)));
        }
    }

    private Optional<Link> link(Optional<Lead> lead, SocketRef from, SocketRef to) {
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
                .map(i -> new Link(lead, device.get(), i));
    }

    /** The port of a part that a battery's own port is joined to. */
    private Optional<PortRef> joined(Placed battery, PowerFacet.Battery spec) {
        PortRef own = new PortRef(battery.id(), spec.port());
        return rig.liveJoints().stream()
                .filter(j -> j.child().equals(own) || j.parent().equals(own))
                .findFirst()
                .map(j -> j.child().equals(own) ? j.parent() : j.child());
    }

    /** The part whose plate a battery sits on. */
    Optional<Placed> plateOf(Placed battery, PowerFacet.Battery spec) {
        return joined(battery, spec).flatMap(p -> rig.find(p.placement()));
    }

    /** A battery whose contacts are in the face of a part that takes power there feeds it straight. */
    Optional<Outlet> straight(Placed battery, PowerFacet.Battery spec) {
        boolean named = battery.type().facets(Contacts.class).stream()
                .anyMatch(c -> c.port().equals(spec.port()));
        Optional<PortRef> face = named ? Optional.empty() : joined(battery, spec);
        Optional<Placed> part = face.flatMap(p -> rig.find(p.placement()));
        if (part.isEmpty()) {
            return Optional.empty();
        }
        ItemType type = part.get().type();
        Optional<PowerFacet.PowerInput> input = type.facets(Contacts.class).stream()
                .filter(c -> c.port().equals(face.get().port()))
                .flatMap(c -> type.facets(PowerFacet.PowerInput.class).stream()
                        .filter(i -> c.sockets().contains(i.socket())))
                .findFirst();
        return input.map(i -> new Outlet(
                battery,
                new PowerFacet.PowerOutput(
                        spec.port(),
                        0,
                        1,
                        spec.continuousWatts(),
                        spec.peakWatts(),
                        spec.continuousWatts() / spec.endVolts()),
                Optional.of(new Link(Optional.empty(), part.get(), i))));
    }
}
