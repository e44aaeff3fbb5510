package wideharbor.core.edit;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.ShimPlanner;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** Risers and shims between two faces that mate: put in, or taken out, keeping everything below in its order. */
public final class Spacers {
    private Spacers() {}

    /** Risers near the height that is missing, then the fewest shims of the kit that make it. */
    public static List<Candidate> insert(RigAnalysis analysis, Joint joint, double missingMm) {
        List<ItemType> fitting = fitting(analysis, joint);
        List<Candidate> all = new ArrayList<>();
        double tolerance = analysis.rule(Rule.ROD_HEIGHT_TOLERANCE);
        fitting.stream()
                .filter(t -> !spacer(t).shim())
                .filter(t -> Math.abs(spacer(t).heightMm() - missingMm) <= tolerance)
                .sorted(Comparator.comparingInt((ItemType t) -> analysis.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(t -> Math.abs(spacer(t).heightMm() - missingMm)))
                .forEach(t -> candidate(analysis, joint, List.of(t)).ifPresent(all::add));
        shims(analysis, joint, missingMm, fitting).ifPresent(all::add);
        return all;
    }

    private static Optional<Candidate> shims(
            RigAnalysis analysis, Joint joint, double missingMm, List<ItemType> fitting) {
        Map<String, ItemType> byId = new LinkedHashMap<>();
        List<ShimPlanner.Shim> atHand = new ArrayList<>();
        for (ItemType type : fitting) {
            int count = analysis.kit().count(type.ref());
            if (spacer(type).shim() && count > 0) {
                byId.put(type.ref().toString(), type);
                atHand.add(
                        new ShimPlanner.Shim(type.ref().toString(), spacer(type).heightMm(), count));
            }
        }
        return ShimPlanner.plan(missingMm, atHand, analysis.rule(Rule.SHIM_TOLERANCE))
                .flatMap(plan -> {
                    List<ItemType> stack = plan.ids().stream().map(byId::get).toList();
                    return candidate(analysis, joint, stack);
                });
    }

    private static List<ItemType> fitting(RigAnalysis analysis, Joint joint) {
        Port parent = analysis.rig().port(joint.parent());
        Port child = analysis.rig().port(joint.child());
        List<ItemType> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            Optional<RiggingFacet.Spacer> spacer = type.facet(RiggingFacet.Spacer.class);
            if (spacer.isPresent()
                    && Mating.mates(parent, port(type, spacer.get().topPort()), analysis.standards())
                    && Mating.mates(port(type, spacer.get().bottomPort()), child, analysis.standards())) {
                all.add(type);
            }
        }
        return all;
    }

    private static Port port(ItemType type, String id) {
        return type.port(id).orElseThrow();
    }

    private static RiggingFacet.Spacer spacer(ItemType type) {
        return type.facet(RiggingFacet.Spacer.class).orElseThrow();
    }

    private static String title(List<ItemType> stack) {
        return spacer(stack.get(0)).shim()
                ? stack.stream().map(t -> Words.one(spacer(t).heightMm())).collect(joining(" + ", "Shims ", ""))
                : stack.get(0).name();
    }

    /** One riser, or shims on each other, under a joint. */
    private static Optional<Candidate> candidate(RigAnalysis analysis, Joint joint, List<ItemType> stack) {
        String kind = spacer(stack.get(0)).shim() ? "shims" : "riser";
        List<Scoped> edit = new ArrayList<>();
        Scope scope = scope(analysis, joint);
        edit.add(new Scoped(scope, new Command.Unjoin(joint.id())));
        PortRef above = joint.parent();
        Map<ItemType, Integer> used = new LinkedHashMap<>();
        List<String> taken = new ArrayList<>();
        for (ItemType type : stack) {
            used.merge(type, 1, Integer::sum);
            PlacementId id = PlacementId.of(nextId(analysis, type.ref().id(), taken));
            edit.add(new Scoped(scope, new Command.Place(id, type.ref(), "")));
            edit.add(new Scoped(
                    scope,
                    join(
                            new JointId("j-" + id),
                            above,
                            new PortRef(id, spacer(type).topPort()),
                            joint)));
            above = new PortRef(id, spacer(type).bottomPort());
        }
        edit.add(new Scoped(
                scope, join(new JointId(nextId(analysis, joint.id() + "-b", taken)), above, joint.child(), joint)));
        used.forEach((type, count) -> edit.addAll(Parts.take(analysis, type.ref(), count)));
        return settled(
                analysis,
                kind,
                title(stack) + " under " + analysis.rig().title(joint.parent().placement()),
                edit);
    }

    private static String nextId(RigAnalysis analysis, String stem, List<String> taken) {
        String id = Parts.freeId(analysis.rig().content(), stem);
        for (int n = 2; taken.contains(id); n++) {
            id = Parts.freeId(analysis.rig().content(), stem + "-" + n);
        }
        taken.add(id);
        return id;
    }

    private static Command join(JointId id, PortRef above, PortRef below, Joint like) {
        return new Command.Join(new Joint(id, Joint.Kind.LOCATING, above, below, like.confidence(), ""));
    }

    /** Removes the spacer under a joint when it is the height to lose, joining what it separated. */
    public static List<Candidate> takeOut(RigAnalysis analysis, Joint joint, double excessMm) {
        PlacementId id = joint.child().placement();
        ItemType type = analysis.rig().require(id).type();
        Optional<RiggingFacet.Spacer> spacer = type.facet(RiggingFacet.Spacer.class);
        boolean fits = spacer.isPresent()
                && Math.abs(spacer.get().heightMm() - excessMm) <= analysis.rule(Rule.ROD_HEIGHT_TOLERANCE);
        List<Joint> below = analysis.rig().carriedBy(id);
        if (!fits || below.size() != 1) {
            return List.of();
        }
        Joint lower = below.get(0);
        Scope scope = scope(analysis, joint);
        String freed = Parts.freeId(analysis.rig().content(), joint.id() + "-a");
        List<Scoped> edit = new ArrayList<>(List.of(
                new Scoped(scope, new Command.Unjoin(lower.id())),
                new Scoped(scope, new Command.Unjoin(joint.id())),
                new Scoped(scope, new Command.Unplace(id)),
                new Scoped(scope, join(new JointId(freed), joint.parent(), lower.child(), lower)),
                Scoped.kit(new Command.AddKit(type.ref(), 1))));
        return settled(analysis, "take-out", "Take " + type.name() + " out", edit).stream()
                .toList();
    }

    private static Scope scope(RigAnalysis analysis, Joint joint) {
        return analysis.scopeOf(joint.child().placement());
    }

    private static Optional<Candidate> settled(RigAnalysis analysis, String kind, String title, List<Scoped> edit) {
        try {
            return Optional.of(new Candidate(
                    kind,
                    title,
                    Settle.after(
                            edit,
                            analysis.job(),
                            analysis.build().id(),
                            analysis.rig().configuration().id())));
        } catch (EditRefused refused) {
            return Optional.empty();
        }
    }
}
