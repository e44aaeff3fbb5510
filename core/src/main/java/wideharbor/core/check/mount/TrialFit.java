package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Raised;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.rig.Rig;

/** Joints that nobody has tried are tried before the package leaves. */
final class TrialFit implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id(Raised.TRIAL_FIT)
            .family("mount")
            .title("Untried joints get a trial fit")
            .subjects("every joint")
            .expectation(
                    "the maker or we have fitted the two before; what only looks as if it fits is tried on the bench")
            .because("a chamfer, a long screw or a redesign keeps apart what drawings join")
            .source("how sure we are of the joint, as the build records it")
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
            boolean plausible = joint.confidence() == Joint.Confidence.PLAUSIBLE;
            if (!plausible && joint.confidence() != Joint.Confidence.CLAIMED) {
                results.fine();
                continue;
            }
            String pair = rig.title(joint.child().placement()) + " on "
                    + rig.title(joint.parent().placement());
            results.found(
                    plausible ? Severity.CAUTION : Severity.NOTE,
                    About.of("trial", joint(joint.id())),
                    "Trial fit: " + pair,
                    new Evidence.Statement(
                            plausible ? "fits by its figures only" : "someone says that it fits",
                            "tried, or tested by the maker"),
                    "Fit it once on the bench, then record it on the part's card.");
        }
    }
}
