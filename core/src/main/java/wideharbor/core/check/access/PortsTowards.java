package wideharbor.core.check.access;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** A device that can be turned round has its sockets on the side its cables come from. */
final class PortsTowards implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("access.ports-towards")
            .family("access")
            .title("Sockets face their cables")
            .subjects("every cabled part that may be put on either way round")
            .expectation("turning it by half would not shorten its cables by more than the house's figure")
            .because("short straight cables weigh less, catch less and pull less on the sockets")
            .formula("saving = Σ distance between the ends as it is − Σ as it would be")
            .source("geometry; straight lines between sockets")
            .severity(Severity.NOTE)
            .build();
    private static final double HALF_TURN = 180;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        Map<PlacementId, List<CableRun>> byPart = new LinkedHashMap<>();
        for (CableRun cable : rig.content().cables()) {
            for (PlacementId end : List.of(cable.a().placement(), cable.b().placement())) {
                if (joins(rig, cable, end)) {
                    byPart.computeIfAbsent(end, k -> new ArrayList<>()).add(cable);
                }
            }
        }
        for (Map.Entry<PlacementId, List<CableRun>> cabled : byPart.entrySet()) {
            Placed part = rig.require(cabled.getKey());
            Optional<Motion> turn = turn(rig, part.id());
            if (turn.isEmpty()) {
                continue;
            }
            double saving = saving(rig, part, turn.get(), cabled.getValue());
            double worth = analysis.rule(Rule.PORTS_TURN);
            if (saving <= worth) {
                results.fine();
            } else {
                results.found(
                        About.of("side", Subject.part(part.id())),
                        part.title() + " has its sockets on the far side",
                        Evidence.Amount.atMost(saving, worth, "mm"),
                        "Turned round, its cables would be " + Words.length(saving) + " shorter in all.");
            }
        }
    }

    /** The freedom that turns a part about the joint it hangs on, when half a turn stays in its range. */
    private static Optional<Motion> turn(Rig rig, PlacementId part) {
        Optional<Joint> joint = rig.locatedBy(part);
        return rig.motions().stream()
                .filter(m -> joint.filter(j -> m.isOf(j.id())).isPresent())
                .filter(m -> m.key().placement().equals(part) && !m.alongCarrier())
                .filter(m -> m.freedom() instanceof Freedom.Rotate r && r.axis() == Freedom.Axis.N)
                .filter(m -> m.range().holds(turned(m.value()), 0.01))
                .findFirst();
    }

    private static double turned(double value) {
        return value > 0 ? value - HALF_TURN : value + HALF_TURN;
    }

    private static boolean joins(Rig rig, CableRun cable, PlacementId part) {
        boolean here =
                cable.a().placement().equals(part) != cable.b().placement().equals(part);
        return here
                && rig.find(cable.a().placement()).isPresent()
                && rig.find(cable.b().placement()).isPresent();
    }

    private static double saving(Rig rig, Placed part, Motion turn, List<CableRun> cables) {
        Pose port = part.portPose(turn.key().port());
        Pose about = Pose.translation(port.at())
                .then(Pose.rotation(port.n(), HALF_TURN))
                .then(Pose.translation(port.at().negated()));
        double saved = 0;
        for (CableRun cable : cables) {
            boolean first = cable.a().placement().equals(part.id());
            Vec3 here = at(rig, first ? cable.a() : cable.b());
            Vec3 there = at(rig, first ? cable.b() : cable.a());
            saved += here.minus(there).length() - about.apply(here).minus(there).length();
        }
        return saved;
    }

    private static Vec3 at(Rig rig, SocketRef socket) {
        return rig.require(socket.placement()).socketAt(socket.socket());
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        PlacementId part = finding.key().part();
        return turn(analysis.rig(), part).stream()
                .map(m -> new Candidate(
                        "turn",
                        "Turn " + analysis.rig().title(part) + " round",
                        List.of(new Scoped(
                                analysis.scopeOf(m.key()), new Command.Set(m.key(), turned(m.value()), false)))))
                .toList();
    }
}
