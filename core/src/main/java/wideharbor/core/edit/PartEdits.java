package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Rig;

/** What someone at the bench wants, told as the commands that do it, each in the scope where it belongs. */
public final class PartEdits {
    private PartEdits() {}

    public static List<Scoped> set(RigAnalysis analysis, SettingKey key, double value, boolean byFeel) {
        requirePresent(analysis.rig(), key.placement());
        Scope scope = analysis.scopeOf(key);
        return List.of(new Scoped(scope, new Command.Set(key, value, byFeel)));
    }

    /** Takes a part off. With dependants, all that hangs on it goes too, the outermost first; cables between stay. */
    public static List<Scoped> remove(RigAnalysis analysis, PlacementId placement, boolean withDependants) {
        return remove(analysis, List.of(placement), withDependants);
    }

    /** Takes several parts off at once. */
    public static List<Scoped> remove(RigAnalysis analysis, List<PlacementId> placements, boolean withDependants) {
        Rig rig = analysis.rig();
        placements.forEach(p -> requirePresent(rig, p));
        Set<PlacementId> gone = new LinkedHashSet<>(placements);
        if (withDependants) {
            placements.forEach(p -> gone.addAll(rig.subtree(p)));
        }
        if (gone.contains(rig.content().root())) {
            throw new EditRefused("The body is what the rig is built on and cannot be taken off.");
        }
        List<Scoped> edit = new ArrayList<>();
        if (withDependants) {
            rig.content().cables().stream()
                    .filter(c -> gone.contains(c.a().placement()) || gone.contains(c.b().placement()))
                    .forEach(c -> edit.add(Scoped.base(new Command.Disconnect(c.id()))));
        }
        gone.stream()
                .sorted(Comparator.comparingInt(p -> -rig.pathToRoot(p).size()))
                .forEach(id -> edit.add(new Scoped(analysis.scopeOf(id), new Command.Remove(id))));
        return edit;
    }

    /** Puts a part back where it was taken off: in the configuration that took it off, else in all. */
    public static List<Scoped> restore(RigAnalysis analysis, PlacementId placement) {
        requireOnFile(analysis.rig(), placement);
        List<Scope> takenOffIn = analysis.takenOffIn(placement);
        if (takenOffIn.isEmpty()) {
            throw new EditRefused(analysis.rig().title(placement) + " is on the rig; there is nothing to be put back.");
        }
        return takenOffIn.stream()
                .map(scope -> new Scoped(scope, new Command.Restore(placement)))
                .toList();
    }

    public static List<Scoped> weigh(RigAnalysis analysis, PlacementId placement, Figure figure) {
        requirePresent(analysis.rig(), placement);
        return List.of(new Scoped(analysis.scopeOf(placement), new Command.Weigh(placement, figure)));
    }

    /**
     * Hangs a new part on a free port. On a carrier it goes where there is room nearest the carrier's middle.
     *
     * @throws EditRefused when the ports do not mate or the port is taken, with the reason
     */
    public static List<Scoped> add(RigAnalysis analysis, PortRef on, ItemType type, String childPort) {
        return add(analysis, on, new Hanging(type, childPort, Optional.empty()));
    }

    /** What an offer says: the part, and the adapters that go between. */
    public static List<Scoped> add(RigAnalysis analysis, PortRef on, Fit.Offer offer) {
        return add(analysis, on, new Hanging(offer.type(), offer.port(), offer.chain()));
    }

    /** Hangs a part through the best chain of adapters where it does not mate as it is. */
    public static List<Scoped> addThrough(RigAnalysis analysis, PortRef on, ItemType type, String childPort) {
        Port child = childPort(type, childPort);
        AdapterFinder.Chain chain = analysis.catalogue()
                .adapters()
                .from(freePort(analysis.rig(), on))
                .to(child)
                .orElseThrow(() -> new EditRefused(type.name() + " does not go there, and no chain of up to "
                        + AdapterFinder.MOST_PIECES + " adapters joins the two."));
        return add(analysis, on, new Hanging(type, childPort, Optional.of(chain)));
    }

    /** A part by one of its ports, and the adapters that go between. */
    private record Hanging(ItemType type, String port, Optional<AdapterFinder.Chain> chain) {}

    private static List<Scoped> add(RigAnalysis analysis, PortRef on, Hanging hanging) {
        ItemType type = hanging.type();
        String childPort = hanging.port();
        Optional<AdapterFinder.Chain> chain = hanging.chain();
        Port parent = freePort(analysis.rig(), on);
        Port child = childPort(type, childPort);
        Scope scope = analysis.scopeOf(on.placement());
        Chains.Hung hung =
                Chains.hang(analysis, scope, on, chain.orElse(new AdapterFinder.Chain(List.of(), true, true, 0, 0)));
        if (chain.isEmpty()) {
            Mating.whyNot(parent, child, analysis.standards()).ifPresent(why -> {
                throw new EditRefused(type.name() + " does not go there: " + why + ".");
            });
        }
        PlacementId id = PlacementId.of(Chains.freeId(analysis, type.ref().id(), hung.taken()));
        List<Scoped> edit = new ArrayList<>(hung.commands());
        edit.add(new Scoped(scope, new Command.Place(id, type.ref(), "")));
        edit.add(new Scoped(
                scope,
                new Command.Join(Joint.locating(
                        new JointId(Chains.freeId(analysis, "j-" + id, hung.taken())),
                        hung.end(),
                        new PortRef(id, childPort)))));
        hung.place(new PortRef(id, childPort), child).ifPresent(set -> edit.add(new Scoped(scope, set)));
        if (parent.occupancy() instanceof Port.Occupancy.Interval) {
            edit.add(new Scoped(scope, slideToRoom(analysis, on, onCarrier(hung, id, child))));
        }
        edit.addAll(Parts.take(analysis, type.ref(), 1));
        return edit;
    }

    /** What clamps the carrier itself: the first of the adapters, or the part. */
    private static Chains.Clamp onCarrier(Chains.Hung hung, PlacementId part, Port port) {
        return hung.first().orElseGet(() -> new Chains.Clamp(part, port));
    }

    private static Command slideToRoom(RigAnalysis analysis, PortRef on, Chains.Clamp clamp) {
        double length = clamp.port().engagementMm();
        double at = Fit.room(analysis.rig(), on, analysis.rig().port(on), length)
                .orElseThrow(() -> new EditRefused(analysis.rig().title(on.placement()) + " has no stretch of "
                        + Math.round(length) + " mm free."));
        return new Command.Set(new SettingKey(clamp.placement(), clamp.port().id(), 0), at, false);
    }

    private static Port freePort(Rig rig, PortRef on) {
        requirePresent(rig, on.placement());
        Port port = rig.find(on.placement())
                .flatMap(p -> p.type().port(on.port()))
                .orElseThrow(() -> new EditRefused(
                        rig.title(on.placement()) + " has no port '" + on.port() + "' to hang something on."));
        if (!rig.isFree(on)) {
            throw new EditRefused(port.title() + " of " + rig.title(on.placement()) + " is taken.");
        }
        return port;
    }

    private static Port childPort(ItemType type, String port) {
        return type.port(port).orElseThrow(() -> new EditRefused(type.name() + " has no port '" + port + "'."));
    }

    /** Records that the joint which holds a part was tried on the bench. */
    public static List<Scoped> tried(RigAnalysis analysis, PlacementId placement) {
        return trust(analysis, placement, Joint.Confidence.TRIED_BY_US, "");
    }

    /** Records that a part serves here outside its purpose: what it is made for, and how far it may be trusted. */
    public static List<Scoped> improvise(RigAnalysis analysis, PlacementId placement, String limit) {
        if (limit.isBlank()) {
            throw new EditRefused("Say what the part is made for and how far it may be trusted here.");
        }
        return trust(analysis, placement, Joint.Confidence.IMPROVISED, limit.strip());
    }

    private static List<Scoped> trust(
            RigAnalysis analysis, PlacementId placement, Joint.Confidence confidence, String note) {
        requirePresent(analysis.rig(), placement);
        Joint joint = analysis.rig()
                .locatedBy(placement)
                .orElseThrow(() -> new EditRefused(analysis.rig().title(placement) + " hangs on nothing."));
        return List.of(new Scoped(analysis.scopeOf(placement), new Command.Trust(joint.id(), confidence, note)));
    }

    private static void requireOnFile(Rig rig, PlacementId placement) {
        if (rig.content().placement(placement).isEmpty()) {
            throw new EditRefused("There is no placement '" + placement + "' in this build.");
        }
    }

    static void requirePresent(Rig rig, PlacementId placement) {
        requireOnFile(rig, placement);
        if (rig.content().isRemoved(placement)) {
            throw new EditRefused(rig.title(placement) + " was taken off the rig; put it back before it is changed.");
        }
    }
}
