package wideharbor.core.benchtest;

import java.util.Optional;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Hands on the rig: what turns, creeps, rattles, and joints that nobody has tried before. */
final class RigTests {
    private RigTests() {}

    static void add(ConfigurationAnalysis configuration, TestPlan.Draft draft) {
        RigAnalysis analysis = configuration.with(configuration.lenses().get(0));
        Rig rig = analysis.rig();
        for (Joint joint : rig.liveJoints()) {
            if (isUntried(joint)) {
                draft.add(trial(analysis, joint));
            }
            if (joint.kind() == Joint.Kind.LOCATING
                    && !Mating.resistsTwist(rig.port(joint.parent()), rig.port(joint.child()), analysis.standards())) {
                draft.add(wiggle(analysis, joint));
            }
        }
        for (Placed part : rig.attached()) {
            if (part.type().facet(RiggingFacet.Arm.class).isPresent()) {
                draft.add(creep(analysis, part));
            }
        }
        rig.attached().stream()
                .filter(p -> p.type().can(Capability.HEARS))
                .findFirst()
                .filter(p -> analysis.job().brief().asks().shoot().sound() != Shoot.Sound.NONE)
                .ifPresent(p -> draft.add(rattle(analysis, p)));
    }

    private static boolean isUntried(Joint joint) {
        return joint.confidence() == Joint.Confidence.PLAUSIBLE
                || joint.confidence() == Joint.Confidence.CLAIMED
                || joint.confidence() == Joint.Confidence.IMPROVISED;
    }

    private static String pair(Rig rig, Joint joint) {
        return rig.title(joint.child().placement()) + " on "
                + rig.title(joint.parent().placement());
    }

    private static BenchTestBuilder joint(RigAnalysis analysis, String what, Joint joint) {
        Rig rig = analysis.rig();
        return Tests.of(analysis, what + ":" + joint.id(), Place.RIG)
                .subject(rig.require(joint.child().placement()).type().ref() + " "
                        + rig.require(joint.parent().placement()).type().ref())
                .part(Optional.of(joint.child().placement()));
    }

    private static BenchTest wiggle(RigAnalysis analysis, Joint joint) {
        return joint(analysis, "wiggle", joint)
                .title("Push at " + pair(analysis.rig(), joint))
                .how("Made firm, take it at its far end and push it both ways as a knock would.")
                .band(new Band.Answer("It does not turn and has no play."))
                .why("One contact holds it; what can turn does so when somebody leans on it.")
                .build();
    }

    private static BenchTest trial(RigAnalysis analysis, Joint joint) {
        String said = switch (joint.confidence()) {
            case CLAIMED -> "Somebody says that it fits; nobody here has tried it.";
            case IMPROVISED -> "It does here what it was not made for.";
            default -> "It fits by its figures only.";
        };
        return joint(analysis, "trial", joint)
                .title("Trial fit: " + pair(analysis.rig(), joint))
                .how("Fit it, work every lever and screw of it, take it off and fit it again. " + said)
                .band(new Band.Answer("It seats fully, locks and comes off."))
                .twice(joint.confidence() == Joint.Confidence.IMPROVISED)
                .why("A chamfer or a long screw keeps apart what drawings join.")
                .build();
    }

    private static BenchTest creep(RigAnalysis analysis, Placed arm) {
        long minutes = Math.round(analysis.rule(Rule.TEST_HELD));
        return Tests.of(analysis, "creep", Place.RIG, arm)
                .title(arm.title() + " does not creep")
                .how("Marked at its tip with all that it bears, left for " + minutes
                        + " minutes; how far the tip sank.")
                .band(Band.Measure.atMost(analysis.rule(Rule.ARM_CREEP), "mm"))
                .instrument(Instrument.CALIPER)
                .why("A screen that sinks by the hour is set anew at every take.")
                .build();
    }

    private static BenchTest rattle(RigAnalysis analysis, Placed microphone) {
        return Tests.of(analysis, "rattle", Place.SOUND, microphone)
                .title("Nothing rattles")
                .how("Headphones on " + microphone.title()
                        + ", gain as on the day: shake the rig as in a walk, work every lever.")
                .band(new Band.Answer("No part is heard, loose or free to swing."))
                .why("A loose catch is heard in every take and found in none.")
                .build();
    }
}
