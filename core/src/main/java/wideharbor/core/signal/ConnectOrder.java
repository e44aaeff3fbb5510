package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;

/**
 * The order in which a body wants its cables at every power cycle, for bodies that carry such a rule and for no others.
 *
 * @param source where the rule comes from
 * @param on steps to switch on
 * @param off steps to switch off
 */
public record ConnectOrder(String body, String source, List<String> on, List<String> off) {

    public static List<ConnectOrder> of(SignalGraph graph) {
        List<ConnectOrder> all = new ArrayList<>();
        for (Box body : graph.boxes()) {
            Optional<SignalFacet.CoaxLast> rule = body.type().facet(SignalFacet.CoaxLast.class);
            if (rule.isPresent()) {
                all.add(order(body, rule.get(), graph));
            }
        }
        return all;
    }

    private static ConnectOrder order(Box body, SignalFacet.CoaxLast rule, SignalGraph graph) {
        List<Box> powered = new ArrayList<>(List.of(body));
        List<String> picture = new ArrayList<>();
        for (Hop hop : graph.hops()) {
            boolean leaves =
                    hop.kind() == Hop.Kind.CABLE && hop.from().placement().equals(body.id());
            if (leaves
                    && graph.carried(hop.from())
                            .filter(c -> c == Carried.PICTURE)
                            .isPresent()) {
                Box other = graph.box(hop.to().placement()).orElseThrow();
                if (other.type().facet(PowerFacet.PowerInput.class).isPresent()) {
                    powered.add(other);
                }
                picture.add(socket(body, hop.from()) + " to " + other.title());
            }
        }
        List<String> on = new ArrayList<>();
        on.add("Picture cables are off " + body.title() + ".");
        powered.forEach(p -> on.add("Power on " + p.title() + "; wait until it stands" + boots(p) + "."));
        picture.forEach(p -> on.add("Plug the picture cable, " + p + "."));
        List<String> off = new ArrayList<>();
        picture.forEach(p -> off.add("Unplug the picture cable, " + p + "."));
        powered.forEach(p -> off.add("Power off " + p.title() + "."));
        return new ConnectOrder(body.title(), rule.source(), on, off);
    }

    private static String boots(Box box) {
        double seconds = box.type().facets(PowerFacet.PowerInput.class).stream()
                .mapToDouble(PowerFacet.PowerInput::bootSeconds)
                .max()
                .orElse(0);
        return seconds > 0 ? ", about " + Math.round(seconds) + " s" : "";
    }

    private static String socket(Box box, SocketRef ref) {
        return box.type().socket(ref.socket()).orElseThrow().title();
    }
}
