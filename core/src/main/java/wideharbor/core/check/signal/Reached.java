package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.socket;

import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
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
import wideharbor.core.edit.Laying;
import wideharbor.core.signal.Box;
import wideharbor.core.signal.SignalGraph;

/** Every input of one kind of signal is reached; where none is, the finding names the socket at which the way ends. */
final class Reached implements Check {
    private final CheckCard card;
    private final Set<Carried> carried;

    private Reached(CheckCard card, Set<Carried> carried) {
        this.card = card;
        this.carried = carried;
    }

    /** Displays and transmitters get a picture. */
    public static Reached pictures() {
        return new Reached(
                begun().id("signal.displays")
                        .title("A picture at every display")
                        .subjects("every display and transmitter on the rig")
                        .expectation("a picture reaches one of its inputs")
                        .because("a dark screen is found out when the first slate is up")
                        .severity(Severity.STOP)
                        .build(),
                Set.of(Carried.PICTURE, Carried.FINDER));
    }

    /** Motors are driven. */
    public static Reached drives() {
        return new Reached(
                begun().id("signal.lens")
                        .title("Lens motors are driven")
                        .subjects("every input for lens control")
                        .expectation("a control reaches it")
                        .because("a motor without its control is weight at the lens")
                        .severity(Severity.CAUTION)
                        .build(),
                Set.of(Carried.LENS));
    }

    /** What is steered over the network is on it. */
    public static Reached networks() {
        return new Reached(
                begun().id("signal.network")
                        .title("On the network")
                        .subjects("every part that takes commands over the network")
                        .expectation("a way leads to it from a part that gives them")
                        .because("a panel that steers nothing is found out when the light changes")
                        .severity(Severity.CAUTION)
                        .build(),
                Set.of(Carried.NETWORK));
    }

    /** What the cards of all three share. */
    private static CheckCardBuilder begun() {
        return CheckCardBuilder.builder()
                .family("signal")
                .formula("the way walked back from the input")
                .source("sockets on file")
                .basis(Basis.WIRING);
    }

    @Override
    public CheckCard card() {
        return card;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        SignalGraph graph = analysis.signals();
        for (Box box : graph.boxes()) {
            List<SocketRef> inputs = carried.stream()
                    .sorted()
                    .flatMap(c -> graph.inputs(c).stream())
                    .filter(s -> s.placement().equals(box.id()))
                    .toList();
            if (inputs.isEmpty() || box.type().category() == Category.BODY || isLoopOnly(box)) {
                continue;
            }
            if (inputs.stream().anyMatch(s -> graph.to(s).isPresent())) {
                results.fine();
                continue;
            }
            SocketRef at = graph.brokenAt(inputs.get(0));
            Socket end = graph.box(at.placement())
                    .orElseThrow()
                    .type()
                    .socket(at.socket())
                    .orElseThrow();
            String what = graph.carried(inputs.get(0)).orElseThrow().inWords();
            results.found(
                    About.of("reached", socket(inputs.get(0))),
                    "No " + what + " reaches " + box.title(),
                    new Evidence.Statement(
                            "nothing leads to " + analysis.rig().title(at.placement()) + ", " + end.title(),
                            "a way from where it begins"),
                    card.because().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                            + card.because().substring(1) + ".");
        }
    }

    /** A box that only passes on what it gets may stand by unused. */
    private static boolean isLoopOnly(Box box) {
        return !box.type().facets(SignalFacet.Passage.class).isEmpty()
                && box.type().facet(SignalFacet.Display.class).isEmpty();
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        SocketRef input = finding.key().socket();
        return analysis.signals()
                .carried(input)
                .map(c -> Laying.to(analysis, input, c))
                .orElse(List.of());
    }
}
