package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Touch;

/** The steps that a signal can take between boxes: along cables, through a part, by radio. */
final class Hops {
    private final Map<PlacementId, Box> boxes = new LinkedHashMap<>();

    private Hops(List<Box> all) {
        all.forEach(b -> boxes.put(b.id(), b));
    }

    static List<Hop> of(List<Box> boxes, Collection<CableRun> cables, List<Touch> touches) {
        Hops among = new Hops(boxes);
        List<Hop> hops = new ArrayList<>();
        cables.forEach(c -> among.of(c).ifPresent(hops::add));
        touches.forEach(t -> among.of(t).ifPresent(hops::add));
        boxes.forEach(box -> hops.addAll(passages(box)));
        hops.addAll(radio(boxes));
        return hops;
    }

    /** Contacts that carry the same; empty for those of power. */
    private Optional<Hop> of(Touch touch) {
        Box from = boxes.get(touch.from().placement());
        Box to = boxes.get(touch.to().placement());
        boolean same = from != null
                && to != null
                && from.carried(touch.from().socket()).isPresent()
                && from.carried(touch.from().socket())
                        .equals(to.carried(touch.to().socket()));
        return same ? Optional.of(new Hop(touch.from(), touch.to(), Hop.Kind.CONTACT, "")) : Optional.empty();
    }

    /** A cable from an output to an input that carry the same; empty for any other. */
    private Optional<Hop> of(CableRun cable) {
        SocketRef a = cable.a();
        SocketRef b = cable.b();
        Box from = boxes.get(a.placement());
        Box to = boxes.get(b.placement());
        if (from == null || to == null) {
            return Optional.empty();
        }
        boolean forward =
                from.direction(a.socket()) == Socket.Direction.OUT && to.direction(b.socket()) == Socket.Direction.IN;
        boolean back =
                from.direction(a.socket()) == Socket.Direction.IN && to.direction(b.socket()) == Socket.Direction.OUT;
        Optional<Carried> one = from.carried(a.socket());
        if ((!forward && !back) || one.isEmpty() || !one.equals(to.carried(b.socket()))) {
            return Optional.empty();
        }
        return Optional.of(
                forward
                        ? new Hop(a, b, Hop.Kind.CABLE, cable.id().toString())
                        : new Hop(b, a, Hop.Kind.CABLE, cable.id().toString()));
    }

    static List<Hop> passages(Box box) {
        return box.type().facets(SignalFacet.Passage.class).stream()
                .map(p -> new Hop(
                        box.socket(p.from()), box.socket(p.to()), p.live() ? Hop.Kind.LIVE : Hop.Kind.THROUGH, ""))
                .toList();
    }

    /** Every sender reaches the receivers of its family, as many as it serves, in their order. */
    static List<Hop> radio(List<Box> boxes) {
        List<Hop> all = new ArrayList<>();
        for (Box sender : boxes) {
            for (SignalFacet.Radio from : sender.type().facets(SignalFacet.Radio.class)) {
                if (from.sends()) {
                    boxes.stream()
                            .flatMap(b -> b.type().facets(SignalFacet.Radio.class).stream()
                                    .filter(r -> !r.sends() && r.family().equals(from.family()))
                                    .map(r -> new Hop(
                                            sender.socket(from.socket()), b.socket(r.socket()), Hop.Kind.RADIO, "")))
                            .limit(from.mostReceivers())
                            .forEach(all::add);
                }
            }
        }
        return all;
    }
}
