package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.whole;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.Capability;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/**
 * Sound and time as the brief has them: a microphone when the camera keeps the sound, a timecode box when times must
 * agree.
 */
final class SoundAndTime implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.sound")
            .family("brief")
            .title("Sound and time as agreed")
            .subjects("every rig, when the brief says who has the sound")
            .expectation(
                    "a microphone is on the rig when the camera keeps the sound; a timecode box when several recorders "
                            + "must agree")
            .because("picture and sound that share no clock are married by hand, take by take")
            .source("the brief")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Shoot shoot = analysis.job().brief().asks().shoot();
        if (shoot.sound() == Shoot.Sound.CAMERA) {
            ask(results, Capability.HEARS, "microphone", "The camera keeps the sound of this job.");
        }
        if (shoot.timecode()) {
            ask(results, Capability.KEEPS_TIME, "timecode box", "Several recorders must agree on the time.");
        }
    }

    private static void ask(Results results, Capability capability, String what, String why) {
        RigAnalysis analysis = results.analysis();
        boolean there =
                analysis.rig().attached().stream().anyMatch(p -> p.type().can(capability));
        if (there) {
            results.fine();
            return;
        }
        results.found(
                About.of(what, whole()), "No " + what + " on the rig", new Evidence.Statement("none", "one"), why);
    }
}
