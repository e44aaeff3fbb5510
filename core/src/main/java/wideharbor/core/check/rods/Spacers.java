package wideharbor.core.check.rods;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.Check.Candidate;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Parts;
import wideharbor.core.check.Say;
import wideharbor.core.check.Settle;
import wideharbor.core.geometry.ShimPlanner;

/** Risers and shims between two faces that mate: put in, or taken out, keeping everything below in its order. */
public final class Spacers {
    private Spacers() {}

    /** Risers near the height that is missing, then the fewest shims of the kit that make it. */
    public static List<Candidate> insert(CheckContext context, Joint joint, double missingMm) {
        List<ItemType> fitting = fitting(context, joint);
        List<Candidate> all = new ArrayList<>();
        double tolerance = context.rule(Rule.ROD_HEIGHT_TOLERANCE);
        fitting.stream()
                .filter(t -> !spacer(t).shim())
                .filter(t -> Math.abs(spacer(t).heightMm() - missingMm) <= tolerance)
                .sorted(Comparator.comparingInt((ItemType t) -> context.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(t -> Math.abs(spacer(t).heightMm() - missingMm)))
                .forEach(t ->
                        candidate(context, joint, List.of(t), "riser", t.name()).ifPresent(all::add));
        shims(context, joint, missingMm, fitting).ifPresent(all::add);
        return all;
    }

    private static Optional<Candidate> shims(
            CheckContext context, Joint joint, double missingMm, List<ItemType> fitting) {
        Map<String, ItemType> byId = new LinkedHashMap<>();
        List<ShimPlanner.Shim> atHand = new ArrayList<>();
        for (ItemType type : fitting) {
            int count = context.kit().count(type.ref());
            if (spacer(type).shim() && count > 0) {
                byId.put(type.ref().toString(), type);
                atHand.add(
                        new ShimPlanner.Shim(type.ref().toString(), spacer(type).heightMm(), count));
            }
        }
        return ShimPlanner.plan(missingMm, atHand, context.rule(Rule.SHIM_TOLERANCE))
                .flatMap(plan -> {
                    List<ItemType> stack = plan.ids().stream().map(byId::get).toList();
                    String sizes = stack.stream()
                            .map(t -> Say.one(spacer(t).heightMm()))
                            .reduce((a, b) -> a + " + " + b)
                            .orElseThrow();
                    return candidate(context, joint, stack, "shims", "Shims " + sizes);
                });
    }

    private static List<ItemType> fitting(CheckContext context, Joint joint) {
        Port parent = context.rig().port(joint.parent());
        Port child = context.rig().port(joint.child());
        List<ItemType> all = new ArrayList<>();
        for (ItemType type : context.catalogue().all()) {
            Optional<Facet.Spacer> spacer = type.facet(Facet.Spacer.class);
            if (spacer.isPresent()
                    && Mating.mates(parent, port(type, spacer.get().topPort()), context.standards())
                    && Mating.mates(port(type, spacer.get().bottomPort()), child, context.standards())) {
                all.add(type);
            }
        }
        return all;
    }

    private static Port port(ItemType type, String id) {
        return type.port(id).orElseThrow();
    }

    private static Facet.Spacer spacer(ItemType type) {
        return type.facet(Facet.Spacer.class).orElseThrow();
    }

    private static Optional<Candidate> candidate(
            CheckContext context, Joint joint, List<ItemType> stack, String kind, String title) {
        List<Scoped> edit = new ArrayList<>();
        Scope scope = scope(context, joint);
        edit.add(new Scoped(scope, new Command.Unjoin(joint.id())));
        PortRef above = joint.parent();
        Map<ItemType, Integer> used = new LinkedHashMap<>();
        List<String> taken = new ArrayList<>();
        for (ItemType type : stack) {
            used.merge(type, 1, Integer::sum);
            String id = nextId(context, type.ref().id(), taken);
            edit.add(new Scoped(scope, new Command.Place(id, type.ref(), "")));
            edit.add(new Scoped(
                    scope, join("j-" + id, above, new PortRef(id, spacer(type).topPort()), joint)));
            above = new PortRef(id, spacer(type).bottomPort());
        }
        edit.add(new Scoped(scope, join(nextId(context, joint.id() + "-b", taken), above, joint.child(), joint)));
        used.forEach((type, count) -> edit.addAll(Parts.take(context, type.ref(), count)));
        return settled(
                context,
                kind,
                title + " under " + context.rig().title(joint.parent().placement()),
                edit);
    }

    private static String nextId(CheckContext context, String stem, List<String> taken) {
        String id = Parts.freeId(context.rig().content(), stem);
        for (int n = 2; taken.contains(id); n++) {
            id = Parts.freeId(context.rig().content(), stem + "-" + n);
        }
        taken.add(id);
        return id;
    }

    private static Command join(String id, PortRef above, PortRef below, Joint like) {
        return new Command.Join(new Joint(id, Joint.Kind.LOCATING, above, below, like.confidence()));
    }

    /** Removes the spacer under a joint when it is the height to lose, joining what it separated. */
    public static List<Candidate> takeOut(CheckContext context, Joint joint, double excessMm) {
        String id = joint.child().placement();
        ItemType type = context.rig().require(id).type();
        Optional<Facet.Spacer> spacer = type.facet(Facet.Spacer.class);
        boolean fits = spacer.isPresent()
                && Math.abs(spacer.get().heightMm() - excessMm) <= context.rule(Rule.ROD_HEIGHT_TOLERANCE);
        List<Joint> below = context.rig().carriedBy(id);
        if (!fits || below.size() != 1) {
            return List.of();
        }
        Joint lower = below.get(0);
        Scope scope = scope(context, joint);
        String freed = Parts.freeId(context.rig().content(), joint.id() + "-a");
        List<Scoped> edit = new ArrayList<>(List.of(
                new Scoped(scope, new Command.Unjoin(lower.id())),
                new Scoped(scope, new Command.Unjoin(joint.id())),
                new Scoped(scope, new Command.Unplace(id)),
                new Scoped(scope, join(freed, joint.parent(), lower.child(), lower)),
                Scoped.kit(new Command.AddKit(type.ref(), 1))));
        return settled(context, "take-out", "Take " + type.name() + " out", edit).stream()
                .toList();
    }

    private static Scope scope(CheckContext context, Joint joint) {
        return context.scopeOf(joint.child().placement());
    }

    private static Optional<Candidate> settled(CheckContext context, String kind, String title, List<Scoped> edit) {
        try {
            return Optional.of(new Candidate(
                    kind,
                    title,
                    Settle.after(
                            edit,
                            context.job(),
                            context.build().id(),
                            context.rig().configuration().id())));
        } catch (EditRefused refused) {
            return Optional.empty();
        }
    }
}
