package wideharbor.core.check.power;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
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
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;

/** A cable is right only when at both ends connector and pin-out agree with the socket. */
final class PlugsFit implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("cables.plugs")
            .family("power")
            .title("Cables are the right ones")
            .subjects("both ends of every cable")
            .expectation(
                    "connector and pin-out agree with the socket at each end, an output meets an input, of one kind")
            .because("near twins share a plug and differ in wiring: the wrong one feeds the wrong pin")
            .source("cable's and device's pin-out on file")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (CableRun cable : analysis.rig().content().cables()) {
            Optional<Ends> ends = Ends.of(analysis, cable);
            Optional<PowerFacet.Cable> wire =
                    analysis.catalogue().require(cable.type()).facet(PowerFacet.Cable.class);
            if (ends.isEmpty() || wire.isEmpty()) {
                continue;
            }
            String why = ends.get().whyNot(wire.get());
            if (why.isEmpty()) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("plugs", Subject.cable(cable.id())),
                    analysis.catalogue().require(cable.type()).name() + " is the wrong cable here",
                    new Evidence.Statement(
                            wire.get().a().connector() + " " + wire.get().a().pinOut() + " to "
                                    + wire.get().b().connector() + " "
                                    + wire.get().b().pinOut(),
                            ends.get().describe()),
                    why);
        }
    }

    /** Another cable of the right ends, from the kit first, no shorter than the one it replaces. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        CableRun cable = analysis.rig().content().cable(finding.key().cable()).orElseThrow();
        Ends ends = Ends.of(analysis, cable).orElseThrow();
        double length = analysis.catalogue()
                .require(cable.type())
                .facet(PowerFacet.Cable.class)
                .orElseThrow()
                .lengthMm();
        List<Candidate> all = new ArrayList<>();
        Parts.byNearness(analysis).stream()
                .filter(t -> t.facet(PowerFacet.Cable.class)
                        .filter(w -> ends.whyNot(w).isEmpty() && w.lengthMm() >= length - 0.5)
                        .isPresent())
                .sorted(Comparator.comparing((ItemType t) -> analysis.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(t ->
                                t.facet(PowerFacet.Cable.class).orElseThrow().lengthMm()))
                .forEach(t -> all.add(Wiring.exchange(analysis, cable, t)));
        return all;
    }

    /** The two sockets a cable runs between. */
    record Ends(Socket a, Socket b, String titleA, String titleB) {

        static Optional<Ends> of(RigAnalysis analysis, CableRun cable) {
            Optional<Placed> a = analysis.rig().find(cable.a().placement());
            Optional<Placed> b = analysis.rig().find(cable.b().placement());
            if (a.isEmpty() || b.isEmpty()) {
                return Optional.empty();
            }
            return Optional.of(new Ends(
                    socket(a.get(), cable.a()),
                    socket(b.get(), cable.b()),
                    a.get().title(),
                    b.get().title()));
        }

        private static Socket socket(Placed placed, SocketRef ref) {
            return placed.type().socket(ref.socket()).orElseThrow();
        }

        String describe() {
            return a.connector() + " " + a.pinOut() + " to " + b.connector() + " " + b.pinOut();
        }

        /** Empty when the cable is right one way round or the other. */
        String whyNot(PowerFacet.Cable wire) {
            if (a.kind() != b.kind() || wire.carries() != a.kind()) {
                return "The sockets carry " + word(a.kind()) + " and " + word(b.kind()) + ", the cable "
                        + word(wire.carries()) + ".";
            }
            if (a.direction() == b.direction()) {
                return "Both sockets are " + (a.direction() == Socket.Direction.OUT ? "outputs." : "inputs.");
            }
            String straight = fit(wire.a(), a, titleA) + fit(wire.b(), b, titleB);
            String turned = fit(wire.b(), a, titleA) + fit(wire.a(), b, titleB);
            if (straight.isEmpty() || turned.isEmpty()) {
                return "";
            }
            return (straight.length() <= turned.length() ? straight : turned).trim();
        }

        private static String word(Socket.Kind kind) {
            return kind.name().toLowerCase(java.util.Locale.ROOT);
        }

        private static String fit(PowerFacet.CableEnd end, Socket socket, String title) {
            if (!end.connector().equals(socket.connector())) {
                return "Plug " + end.connector() + " does not go into " + socket.connector() + " on " + title + ". ";
            }
            if (!end.pinOut().equals(socket.pinOut())) {
                return "The plug fits " + title + ", but is wired " + end.pinOut() + " where the socket is "
                        + socket.pinOut() + ". ";
            }
            return "";
        }
    }
}
