package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.PartEdits;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Detached;

/** Parts and cables that hang on nothing, followed along the chain to what was taken off. */
final class HeldByNothing implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("parts.held")
            .family("mount")
            .title("Every part is held")
            .subjects("every part and cable of the build")
            .expectation("a chain of joints leads from each part to the body; each cable has both its ends")
            .because("what was taken off may have carried more than itself: rods, and all that rides on them")
            .source("practice of the trade")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        analysis.rig().attached().forEach(p -> results.fine());
        for (Detached loose : analysis.rig().detached()) {
            results.found(
                    About.of("held", part(loose.placement())),
                    loose.title() + " is held by nothing",
                    new Evidence.Statement("no joint to the body", "a joint"),
                    why(loose, analysis));
        }
        for (CableRun cable : analysis.rig().content().cables()) {
            dangling(cable, analysis, results);
        }
    }

    private static String why(Detached loose, RigAnalysis analysis) {
        if (loose.since().isNone()) {
            return "It was never joined to anything.";
        }
        String chain = loose.chain().stream().skip(1).map(analysis.rig()::title).collect(Collectors.joining(", "));
        String since = "Held by nothing since " + analysis.rig().title(loose.since()) + " was taken off";
        return chain.isEmpty() ? since + "." : since + "; it hung there by way of " + chain + ".";
    }

    private static void dangling(CableRun cable, RigAnalysis analysis, Results results) {
        boolean a = analysis.rig().find(cable.a().placement()).isPresent();
        boolean b = analysis.rig().find(cable.b().placement()).isPresent();
        if (a && b) {
            results.fine();
            return;
        }
        String missing =
                analysis.rig().title(a ? cable.b().placement() : cable.a().placement());
        results.found(
                Severity.CAUTION,
                About.of("dangles", Subject.cable(cable.id())),
                analysis.catalogue().require(cable.type()).name() + " dangles",
                new Evidence.Statement("one end free", "both ends plugged"),
                "The end that went to " + missing + " has nowhere to go.");
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<PlacementId> parts = finding.key().parts();
        return analysis.rig().detached().stream()
                .filter(d -> parts.contains(d.placement()) && !d.since().isNone())
                .map(d -> new Candidate(
                        "restore",
                        "Put " + analysis.rig().title(d.since()) + " back",
                        PartEdits.restore(analysis, d.since())))
                .toList();
    }
}
