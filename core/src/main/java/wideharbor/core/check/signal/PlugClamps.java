package wideharbor.core.check.signal;

import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.SignalFacet.Signal;
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
import wideharbor.core.edit.Placing;
import wideharbor.core.edit.Wiring;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Rig;
import wideharbor.core.signal.Box;

/** A plug that a pull breaks off is held by a clamp. */
final class PlugClamps implements Check {
    private static final int MOST_PLACES = 3;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.clamps")
            .family("signal")
            .title("Fragile plugs are clamped")
            .subjects("every socket that breaks when its plug is pulled, with a cable in it")
            .expectation("a clamp for plugs sits on the part or on what carries it, one for each such plug")
            .because("the socket of a body costs the day, and its repair the week")
            .formula("clamps counted against such plugs")
            .source("sockets by the maker; practice")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        long clamps = rig.attached().stream()
                .filter(p -> p.type().can(Capability.CLAMPS_PLUG))
                .count();
        for (Box box : analysis.signals().boxes()) {
            for (Signal signal : box.type().facets(Signal.class)) {
                SocketRef socket = new SocketRef(box.id(), signal.socket());
                if (!signal.fragile() || rig.content().cables().stream().noneMatch(c -> isIn(c, socket))) {
                    continue;
                }
                if (clamps > 0) {
                    clamps--;
                    results.fine();
                } else {
                    results.found(
                            About.of("clamp", Subject.socket(socket)),
                            "Nothing holds the plug in " + box.title() + ", "
                                    + Wiring.socket(analysis, socket).title(),
                            new Evidence.Statement("no clamp left for it", "a clamp for the plug"),
                            "A pull at this plug breaks the socket.");
                }
            }
        }
    }

    /** A clamp on the part itself or on what carries it. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        PlacementId box = finding.key().socket().placement();
        return Parts.byNearness(analysis).stream()
                .filter(t -> t.can(Capability.CLAMPS_PLUG))
                .flatMap(t -> Placing.near(analysis, box, t, MOST_PLACES).stream())
                .map(p -> new Candidate(
                        "clamp", p.type().name() + " on " + analysis.rig().title(p.on()), p.commands()))
                .toList();
    }

    private static boolean isIn(CableRun cable, SocketRef socket) {
        return cable.a().equals(socket) || cable.b().equals(socket);
    }
}
