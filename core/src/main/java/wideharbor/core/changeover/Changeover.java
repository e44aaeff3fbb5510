package wideharbor.core.changeover;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.Handwork;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.clearance.Obstacles;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * The way from one configuration to another, in order: cables off, parts off from the outside in, parts over to another
 * place, parts on from the inside out, settings, cables on. What comes off in one piece is one step; what stands in the
 * way of a step comes off before it, and back after.
 *
 * @param keys one key of each kind of screw that is worked, in the order they are first needed
 * @param minutes estimate for one pair of hands
 * @param leftBehind parts that are not on the rig afterwards
 * @param recheck what must be looked at again
 */
public record Changeover(
        ConfigurationId from,
        ConfigurationId to,
        List<Step> steps,
        List<String> keys,
        double minutes,
        List<String> leftBehind,
        List<String> recheck) {

    private static final Set<Category> BEARERS = EnumSet.of(Category.LEGS, Category.HEAD);

    /** What is done in a step. */
    public enum Act {
        UNPLUG,
        OFF,
        /** Off for a while: it stands in the way of another step, and comes back. */
        ASIDE,
        OVER,
        ON,
        BACK,
        SET,
        PLUG
    }

    /**
     * One thing to do.
     *
     * @param of the placement's, of a cable's steps the cable's
     * @param along parts that go with it in one piece
     * @param keys of the screws that are worked; empty when hands do it
     * @param why it is done though it changes nothing, in one sentence; empty where it changes something
     */
    public record Step(
            Act act,
            Id of,
            String part,
            String where,
            List<String> along,
            List<String> keys,
            double minutes,
            String why) {
        Step(Act act, Id of, String part, String where, List<String> along, List<String> keys, double minutes) {
            this(act, of, part, where, along, keys, minutes, "");
        }

        Step with(List<String> others) {
            return new Step(act, of, part, where, others, keys, minutes, why);
        }

        Step because(String reason) {
            return new Step(act, of, part, where, along, keys, minutes, reason);
        }

        /** The placement that is worked at; none of a cable's step. */
        public Optional<PlacementId> placement() {
            return of instanceof PlacementId placement ? Optional.of(placement) : Optional.empty();
        }
    }

    /** Minutes for fetching and changing tools, beyond those of the steps. */
    public double toolMinutes() {
        return minutes - steps.stream().mapToDouble(Step::minutes).sum();
    }

    public boolean isToolFree() {
        return keys.isEmpty();
    }

    /** From one configuration to another with the same lens in the slot, or from one lens to another in the same. */
    public static Changeover between(RigAnalysis from, RigAnalysis to) {
        return between(from.obstacles(), to.obstacles(), from.rules());
    }

    static Changeover between(Obstacles before, Obstacles after, HouseRules rules) {
        Rig from = before.rig();
        Rig to = after.rig();
        List<Step> parts = new ArrayList<>(off(from, to, rules));
        parts.addAll(over(from, to, rules));
        parts.addAll(on(from, to, rules));
        Map<PlacementId, String> aside = Aside.of(before, after, parts);
        aside.forEach((part, why) -> {
            parts.add(whole(Act.ASIDE, from, part, rules).because(why));
            parts.add(whole(Act.BACK, to, part, rules).because(why));
        });
        List<Step> steps = new ArrayList<>(SettingSteps.unplugged(from, to, aside.keySet(), rules));
        steps.addAll(Sequencing.ordered(parts, before, after, rules.ways()));
        steps.addAll(SettingSteps.settings(from, to, rules));
        List<Step> plugs = SettingSteps.plugged(from, to, aside.keySet(), rules);
        return summed(from, to, Sequencing.withCables(steps, plugs, to, rules.ways()), rules);
    }

    private static Changeover summed(Rig from, Rig to, List<Step> steps, HouseRules rules) {
        Set<String> keys = new LinkedHashSet<>();
        steps.forEach(s -> keys.addAll(s.keys()));
        double minutes = steps.stream().mapToDouble(Step::minutes).sum() + keys.size() * rules.value(Rule.TIME_TOOL);
        return new Changeover(
                from.configuration().id(),
                to.configuration().id(),
                List.copyOf(steps),
                List.copyOf(keys),
                minutes,
                from.attached().stream()
                        .filter(p -> to.find(p.id()).isEmpty())
                        .map(Placed::title)
                        .toList(),
                recheck(from, to, steps));
    }

    /** Whether a part is in another place than before: another type, on another port, or not there at all. */
    private static boolean isElsewhere(Rig here, Rig there, PlacementId placement) {
        Optional<Placed> other = there.find(placement);
        if (other.isEmpty()) {
            return true;
        }
        boolean sameType =
                other.get().type().ref().equals(here.require(placement).type().ref());
        return !sameType
                || !here.locatedBy(placement)
                        .map(Changeover::place)
                        .equals(there.locatedBy(placement).map(Changeover::place));
    }

    private static String place(Joint joint) {
        return joint.parent() + ">" + joint.child();
    }

    /** Parts that are not there afterwards, the outermost first; what hangs on them and also goes, goes along. */
    private static List<Step> off(Rig from, Rig to, HouseRules rules) {
        List<Step> steps = new ArrayList<>();
        for (Placed part : from.attached()) {
            if (isGone(from, to, part.id()) && !parentGoes(from, to, part.id())) {
                steps.add(step(Act.OFF, from, part, rules).with(along(from, to, part.id())));
            }
        }
        Collections.reverse(steps);
        return steps;
    }

    private static List<Step> on(Rig from, Rig to, HouseRules rules) {
        List<Step> steps = new ArrayList<>();
        for (Placed part : to.attached()) {
            if (isGone(to, from, part.id()) && !parentGoes(to, from, part.id())) {
                steps.add(step(Act.ON, to, part, rules).with(along(to, from, part.id())));
            }
        }
        return steps;
    }

    /** Gone is a part that is not on the other rig, or is of another type there. */
    private static boolean isGone(Rig here, Rig there, PlacementId placement) {
        Optional<Placed> other = there.find(placement);
        return other.isEmpty()
                || !other.get()
                        .type()
                        .ref()
                        .equals(here.require(placement).type().ref());
    }

    /** Whether what carries it goes too, so that it goes along. */
    private static boolean parentGoes(Rig here, Rig there, PlacementId placement) {
        return here.locatedBy(placement)
                .filter(j -> here.find(j.parent().placement()).isPresent()
                        && isGone(here, there, j.parent().placement()))
                .isPresent();
    }

    private static List<String> along(Rig here, Rig there, PlacementId placement) {
        return here.subtree(placement).stream()
                .filter(id -> !id.equals(placement) && isGone(here, there, id))
                .map(here::title)
                .toList();
    }

    /** Parts that stay on the rig and sit elsewhere; what hangs on them goes over with them. */
    private static List<Step> over(Rig from, Rig to, HouseRules rules) {
        List<Step> steps = new ArrayList<>();
        for (Placed part : to.attached()) {
            if (from.find(part.id()).isPresent() && !isGone(from, to, part.id()) && isElsewhere(from, to, part.id())) {
                Step away = step(Act.OVER, from, part, rules);
                Step back = step(Act.OVER, to, part, rules);
                Set<String> keys = new LinkedHashSet<>(away.keys());
                keys.addAll(back.keys());
                List<String> with = to.subtree(part.id()).stream()
                        .filter(id -> !id.equals(part.id()))
                        .map(to::title)
                        .toList();
                steps.add(new Step(
                        Act.OVER,
                        part.id(),
                        part.title(),
                        back.where(),
                        with,
                        List.copyOf(keys),
                        away.minutes() + back.minutes()));
            }
        }
        return steps;
    }

    /** A part with all that hangs on it. */
    private static Step whole(Act act, Rig rig, PlacementId part, HouseRules rules) {
        return step(act, rig, rig.require(part), rules)
                .with(rig.subtree(part).stream()
                        .filter(id -> !id.equals(part))
                        .map(rig::title)
                        .toList());
    }

    private static Step step(Act act, Rig rig, Placed part, HouseRules rules) {
        List<Joint> joints = Obstacles.worked(rig, part.id());
        Set<String> keys = new LinkedHashSet<>();
        double minutes = 0;
        for (Joint joint : joints) {
            for (Port port : List.of(rig.port(joint.parent()), rig.port(joint.child()))) {
                keys(port, keys);
                minutes += Handwork.minutes(port, rules);
            }
        }
        String where = joints.stream()
                .findFirst()
                .map(j -> rig.title(j.parent().placement()) + ", "
                        + rig.port(j.parent()).title())
                .orElse("");
        double worked = Math.max(minutes, rules.value(Rule.TIME_LEVER)) + lift(rig, part, rules);
        return new Step(act, part.id(), part.title(), where, List.of(), List.copyOf(keys), worked);
    }

    /** What is heavy takes time of its own: the part itself, or, when it bears the rig, all that stands on it. */
    private static double lift(Rig rig, Placed part, HouseRules rules) {
        Set<PlacementId> side = rig.subtree(part.id());
        Set<PlacementId> lifted = new LinkedHashSet<>(side);
        if (side.contains(rig.configuration().support())
                || BEARERS.contains(part.type().category())) {
            lifted = new LinkedHashSet<>(rig.subtree(rig.content().root()));
            lifted.removeAll(side);
        }
        return Handwork.lift(Mass.of(rig, lifted).grams(), rules);
    }

    /** One key of each kind of screw. */
    private static void keys(Port port, Set<String> keys) {
        if (!port.working().isToolFree()) {
            port.screws().forEach(s -> s.keys().stream().findFirst().ifPresent(keys::add));
        }
    }

    private static List<String> recheck(Rig from, Rig to, List<Step> steps) {
        List<String> all = new ArrayList<>();
        if (!from.configuration().support().equals(to.configuration().support())
                || steps.stream().anyMatch(s -> s.act() != Act.PLUG && s.act() != Act.UNPLUG)) {
            all.add("balance on " + to.title(to.configuration().support()));
        }
        if (steps.stream().anyMatch(s -> touchesRods(from, to, s))) {
            all.add("axis over the rods, follow focus and matte box on the lens");
        }
        if (steps.stream().anyMatch(s -> s.act() == Act.PLUG)) {
            all.add("picture and power at the plugs that were drawn");
        }
        return all;
    }

    private static boolean touchesRods(Rig from, Rig to, Step step) {
        return step.placement()
                .flatMap(id -> to.find(id).or(() -> from.find(id)))
                .filter(p -> p.type().category() == Category.ROD)
                .isPresent();
    }
}
