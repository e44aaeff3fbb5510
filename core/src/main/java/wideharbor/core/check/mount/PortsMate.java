package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.AdapterFixes;
import wideharbor.core.edit.Candidate;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** Both faces of a joint are two halves of one standard, with pins that find their holes. Rods have their own check. */
final class PortsMate implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("ports.mate")
            .family("mount")
            .title("Ports mate")
            .subjects("every joint but those on rods")
            .expectation("both faces are of one standard, opposite halves, and pins meet holes of their size")
            .because("a joint that does not seat carries nothing, however hard it is screwed down")
            .source("mounting standards table")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Joint joint : rig.liveJoints()) {
            Port parent = rig.port(joint.parent());
            Port child = rig.port(joint.child());
            if (isRod(parent, analysis) && isRod(child, analysis)) {
                continue;
            }
            Optional<String> whyNot = Mating.whyNot(parent, child, analysis.standards());
            if (whyNot.isEmpty()) {
                results.fine();
                continue;
            }
            String upper = rig.title(joint.parent().placement());
            String lower = rig.title(joint.child().placement());
            results.found(
                    About.of("mate", joint(joint.id())),
                    lower + " does not fit " + upper,
                    new Evidence.Statement(
                            parent.title() + " on " + child.title(),
                            analysis.standards().require(parent.standard()).title()),
                    Character.toUpperCase(whyNot.get().charAt(0)) + whyNot.get().substring(1) + ".");
        }
    }

    /** The shortest chains of adapters that join the two faces. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return AdapterFixes.of(analysis, finding.key().joint());
    }

    private static boolean isRod(Port port, RigAnalysis analysis) {
        return analysis.standards().require(port.standard()).family() == Standard.Family.ROD;
    }
}
