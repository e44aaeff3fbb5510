package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.socket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
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
import wideharbor.core.edit.Wiring;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** A plug with its first bend has room in front of its socket. */
final class PlugRoom implements Check {
    private static final double HALF_WIDTH = 7;
    private static final double START = 1;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("access.plug-room")
            .family("access")
            .title("Room for the plugs")
            .subjects("every plugged socket whose way out is on file")
            .expectation("nothing stands in front of the socket for the length of the plug")
            .because("a plug that is bent at its boot breaks inside, and fails when it is touched")
            .formula("straight plug and right-angle plug by house rule")
            .source("geometry; lengths by house rule")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (CableRun cable : analysis.rig().content().cables()) {
            Optional<PowerFacet.Cable> wire =
                    analysis.catalogue().require(cable.type()).facet(PowerFacet.Cable.class);
            if (wire.isPresent()) {
                judge(cable, cable.a(), wire.get(), results);
                judge(cable, cable.b(), wire.get(), results);
            }
        }
    }

    private static void judge(CableRun cable, SocketRef ref, PowerFacet.Cable wire, Results results) {
        RigAnalysis analysis = results.analysis();
        Optional<Placed> placed = analysis.rig().find(ref.placement());
        Optional<Socket> socket = placed.flatMap(p -> p.type().socket(ref.socket()));
        Optional<Vec3> way = socket.flatMap(Socket::normal);
        if (way.isEmpty()) {
            return;
        }
        PowerFacet.CableEnd end = end(socket.get(), wire);
        double length = analysis.rule(end.rightAngle() ? Rule.PLUG_RIGHT_ANGLE : Rule.PLUG_STRAIGHT);
        List<PlacementId> inTheWay = analysis.clearances()
                .standIn(room(placed.get(), socket.get(), way.get(), length), Set.of(ref.placement()), 1);
        if (inTheWay.isEmpty()) {
            results.fine();
            return;
        }
        String names = inTheWay.stream()
                .map(analysis.rig()::title)
                .reduce((a, b) -> a + ", " + b)
                .orElseThrow();
        results.found(
                About.of("plug", Subject.cable(cable.id()), socket(ref)),
                names + " stands where the plug at " + socket.get().title() + " goes",
                new Evidence.Statement(
                        names + " within " + Words.length(length),
                        Words.length(length) + " for a " + (end.rightAngle() ? "right-angle" : "straight") + " plug"),
                socket.get().title() + " of " + placed.get().title() + ": the plug would be bent at its boot.");
    }

    private static PowerFacet.CableEnd end(Socket socket, PowerFacet.Cable wire) {
        return wire.a().connector().equals(socket.connector()) ? wire.a() : wire.b();
    }

    private static Solid room(Placed placed, Socket socket, Vec3 way, double length) {
        Vec3 at = placed.pose().apply(socket.at());
        Vec3 out = placed.pose().turn(way.unit());
        Vec3 from = at.plus(out.times(START));
        Vec3 to = at.plus(out.times(length));
        Vec3 wide = new Vec3(
                HALF_WIDTH * (1 - Math.abs(out.x())),
                HALF_WIDTH * (1 - Math.abs(out.y())),
                HALF_WIDTH * (1 - Math.abs(out.z())));
        return Solid.box(
                new Vec3(
                        Math.min(from.x(), to.x()) - wide.x() - 0.01,
                        Math.min(from.y(), to.y()) - wide.y() - 0.01,
                        Math.min(from.z(), to.z()) - wide.z() - 0.01),
                new Vec3(
                        Math.max(from.x(), to.x()) + wide.x() + 0.01,
                        Math.max(from.y(), to.y()) + wide.y() + 0.01,
                        Math.max(from.z(), to.z()) + wide.z() + 0.01));
    }

    /** The same cable with right-angle plugs. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        CableRun cable = analysis.rig().content().cable(finding.key().cable()).orElseThrow();
        PowerFacet.Cable now = analysis.catalogue()
                .require(cable.type())
                .facet(PowerFacet.Cable.class)
                .orElseThrow();
        List<Candidate> all = new ArrayList<>();
        for (ItemType other : Parts.byNearness(analysis)) {
            Optional<PowerFacet.Cable> wire = other.facet(PowerFacet.Cable.class);
            if (wire.isPresent() && isSameWithAngle(now, wire.get())) {
                all.add(Wiring.exchange(analysis, cable, other));
            }
        }
        return all;
    }

    private static boolean isSameWithAngle(PowerFacet.Cable now, PowerFacet.Cable other) {
        return (other.a().rightAngle() || other.b().rightAngle())
                && same(now.a(), other.a())
                && same(now.b(), other.b())
                && other.lengthMm() >= now.lengthMm() - 0.5;
    }

    private static boolean same(PowerFacet.CableEnd a, PowerFacet.CableEnd b) {
        return a.connector().equals(b.connector()) && a.pinOut().equals(b.pinOut());
    }
}
