package wideharbor.core.changeover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.CableRun;
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
                steps.add(new Changeover.Step(
                        act,
                        cable.id(),
                        here.catalogue().require(cable.type()).name(),
                        here.title(cable.a().placement()) + " to "
                                + here.title(cable.b().placement()),
                        List.of(),
                        List.of(),
                        rules.value(Rule.TIME_CABLE)));
            }
        }
        return steps;
    }

    static boolean isPlugged(Rig rig, CableRun cable) {
        return rig.find(cable.a().placement()).isPresent()
                && rig.find(cable.b().placement()).isPresent();
    }
}
