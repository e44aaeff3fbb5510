package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.cable;

import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.rig.Placed;

/** The bay for a small battery holds no cable: there it takes away the change while on. */
final class InnerBayFree implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.inner-bay")
            .family("power")
            .title("The inner battery bay holds no cable")
            .subjects("every part with a bay for a battery of its own")
            .expectation("no cable is stowed in it")
            .because("a cable where the battery belongs means that everything goes off for every change, and a "
                    + "bent cable is pinched by the door")
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
        for (Placed part : analysis.rig().attached()) {
            if (part.type().facet(PowerFacet.InnerBay.class).isEmpty()) {
                continue;
            }
            List<CableRun> stowed = KeepsOn.stowedIn(analysis.rig(), part);
            if (stowed.isEmpty()) {
                results.fine();
                continue;
            }
            boolean both = KeepsOn.innerBattery(analysis.rig(), part).isPresent();
            for (CableRun cable : stowed) {
                String name = analysis.catalogue().require(cable.type()).name();
                results.found(
                        both ? Severity.STOP : Severity.CAUTION,
                        About.of("bay", Subject.part(part.id()), cable(cable.id())),
                        name + " lies in the battery bay of " + part.title(),
                        new Evidence.Statement(
                                both ? "a battery and a cable in one bay" : "a cable in the bay",
                                "the bay free for its battery"),
                        both
                                ? "They do not go in together: the door pinches the cable, or the battery makes "
                                        + "no contact."
                                : "Without the small battery everything goes off whenever the large one is changed.");
            }
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        CableRun cable = analysis.rig().content().cable(finding.key().cable()).orElseThrow();
        return List.of(new Candidate(
                "stow",
                "Lay it outside the bay",
                List.of(new Scoped(
                        analysis.scopeOfCable(cable.id()),
                        new Command.Lay(
                                cable.id(), new CableRun.Laid(cable.laid().along(), PlacementId.NONE))))));
    }
}
