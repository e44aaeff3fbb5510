package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.geometry.Pose;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** A clamp on a rail that hangs or points down cannot slide off when its lever is knocked. */
final class RailSafety implements Check {
    /** A rail leans when its direction rises or falls more than this share of its length (about 14°). */
    private static final double LEANS = 0.25;

    private static final double HANGS = -0.5;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rails.stop")
            .family("mount")
            .title("Rails that hang have a stop")
            .subjects("every clamp on a rail that hangs or points down")
            .expectation("a safety pin or end stop keeps the clamp when it is loose")
            .because("the lever is at elbow height: what slides off a hanging rail falls")
            .source("practice of the trade")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Joint joint : rig.locatingJoints()) {
            Port on = rig.port(joint.parent());
            Standard standard = analysis.standards().require(on.standard());
            if (standard.family() != Standard.Family.RAIL) {
                continue;
            }
            Port own = rig.port(joint.child());
            Pose face = rig.require(joint.parent().placement())
                    .portPose(joint.parent().port());
            boolean hangs = face.n().dot(rig.world().up()) < HANGS;
            boolean leans = Math.abs(face.u().dot(rig.world().up())) > LEANS;
            if (!hangs && !leans || on.working().secured() || own.working().secured()) {
                results.fine();
                continue;
            }
            String part = rig.title(joint.child().placement());
            results.found(
                    About.of("stop", joint(joint.id())),
                    part + (hangs ? " hangs on a rail without a stop" : " can slide off a rail that points down"),
                    new Evidence.Statement("no safety pin or end stop", "a pin, a stop, or a clamp that has one"),
                    "Only the lever holds it on " + rig.title(joint.parent().placement())
                            + "; secure it again before it goes over people.");
        }
    }

    /** A part of the same category with the same ports whose clamp has a stop. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Joint joint = analysis.rig().content().joint(finding.key().joint()).orElseThrow();
        List<Candidate> all = new ArrayList<>();
        for (var ref : List.of(joint.child(), joint.parent())) {
            ItemType now = analysis.rig().require(ref.placement()).type();
            for (ItemType other : Parts.byNearness(analysis)) {
                boolean secured = other.category() == now.category()
                        && other.port(ref.port())
                                .filter(p -> p.working().secured())
                                .isPresent();
                if (secured) {
                    all.add(new Candidate(
                            "stop",
                            other.name() + " in place of " + now.name(),
                            Parts.swap(analysis, ref.placement(), other)));
                }
            }
        }
        return all;
    }
}
