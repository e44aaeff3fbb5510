package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.FreeId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.plates.PlateStacks;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** What someone wants of the configurations of a build, told as the commands that do it. */
public final class ConfigurationEdits {
    private static final int MOST = 24;
    private static final double SIDEWAYS = 0.9;

    private ConfigurationEdits() {}

    /** A new configuration that differs from this one in nothing yet: what changes in this one changes in it too. */
    public static List<Scoped> derive(RigAnalysis analysis, String title) {
        return added(analysis, title, List.of(), analysis.rig().configuration().id());
    }

    /** A new configuration with the same differences, which goes its own way from here. */
    public static List<Scoped> copy(RigAnalysis analysis, String title) {
        Configuration from = analysis.rig().configuration();
        return added(analysis, title, from.overlay(), from.basedOn());
    }

    private static List<Scoped> added(
            RigAnalysis analysis, String title, List<Command> overlay, ConfigurationId basedOn) {
        Configuration from = analysis.rig().configuration();
        ConfigurationId id = freeId(analysis.build(), title);
        return List.of(Scoped.base(new Command.Configure(new Configuration(
                id, title, from.support(), from.rollDegrees(), from.tiltDegrees(), overlay, basedOn))));
    }

    public static List<Scoped> rename(RigAnalysis analysis, String title) {
        return List.of(
                Scoped.base(new Command.Configure(analysis.rig().configuration().named(title))));
    }

    public static List<Scoped> remove(RigAnalysis analysis) {
        return List.of(Scoped.base(
                new Command.Unconfigure(analysis.rig().configuration().id())));
    }

    /** Another part carries the rig from now on; it must say where it does. */
    public static List<Scoped> carryBy(RigAnalysis analysis, PlacementId placement) {
        Placed placed = analysis.rig()
                .find(placement)
                .orElseThrow(() -> new EditRefused("There is no placement '" + placement + "' on this rig."));
        if (placed.type().facet(SupportFacet.Support.class).isEmpty()) {
            throw new EditRefused(placed.title() + " does not say where it carries a rig.");
        }
        return List.of(
                Scoped.base(new Command.Configure(analysis.rig().configuration().carriedBy(placement))));
    }

    /** How it leans from now on; refused where a head, hook or gimbal says so. */
    public static List<Scoped> lean(RigAnalysis analysis, double rollDegrees, double tiltDegrees) {
        Rig rig = analysis.rig();
        if (!rig.leansFreely()) {
            throw new EditRefused("How this rig stands is up to "
                    + rig.title(rig.configuration().support())
                    + "; only on a shoulder or in the hands it leans as it is held.");
        }
        return List.of(Scoped.base(new Command.Configure(rig.configuration().leaning(rollDegrees, tiltDegrees))));
    }

    /** The id that a new configuration of this title gets. */
    public static ConfigurationId freeId(Build build, String title) {
        if (build.configurations().size() >= MOST) {
            throw new EditRefused("A build has at most " + MOST + " configurations.");
        }
        String stem = Require.slug(title, 40);
        return ConfigurationId.of(FreeId.of(
                stem.isEmpty() ? "configuration" : stem,
                taken -> build.configuration(ConfigurationId.of(taken)).isPresent()));
    }

    /** Every change of the base, or of a configuration this one is based on, told for this one alone instead. */
    public static List<Scoped> hereOnly(List<Scoped> edit, ConfigurationId configuration) {
        return edit.stream()
                .map(s -> (s.scope() instanceof Scope.Base || s.scope() instanceof Scope.InConfiguration)
                                && !(s.command() instanceof Command.Configure)
                                && !(s.command() instanceof Command.Unconfigure)
                        ? new Scoped(new Scope.InConfiguration(configuration), s.command())
                        : s)
                .toList();
    }

    /**
     * Derives a configuration in which the body lies on its side: what stood under its base comes off, and the support
     * goes under the side that looks down, through the best chain of adapters.
     *
     * @param bodySide the body's own side that looks down then: LEFT or RIGHT
     * @throws EditRefused when nothing joins that side to the support
     */
    public static List<Scoped> portrait(RigAnalysis analysis, String title, Side bodySide) {
        Rig rig = analysis.rig();
        Placed support = rig.require(rig.configuration().support());
        List<Joint> down = rig.pathToRoot(support.id());
        if (down.isEmpty()) {
            throw new EditRefused("The body carries itself; nothing can be put under its side.");
        }
        Joint held = down.get(0);
        Port top = rig.port(held.child());
        Placed body = rig.require(rig.content().root());
        Under under = under(analysis, body, bodySide, top);
        ConfigurationId id = freeId(analysis.build(), title);
        Scope scope = new Scope.InConfiguration(id);
        List<Scoped> edit = new ArrayList<>(derive(analysis, title));
        edit.add(new Scoped(scope, new Command.Unjoin(held.id())));
        for (int i = down.size() - 1; i >= 1; i--) {
            edit.add(new Scoped(scope, new Command.Remove(down.get(i).child().placement())));
        }
        Chains.Hung hung =
                Chains.hang(analysis, scope, new PortRef(body.id(), under.port().id()), under.chain());
        hung.commands().stream()
                .filter(c -> !(c.scope() instanceof Scope.InPackage))
                .forEach(edit::add);
        edit.add(new Scoped(
                scope,
                new Command.Join(Joint.locating(
                        new JointId(Chains.freeId(analysis, held.id() + "-" + id, hung.taken())),
                        hung.end(),
                        held.child()))));
        return edit;
    }

    /** A shorter rig: what is done, and how deep it was and becomes, mm. */
    public record Tight(List<Scoped> edit, String how, double deepBefore, double deepAfter) {}

    /**
     * Derives a configuration for a tight room: the battery from behind goes to the free face on top that makes the rig
     * the shortest.
     *
     * @throws EditRefused when no battery is behind, or nothing on top takes it, or nothing is gained
     */
    public static Tight tight(RigAnalysis analysis, String title) {
        Scope scope = new Scope.InConfiguration(freeId(analysis.build(), title));
        List<BatteryUp.Move> moves = BatteryUp.moves(analysis, scope);
        if (moves.isEmpty()) {
            throw new EditRefused(
                    "No battery stands behind the body, or no face on top takes it, directly or through adapters.");
        }
        double before = analysis.depth();
        Optional<Tight> best = Optional.empty();
        for (BatteryUp.Move move : moves) {
            List<Scoped> edit = new ArrayList<>(derive(analysis, title));
            edit.addAll(move.commands().stream()
                    .filter(c -> !(c.scope() instanceof Scope.InPackage))
                    .toList());
            Job job = analysis.job()
                    .with(analysis.job()
                            .gear()
                            .apply(analysis.build().id(), edit, analysis.catalogue())
                            .after());
            Build build = job.gear().build(analysis.build().id());
            double after = RigAnalysis.of(
                            job,
                            build,
                            ((Scope.InConfiguration) scope).configuration(),
                            analysis.rig().lens())
                    .depth();
            if (best.isEmpty() || after < best.get().deepAfter()) {
                best = Optional.of(new Tight(edit, move.title(), before, after));
            }
        }
        return best.filter(t -> t.deepAfter() < before)
                .orElseThrow(() -> new EditRefused(
                        "With the battery on top the rig is no shorter: " + Words.length(before) + "."));
    }

    /** A side of the body. */
    public enum Side {
        LEFT,
        RIGHT
    }

    private record Under(Port port, AdapterFinder.Chain chain) {}

    private static Under under(RigAnalysis analysis, Placed body, Side side, Port top) {
        double sign = side == Side.LEFT ? 1 : -1;
        Optional<Under> best = Optional.empty();
        for (Port port : body.type().ports()) {
            if (port.normal().unit().x() * sign < SIDEWAYS) {
                continue;
            }
            AdapterFinder.Chain none = new AdapterFinder.Chain(List.of(), true, true, 0, 0);
            List<AdapterFinder.Chain> chains = Mating.mates(port, top, analysis.standards())
                    ? List.of(none)
                    : analysis.catalogue().adapters().between(port, top, 1, PlateStacks.MOST_PLATES);
            if (!chains.isEmpty()
                    && (best.isEmpty()
                            || chains.get(0).links().size()
                                    < best.get().chain().links().size())) {
                best = Optional.of(new Under(port, chains.get(0)));
            }
        }
        return best.orElseThrow(() -> new EditRefused("No plates of up to " + PlateStacks.MOST_PLATES
                + " pieces join the body's " + side.name().toLowerCase(Locale.ROOT) + " side to "
                + analysis.rig().title(analysis.rig().configuration().support()) + "."));
    }

    /** What goes over to the other side, and what finds no port there. */
    public record Sides(List<Scoped> edit, List<String> moved, List<String> staying) {}

    /**
     * Derives a configuration for the other shoulder: every part on a side face goes to the facing port of the same
     * carrier where one is free and mates; what finds none stays and is named.
     */
    public static Sides otherShoulder(RigAnalysis analysis, String title) {
        Rig rig = analysis.rig();
        Scope scope = new Scope.InConfiguration(freeId(analysis.build(), title));
        List<Scoped> edit = new ArrayList<>(derive(analysis, title));
        List<String> moved = new ArrayList<>();
        List<String> staying = new ArrayList<>();
        Set<PortRef> taken = new LinkedHashSet<>();
        List<Joint> sideways = rig.locatingJoints().stream()
                .filter(j -> isSideways(rig, j.parent()))
                .filter(j -> rig.carried().contains(j.child().placement()))
                .toList();
        List<PortRef> freed = sideways.stream().map(Joint::parent).toList();
        for (Joint joint : sideways) {
            Optional<PortRef> over = opposite(analysis, joint, freed, taken);
            if (over.isEmpty()) {
                staying.add(rig.title(joint.child().placement()));
                continue;
            }
            taken.add(over.get());
            moved.add(rig.title(joint.child().placement()));
            edit.add(new Scoped(scope, new Command.Unjoin(joint.id())));
            edit.add(new Scoped(
                    scope,
                    new Command.Join(Joint.locating(new JointId(joint.id() + "-over"), over.get(), joint.child()))));
        }
        return new Sides(edit, moved, staying);
    }

    private static boolean isSideways(Rig rig, PortRef ref) {
        return Math.abs(normal(rig, ref)) > SIDEWAYS;
    }

    /** How far the port looks to camera left, −1 to 1. */
    private static double normal(Rig rig, PortRef ref) {
        return rig.require(ref.placement()).portPose(ref.port()).n().x();
    }

    private static Optional<PortRef> opposite(
            RigAnalysis analysis, Joint joint, List<PortRef> freed, Set<PortRef> taken) {
        Rig rig = analysis.rig();
        Port own = rig.port(joint.child());
        return rig.require(joint.parent().placement()).type().ports().stream()
                .map(p -> new PortRef(joint.parent().placement(), p.id()))
                .filter(ref -> normal(rig, ref) * normal(rig, joint.parent()) < -SIDEWAYS * SIDEWAYS)
                .filter(ref -> Mating.mates(rig.port(ref), own, analysis.standards()))
                .filter(ref -> !taken.contains(ref) && (freed.contains(ref) || rig.isFree(ref)))
                .findFirst();
    }
}
