package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;

/** Nothing hangs on a battery: it would have to move to the next one at every change. */
final class StuckToBattery implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.stuck")
            .family("power")
            .title("Nothing hangs on a battery")
            .subjects("every battery on the rig")
            .expectation("no other part is joined to it")
            .because("what is stuck to a battery goes with it, and comes off at every change of the day")
            .source("practice")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed battery : analysis.rig().attached()) {
            if (battery.type().facet(PowerFacet.Battery.class).isEmpty()) {
                continue;
            }
            List<PlacementId> stuck = analysis.rig().carriedBy(battery.id()).stream()
                    .map(j -> j.child().placement())
                    .filter(id -> analysis.rig().find(id).isPresent())
                    .toList();
            if (stuck.isEmpty()) {
                results.fine();
                continue;
            }
            String names = stuck.stream().map(analysis.rig()::title).collect(Collectors.joining(", "));
            results.found(
                    About.of("stuck", part(battery.id())),
                    names + " is stuck to " + battery.title(),
                    new Evidence.Statement(names + " on it", "nothing on it"),
                    "It moves to the next battery at every change: give every battery the same fixing, or find "
                            + "it another place.");
        }
    }
}
