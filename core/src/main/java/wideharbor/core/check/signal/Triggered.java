package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.socket;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet.Carried;
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
import wideharbor.core.edit.Wiring;

/** A run button that somebody fitted is plugged. */
final class Triggered implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.trigger")
            .family("signal")
            .title("Run buttons are plugged")
            .subjects("every part with a run trigger")
            .expectation("its cable leads to a body")
            .because("a button that does nothing is pressed at the moment of the take")
            .formula("the button's output looked at")
            .source("sockets on file")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (SocketRef button : analysis.signals().outputs(Carried.TRIGGER)) {
            if (Wiring.isTaken(analysis, button)) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("trigger", socket(button)),
                    "The run button of " + analysis.rig().title(button.placement()) + " is plugged nowhere",
                    new Evidence.Statement("not plugged", "a cable to a body"),
                    "Start and stop by it do nothing.");
        }
    }

    /** Into a body's trigger input that nothing is in yet. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        for (SocketRef input : analysis.signals().inputs(Carried.TRIGGER)) {
            if (!Wiring.isTaken(analysis, input)) {
                all.addAll(Laying.to(analysis, input, Carried.TRIGGER));
            }
        }
        return all;
    }
}
