package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.named;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.RiggingFacet;
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
import wideharbor.core.tool.ToolList;

/** For every screw of the rig the package holds a key that drives it, by the screw's own list. */
final class ToolsPacked implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("tools.packed")
            .family("mount")
            .title("A key for every screw")
            .subjects("every screw of the rig that needs a tool")
            .expectation("one of the keys on the screw's list is in the package")
            .because("a near size rounds the head: 5/32 in is 3.97 mm, 4 mm is 4.00")
            .source("keys by the makers; sizes are never rounded")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (ToolList.Fastener fastener : ToolList.of(analysis.rig(), analysis.kit())) {
            if (!fastener.held().isEmpty()) {
                results.fine();
                continue;
            }
            String keys = String.join(" or ", fastener.keys());
            String near = fastener.near().isEmpty()
                    ? "It is needed at " + fastener.where().get(0) + "."
                    : "Packed is " + String.join(", ", fastener.near())
                            + ", which is near but not on this screw's list.";
            results.found(
                    About.of("key", named(fastener.id())),
                    "No " + keys + " packed for " + fastener.count() + (fastener.count() == 1 ? " screw " : " screws ")
                            + fastener.thread(),
                    new Evidence.Statement(
                            fastener.near().isEmpty() ? "no key" : String.join(", ", fastener.near()), keys),
                    near);
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        for (ToolList.Fastener fastener : ToolList.of(analysis.rig(), analysis.kit())) {
            if (!fastener.id().equals(finding.key().name())) {
                continue;
            }
            for (ItemType type : Parts.byNearness(analysis)) {
                boolean drives = type.facets(RiggingFacet.Tool.class).stream()
                        .anyMatch(t -> t.keys().stream().anyMatch(fastener.keys()::contains));
                if (drives) {
                    all.add(new Candidate(
                            "tool", "Pack " + type.name(), List.of(Scoped.kit(new Command.AddKit(type.ref(), 1)))));
                }
            }
        }
        return all;
    }
}
