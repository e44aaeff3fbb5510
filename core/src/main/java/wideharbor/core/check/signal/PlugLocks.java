package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.cable;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet.Radio;
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
import wideharbor.core.rig.Placed;

/** What others depend on is not fed by a plug that falls out. */
final class PlugLocks implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("cables.locks")
            .family("signal")
            .title("Feeds that others depend on lock")
            .subjects("every power cable of a body or a transmitter")
            .expectation("its plugs lock at both ends")
            .because("a plug that is brushed out takes the take, or everybody's picture, with it")
            .source("plugs on file; practice")
            .severity(Severity.NOTE)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (CableRun cable : analysis.rig().content().cables()) {
            Optional<PowerFacet.Cable> wire =
                    analysis.catalogue().require(cable.type()).facet(PowerFacet.Cable.class);
            Optional<Placed> fed = depended(analysis, cable);
            if (wire.isEmpty() || wire.get().carries() != Socket.Kind.POWER || fed.isEmpty()) {
                continue;
            }
            if (locks(wire.get())) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("locks", cable(cable.id())),
                    "The feed of " + fed.get().title() + " does not lock",
                    new Evidence.Statement(
                            wire.get().a().connector() + " to " + wire.get().b().connector() + ", not locking",
                            "plugs that lock"),
                    "Tie it down at both ends, or use one that locks.");
        }
    }

    /** The body or the transmitter at one of its ends, taking power there. */
    private static Optional<Placed> depended(RigAnalysis analysis, CableRun cable) {
        return List.of(cable.a(), cable.b()).stream()
                .flatMap(end -> analysis.rig().find(end.placement()).stream()
                        .filter(p -> p.type().facets(PowerFacet.PowerInput.class).stream()
                                .anyMatch(i -> i.socket().equals(end.socket()))))
                .filter(p -> p.type().category() == Category.BODY
                        || p.type().facets(Radio.class).stream().anyMatch(Radio::sends))
                .findFirst();
    }

    private static boolean locks(PowerFacet.Cable wire) {
        return wire.a().locking() && wire.b().locking();
    }

    /** One that locks, between the same sockets and no shorter. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        CableRun cable = analysis.rig().content().cable(finding.key().cable()).orElseThrow();
        double length = analysis.catalogue()
                .require(cable.type())
                .facet(PowerFacet.Cable.class)
                .orElseThrow()
                .lengthMm();
        Socket a = Wiring.socket(analysis, cable.a());
        Socket b = Wiring.socket(analysis, cable.b());
        List<Candidate> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            boolean better = type.facet(PowerFacet.Cable.class)
                    .filter(w -> locks(w) && w.joins(a, b) && w.lengthMm() >= length - 0.5)
                    .isPresent();
            if (better) {
                all.add(Wiring.exchange(analysis, cable, type));
            }
        }
        return all;
    }
}
