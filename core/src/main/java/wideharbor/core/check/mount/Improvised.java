package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.rig.Rig;

/** A part that serves outside its purpose is known to everybody, with the limit somebody put on it. */
final class Improvised implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("joints.improvised")
            .family("mount")
            .title("Improvised uses are told")
            .subjects("every joint recorded as serving outside its purpose")
            .expectation("whoever takes the rig over reads what the part is made for and how far it may be trusted")
            .because("nobody else knows why it must not be lifted by that handle")
            .source("the note on the joint")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Joint joint : rig.liveJoints()) {
            if (joint.confidence() != Joint.Confidence.IMPROVISED) {
                continue;
            }
            results.found(
                    About.of("improvised", joint(joint.id())),
                    "Improvised: " + rig.title(joint.child().placement()) + " on "
                            + rig.title(joint.parent().placement()),
                    new Evidence.Statement("outside its purpose", "read by whoever takes over"),
                    joint.note() + (joint.note().endsWith(".") ? "" : "."));
        }
    }
}
