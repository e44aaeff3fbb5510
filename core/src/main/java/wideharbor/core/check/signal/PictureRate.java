package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.socket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.PictureOut;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Wiring;
import wideharbor.core.id.CableId;
import wideharbor.core.signal.Hop;
import wideharbor.core.signal.Route;
import wideharbor.core.signal.SignalGraph;

/** No link of a picture's way carries less than the picture needs. */
final class PictureRate implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.rate")
            .family("signal")
            .title("Links carry the picture")
            .subjects("every way of a picture on the rig")
            .expectation("each socket on the way carries at least the rate that is sent")
            .because("an input that is too slow shows nothing, or sparkles when the cable is long")
            .formula("least of the sockets' rates on the way against the rate sent")
            .source("rates by the makers")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        SignalGraph graph = analysis.signals();
        for (SocketRef input : graph.inputs(Carried.PICTURE)) {
            Optional<Route> route = graph.to(input);
            Optional<Double> sent = route.flatMap(r -> r.sent(graph));
            Optional<Route.Narrow> narrow = route.flatMap(r -> r.narrowest(graph));
            if (sent.isEmpty() || narrow.isEmpty()) {
                continue;
            }
            if (narrow.get().gigabits() >= sent.get()) {
                results.fine();
                continue;
            }
            SocketRef at = narrow.get().at();
            results.found(
                    About.of("rate", socket(input)),
                    analysis.rig().title(at.placement()) + " is too slow for the picture",
                    Evidence.Amount.atLeast(narrow.get().gigabits(), sent.get(), "Gbit/s"),
                    "The way from "
                            + Wiring.socket(analysis, route.get().from()).title()
                            + " is as fast as its slowest link, "
                            + Wiring.socket(analysis, at).title() + ".");
        }
    }

    /** Another output of the body that sends less, free or not yet taken. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        SocketRef input = finding.key().socket();
        SignalGraph graph = analysis.signals();
        Optional<Route> route = graph.to(input);
        Optional<Hop> first = route.flatMap(
                r -> r.hops().stream().filter(h -> h.kind() == Hop.Kind.CABLE).findFirst());
        if (first.isEmpty() || !first.get().from().equals(route.get().from())) {
            return List.of();
        }
        SocketRef from = route.get().from();
        CableRun cable =
                analysis.rig().content().cable(new CableId(first.get().by())).orElseThrow();
        List<Candidate> all = new ArrayList<>();
        for (PictureOut out : analysis.rig().require(from.placement()).type().facets(PictureOut.class)) {
            SocketRef other = new SocketRef(from.placement(), out.socket());
            boolean alike = Wiring.socket(analysis, other)
                    .connector()
                    .equals(Wiring.socket(analysis, from).connector());
            if (!other.equals(from) && alike && !Wiring.isTaken(analysis, other)) {
                all.add(new Candidate(
                        "output",
                        "From " + Wiring.socket(analysis, other).title() + " instead",
                        List.of(
                                new Scoped(analysis.scopeOf(input.placement()), new Command.Disconnect(cable.id())),
                                new Scoped(
                                        analysis.scopeOf(input.placement()),
                                        new Command.Connect(new CableRun(
                                                new CableId(cable.id() + "-b"),
                                                cable.type(),
                                                other,
                                                first.get().to()))))));
            }
        }
        return all;
    }
}
