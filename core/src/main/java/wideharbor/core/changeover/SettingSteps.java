package wideharbor.core.changeover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.CableRun;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Rig;

/** Steps of a change that put nothing on and take nothing off: settings and cables. */
final class SettingSteps {
    private SettingSteps() {}

    /** Settings of parts that stay, in the order of the rig. */
    static List<Changeover.Step> settings(Rig from, Rig to, HouseRules rules) {
        List<Changeover.Step> steps = new ArrayList<>();
        for (Motion motion : to.motions()) {
            Optional<Motion> before = from.motion(motion.key());
            if (before.isPresent() && Math.abs(before.get().value() - motion.value()) > 0.05) {
                String unit = motion.freedom().unit().equals("°")
                        ? "°"
                        : " " + motion.freedom().unit();
                steps.add(new Changeover.Step(
                        Changeover.Act.SET,
                        motion.key().placement(),
                        to.title(motion.key().placement()),
                        motion.freedom().title() + " to " + number(motion.value()) + unit,
                        List.of(),
                        List.of(),
                        rules.value(Rule.TIME_SETTING)));
            }
        }
        return steps;
    }

    static String number(double value) {
        double rounded = Math.round(value * 10) / 10.0;
        return (rounded < 0 ? "−" : "") + Math.abs(rounded);
    }

    /** Cables of this rig that the other has not, with both ends on the rig. */
    static List<Changeover.Step> cables(Rig here, Rig there, Changeover.Act act, HouseRules rules) {
        List<Changeover.Step> steps = new ArrayList<>();
        for (CableRun cable : here.content().cables()) {
            if (isPlugged(here, cable)
                    && !(isPlugged(there, cable) && there.content().cables().contains(cable))) {
                steps.add(step(here, cable, act, rules));
            }
        }
        return steps;
    }

    private static Changeover.Step step(Rig rig, CableRun cable, Changeover.Act act, HouseRules rules) {
        return new Changeover.Step(
                act,
                cable.id(),
                rig.catalogue().require(cable.type()).name(),
                rig.title(cable.a().placement()) + " to " + rig.title(cable.b().placement()),
                List.of(),
                List.of(),
                rules.value(Rule.TIME_CABLE));
    }

    /** Before anything comes off: cables that the other rig has not, and those of what is off for a while. */
    static List<Changeover.Step> unplugged(Rig from, Rig to, Set<PlacementId> aside, HouseRules rules) {
        List<Changeover.Step> steps = new ArrayList<>(cables(from, to, Changeover.Act.UNPLUG, rules));
        steps.addAll(between(from, to, aside, Changeover.Act.UNPLUG, rules));
        return steps;
    }

    /** When everything is on. */
    static List<Changeover.Step> plugged(Rig from, Rig to, Set<PlacementId> aside, HouseRules rules) {
        List<Changeover.Step> steps = new ArrayList<>(cables(to, from, Changeover.Act.PLUG, rules));
        steps.addAll(between(to, from, aside, Changeover.Act.PLUG, rules));
        return steps;
    }

    /** Cables of both rigs from what is off for a while to what stays. */
    private static List<Changeover.Step> between(
            Rig here, Rig there, Set<PlacementId> aside, Changeover.Act act, HouseRules rules) {
        Set<PlacementId> off =
                aside.stream().flatMap(part -> here.subtree(part).stream()).collect(Collectors.toSet());
        return here.content().cables().stream()
                .filter(c -> off.contains(c.a().placement()) != off.contains(c.b().placement()))
                .filter(c -> isPlugged(here, c)
                        && isPlugged(there, c)
                        && there.content().cables().contains(c))
                .map(c -> step(here, c, act, rules))
                .toList();
    }

    static boolean isPlugged(Rig rig, CableRun cable) {
        return rig.find(cable.a().placement()).isPresent()
                && rig.find(cable.b().placement()).isPresent();
    }
}
