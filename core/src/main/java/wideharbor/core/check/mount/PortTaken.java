package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;
import static wideharbor.core.job.Subject.port;
import static wideharbor.core.job.Subject.socket;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;

/**
 * A port takes one part; a carrier takes several as long as their stretches do not overlap; a socket takes one plug.
 */
final class PortTaken implements Check {
    private static final double SLACK_MM = 0.05;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("ports.taken")
            .family("mount")
            .title("One part to a port")
            .subjects("every port, carrier and socket in use")
            .expectation("a single port holds one joint, clamps on a carrier do not overlap, a socket holds one plug")
            .because("two parts cannot be where one is; a clamp that is squeezed aside grips on an edge")
            .formula("clamps overlap when the stretches they hold share more than their ends")
            .source("geometry")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        singles(analysis.rig(), results);
        carriers(analysis.rig(), results);
        sockets(analysis, results);
    }

    private static void singles(Rig rig, Results results) {
        Map<PortRef, List<Joint>> uses = new LinkedHashMap<>();
        for (Joint joint : rig.liveJoints()) {
            for (PortRef ref : List.of(joint.parent(), joint.child())) {
                if (rig.port(ref).occupancy() instanceof Port.Occupancy.Single) {
                    uses.computeIfAbsent(ref, k -> new ArrayList<>()).add(joint);
                }
            }
        }
        uses.forEach((ref, joints) -> {
            if (joints.size() == 1) {
                results.fine();
                return;
            }
            results.found(
                    About.of("parts", port(ref)),
                    joints.size() + " parts on " + rig.port(ref).title() + " of " + rig.title(ref.placement()),
                    Evidence.Amount.atMost(joints.size(), 1, "parts"),
                    "This port holds one part.");
        });
    }

    private static void carriers(Rig rig, Results results) {
        Map<PortRef, List<Rig.HeldStretch>> held = new LinkedHashMap<>();
        for (Joint joint : rig.liveJoints()) {
            rig.held(joint)
                    .ifPresent(h -> held.computeIfAbsent(h.carrier(), k -> new ArrayList<>())
                            .add(h));
        }
        held.values().forEach(stretches -> {
            for (int i = 0; i < stretches.size(); i++) {
                for (int k = i + 1; k < stretches.size(); k++) {
                    pair(rig, stretches.get(i), stretches.get(k), results);
                }
            }
        });
    }

    private static void pair(Rig rig, Rig.HeldStretch a, Rig.HeldStretch b, Results results) {
        if (!a.span().overlaps(b.span(), SLACK_MM)) {
            results.fine();
            return;
        }
        double shared = Math.min(a.span().to(), b.span().to())
                - Math.max(a.span().from(), b.span().from());
        results.found(
                About.of("stretch", joint(a.joint().id()), joint(b.joint().id())),
                rig.title(a.clamp().placement()) + " and " + rig.title(b.clamp().placement()) + " overlap by "
                        + Words.mm(shared),
                Evidence.Amount.atMost(shared, 0, "mm"),
                "Both clamp the same stretch of " + rig.title(a.carrier().placement()) + ".");
    }

    private static void sockets(RigAnalysis analysis, Results results) {
        Map<SocketRef, Integer> plugs = new LinkedHashMap<>();
        analysis.rig().content().cables().forEach(c -> {
            plugs.merge(c.a(), 1, Integer::sum);
            plugs.merge(c.b(), 1, Integer::sum);
        });
        plugs.forEach((ref, count) -> {
            if (count == 1) {
                results.fine();
                return;
            }
            results.found(
                    About.of("plugs", socket(ref)),
                    count + " plugs in one socket of " + analysis.rig().title(ref.placement()),
                    Evidence.Amount.atMost(count, 1, "plugs"),
                    "A socket takes one plug.");
        });
    }
}
