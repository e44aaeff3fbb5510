package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.socket;

import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Capability;
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
import wideharbor.core.signal.SignalGraph;

/** When recorders of several departments must agree, the body gets its time from a box that keeps it. */
final class TimeFed implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.time")
            .family("signal")
            .title("The body gets the time")
            .subjects("every time input on the rig, when the brief wants one time for all")
            .expectation("a box that keeps time feeds it")
            .because("picture and sound that share no clock are married by hand, take by take")
            .formula("the way walked from the timecode box")
            .source("the brief")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (!analysis.job().brief().asks().shoot().timecode()) {
            return;
        }
        SignalGraph graph = analysis.signals();
        for (SocketRef input : graph.inputs(Carried.TIME)) {
            boolean fed = graph.to(input)
                    .flatMap(r -> graph.box(r.from().placement()))
                    .filter(b -> b.type().can(Capability.KEEPS_TIME))
                    .isPresent();
            if (fed) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("time", socket(input)),
                    analysis.rig().title(input.placement()) + " gets no time",
                    new Evidence.Statement("nothing plugged that keeps time", "a timecode box"),
                    "The brief wants one time for all recorders.");
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return Laying.to(analysis, finding.key().socket(), Carried.TIME);
    }
}
