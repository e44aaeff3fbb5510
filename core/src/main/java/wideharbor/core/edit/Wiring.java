package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.signal.CableSchedule;
import wideharbor.core.signal.Dressing;

/** Cables that remedies lay: between parts on the rig, and to a part that the same remedy puts there. */
public final class Wiring {
    private static final int MOST_FEEDS = 3;

    private Wiring() {}

    /** The shortest cable that joins two sockets of which one is not on the rig yet, from the kit first. */
    public static Optional<ItemType> cable(RigAnalysis analysis, Socket from, Socket to) {
        return analysis.catalogue().current().stream()
                .filter(t -> t.facet(PowerFacet.Cable.class)
                        .filter(w -> w.joins(from, to))
                        .isPresent())
                .min(Comparator.comparing((ItemType t) -> analysis.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(t ->
                                t.facet(PowerFacet.Cable.class).orElseThrow().lengthMm())
                        .thenComparing(t -> t.ref().id()));
    }

    /**
     * The cable that joins two sockets on the rig: of those that are long enough the shortest, from the kit first; when
     * none is, the longest there is.
     */
    public static Optional<ItemType> cable(RigAnalysis analysis, SocketRef from, SocketRef to) {
        return choices(analysis, from, to).stream().findFirst().map(Choice::type);
    }

    /** A cable that joins two sockets, how many of it are in the kit, and the length it would need, mm. */
    public record Choice(ItemType type, int inKit, double lengthMm, double neededMm, boolean reaches) {
        static Choice of(ItemType type, int inKit, double lengthMm, double neededMm) {
            return new Choice(type, inKit, lengthMm, neededMm, lengthMm >= neededMm);
        }
    }

    /**
     * Every cable that joins two sockets on the rig: what reaches first, from the kit before the stock, the shortest.
     */
    static List<Choice> choices(RigAnalysis analysis, SocketRef from, SocketRef to) {
        Socket a = socket(analysis, from);
        Socket b = socket(analysis, to);
        return analysis.catalogue().current().stream()
                .filter(t -> t.facet(PowerFacet.Cable.class)
                        .filter(w -> w.joins(a, b))
                        .isPresent())
                .map(t -> Choice.of(
                        t,
                        analysis.kit().count(t.ref()),
                        t.facet(PowerFacet.Cable.class).orElseThrow().lengthMm(),
                        CableSchedule.needed(
                                analysis.rig(),
                                new CableRun(new CableId("new"), t.ref(), from, to),
                                Dressing.by(analysis.rules()))))
                .sorted(Comparator.comparing((Choice c) -> !c.reaches())
                        .thenComparing(c -> c.inKit() == 0)
                        .thenComparingDouble(c -> c.reaches() ? c.lengthMm() : -c.lengthMm())
                        .thenComparing(c -> c.type().ref().id()))
                .toList();
    }

    public static boolean isTaken(RigAnalysis analysis, SocketRef socket) {
        return analysis.rig().content().cables().stream().anyMatch(c -> c.a().equals(socket) || c.b().equals(socket));
    }

    public static Socket socket(RigAnalysis analysis, SocketRef ref) {
        return analysis.rig()
                .require(ref.placement())
                .type()
                .socket(ref.socket())
                .orElseThrow();
    }

    /** A type of part on the way from one socket to another. */
    public record Run(ItemType type, SocketRef from, SocketRef to) {}

    /**
     * A cable of a type between two sockets, with what leaves the kit for it. {@code taken} are ids given out before.
     */
    public static List<Scoped> lay(RigAnalysis analysis, Scope scope, Run run, Set<String> taken) {
        String id = Chains.freeId(analysis, "k-" + run.to().placement(), taken);
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(
                scope,
                new Command.Connect(new CableRun(new CableId(id), run.type().ref(), run.from(), run.to()))));
        edit.addAll(Parts.take(analysis, run.type().ref(), 1));
        return edit;
    }

    /** Another cable in a cable's place, between the same sockets. */
    public static Candidate exchange(RigAnalysis analysis, CableRun cable, ItemType other) {
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(analysis.scopeOfCable(cable.id()), new Command.RetypeCable(cable.id(), other.ref())));
        edit.addAll(Parts.exchange(analysis, cable.type(), other.ref()));
        return new Candidate("cable", other.name() + " in its place", edit);
    }

    /** A way to feed a power input. */
    public record Feed(String title, List<Scoped> commands) {}

    /** One for every free outlet of another part from which a cable of the right ends leads to the input. */
    public static List<Feed> feeds(RigAnalysis analysis, Scope scope, SocketRef to, Socket input, Set<String> taken) {
        List<Feed> all = new ArrayList<>();
        for (FeedTree.Outlet outlet : analysis.feeds().outlets()) {
            boolean open = outlet.isFree()
                    && !isTaken(analysis, outlet.ref())
                    && !outlet.placed().id().equals(to.placement());
            if (open && all.size() < MOST_FEEDS) {
                boolean onRig = analysis.rig().find(to.placement()).isPresent();
                (onRig ? cable(analysis, outlet.ref(), to) : cable(analysis, socket(analysis, outlet.ref()), input))
                        .ifPresent(t -> all.add(new Feed(
                                t.name() + " from " + outlet.placed().title(),
                                lay(analysis, scope, new Run(t, outlet.ref(), to), taken))));
            }
        }
        return all;
    }

    /** A part put on the rig near another and fed, where it wants power; one for every place and feed. */
    public static List<Placing> fed(RigAnalysis analysis, PlacementId near, ItemType type, int most) {
        List<Placing> all = new ArrayList<>();
        Optional<PowerFacet.PowerInput> input = type.facet(PowerFacet.PowerInput.class);
        for (Placing placing : Placing.near(analysis, near, type, most)) {
            if (input.isEmpty()) {
                all.add(placing);
                continue;
            }
            String socket = input.get().socket();
            feeds(
                            analysis,
                            placing.scope(),
                            new SocketRef(placing.id(), socket),
                            type.socket(socket).orElseThrow(),
                            placing.taken())
                    .forEach(f -> all.add(placing.with(f.commands())));
        }
        return all;
    }
}
