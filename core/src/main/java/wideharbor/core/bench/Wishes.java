package wideharbor.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Parts;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Rig;

/** What someone at the bench wants, told as the commands that do it, each in the scope where it belongs. */
public final class Wishes {
    private Wishes() {}

    public static List<Scoped> set(CheckContext context, SettingKey key, double value, boolean byFeel) {
        requirePresent(context.rig(), key.placement());
        Scope scope = context.build()
                .scopeOf(key, context.rig().configuration().id(), context.rig().lens());
        return List.of(new Scoped(scope, new Command.Set(key, value, byFeel)));
    }

    /** Takes a part off. With dependants, all that hangs on it goes too, the outermost first; cables between stay. */
    public static List<Scoped> remove(CheckContext context, String placement, boolean withDependants) {
        Rig rig = context.rig();
        requirePresent(rig, placement);
        Set<String> gone = new LinkedHashSet<>(List.of(placement));
        if (withDependants) {
            gone.addAll(rig.subtree(placement));
        }
        if (gone.contains(rig.content().root())) {
            throw new EditRefused("The body is what the rig is built on and cannot be taken off.");
        }
        List<String> outermostFirst = new ArrayList<>(gone);
        java.util.Collections.reverse(outermostFirst);
        List<Scoped> edit = new ArrayList<>();
        if (withDependants) {
            rig.content().cables().stream()
                    .filter(c -> gone.contains(c.a().placement()) || gone.contains(c.b().placement()))
                    .forEach(c -> edit.add(Scoped.base(new Command.Disconnect(c.id()))));
        }
        for (String id : outermostFirst) {
            edit.add(new Scoped(scopeOf(context, id), new Command.Remove(id)));
        }
        return edit;
    }

    public static List<Scoped> restore(CheckContext context, String placement) {
        return List.of(new Scoped(scopeOf(context, placement), new Command.Restore(placement)));
    }

    public static List<Scoped> weigh(CheckContext context, String placement, double grams, String by, String when) {
        requirePresent(context.rig(), placement);
        Figure figure = Figure.measured(grams, by, when);
        return List.of(new Scoped(scopeOf(context, placement), new Command.Weigh(placement, figure)));
    }

    /**
     * Hangs a new part on a free port. On a carrier it goes where there is room nearest the carrier's middle.
     *
     * @throws EditRefused when the ports do not mate or the port is taken, with the reason
     */
    public static List<Scoped> add(CheckContext context, PortRef on, ItemType type, String childPort) {
        Rig rig = context.rig();
        requirePresent(rig, on.placement());
        Port parent = rig.find(on.placement())
                .flatMap(p -> p.type().port(on.port()))
                .orElseThrow(() -> new EditRefused(
                        rig.title(on.placement()) + " has no port '" + on.port() + "' to hang something on."));
        Port child = type.port(childPort)
                .orElseThrow(() -> new EditRefused(type.name() + " has no port '" + childPort + "'."));
        Mating.whyNot(parent, child, context.standards()).ifPresent(why -> {
            throw new EditRefused(type.name() + " does not go there: " + why + ".");
        });
        if (!Fit.isFree(rig, on)) {
            throw new EditRefused(parent.title() + " of " + rig.title(on.placement()) + " is taken.");
        }
        String id = Parts.freeId(rig.content(), type.ref().id());
        Scope scope = scopeOf(context, on.placement());
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(scope, new Command.Place(id, type.ref(), "")));
        edit.add(new Scoped(
                scope,
                new Command.Join(new Joint(
                        Parts.freeId(rig.content(), "j-" + id),
                        Joint.Kind.LOCATING,
                        on,
                        new PortRef(id, childPort),
                        Joint.Confidence.PLAUSIBLE))));
        if (parent.occupancy() instanceof Port.Occupancy.Interval) {
            double at = Fit.room(rig, on, parent, child.engagementMm())
                    .orElseThrow(() -> new EditRefused(rig.title(on.placement()) + " has no stretch of "
                            + Math.round(child.engagementMm()) + " mm free."));
            edit.add(new Scoped(scope, new Command.Set(new SettingKey(id, childPort, 0), at, false)));
        }
        edit.addAll(Parts.take(context, type.ref(), 1));
        return edit;
    }

    private static Scope scopeOf(CheckContext context, String placement) {
        Build build = context.build();
        return build.scopeOf(placement, context.rig().configuration().id(), context.rig().lens());
    }

    private static void requirePresent(Rig rig, String placement) {
        if (rig.content().placement(placement).isEmpty()) {
            throw new EditRefused("There is no placement '" + placement + "' in this build.");
        }
        if (rig.content().isRemoved(placement)) {
            throw new EditRefused(rig.title(placement) + " was taken off the rig; put it back before it is changed.");
        }
    }
}
