package wideharbor.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Socket;
import wideharbor.core.power.FeedTree;

/** Cables that remedies lay: between parts on the rig, and to a part that the same remedy puts there. */
public final class Wiring {
    private static final int MOST_FEEDS = 3;

    private Wiring() {}

    /** The shortest cable that joins two sockets, from the kit first. */
    public static Optional<ItemType> cable(CheckContext context, Socket from, Socket to) {
        return context.catalogue().current().stream()
                .filter(t -> t.facet(Facet.Cable.class)
                        .filter(w -> w.joins(from, to))
                        .isPresent())
                .min(Comparator.comparing((ItemType t) -> context.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(
                                t -> t.facet(Facet.Cable.class).orElseThrow().lengthMm())
                        .thenComparing(t -> t.ref().id()));
    }

    public static boolean isTaken(CheckContext context, SocketRef socket) {
        return context.rig().content().cables().stream().anyMatch(c -> c.a().equals(socket) || c.b().equals(socket));
    }

    public static Socket socket(CheckContext context, SocketRef ref) {
        return context.rig()
                .require(ref.placement())
                .type()
                .socket(ref.socket())
                .orElseThrow();
    }

    /**
     * A cable of a type between two sockets, with what leaves the kit for it. {@code taken} are ids given out before.
     */
    public static List<Scoped> lay(
            CheckContext context, Scope scope, ItemType type, SocketRef from, SocketRef to, Set<String> taken) {
        String id = Chains.freeId(context, "k-" + to.placement(), taken);
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(scope, new Command.Connect(new CableRun(id, type.ref(), from, to))));
        edit.addAll(Parts.take(context, type.ref(), 1));
        return edit;
    }

    /** Another cable in a cable's place, between the same sockets. */
    public static Check.Candidate exchange(CheckContext context, CableRun cable, ItemType other) {
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(context.scopeOfCable(cable.id()), new Command.RetypeCable(cable.id(), other.ref())));
        edit.addAll(Parts.exchange(context, cable.type(), other.ref()));
        return new Check.Candidate("cable", other.name() + " in its place", edit);
    }

    /** A way to feed a power input. */
    public record Feed(String title, List<Scoped> commands) {}

    /** One for every free outlet of another part from which a cable of the right ends leads to the input. */
    public static List<Feed> feeds(CheckContext context, Scope scope, SocketRef to, Socket input, Set<String> taken) {
        List<Feed> all = new ArrayList<>();
        for (FeedTree.Outlet outlet : context.feeds().outlets()) {
            boolean open = outlet.link().isEmpty()
                    && !isTaken(context, outlet.ref())
                    && !outlet.placed().id().equals(to.placement());
            if (open && all.size() < MOST_FEEDS) {
                cable(context, socket(context, outlet.ref()), input)
                        .ifPresent(t -> all.add(new Feed(
                                t.name() + " from " + outlet.placed().title(),
                                lay(context, scope, t, outlet.ref(), to, taken))));
            }
        }
        return all;
    }

    /** A part put on the rig near another and fed, where it wants power; one for every place and feed. */
    public static List<Placing> fed(CheckContext context, String near, ItemType type, int most) {
        List<Placing> all = new ArrayList<>();
        Optional<Facet.PowerInput> input = type.facet(Facet.PowerInput.class);
        for (Placing placing : Placing.near(context, near, type, most)) {
            if (input.isEmpty()) {
                all.add(placing);
                continue;
            }
            String socket = input.get().socket();
            feeds(
                            context,
                            placing.scope(),
                            new SocketRef(placing.id(), socket),
                            type.socket(socket).orElseThrow(),
                            placing.taken())
                    .forEach(f -> all.add(placing.with(f.commands())));
        }
        return all;
    }
}
