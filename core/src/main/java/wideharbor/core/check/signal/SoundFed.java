package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.socket;
import static wideharbor.core.job.Subject.whole;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
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
import wideharbor.core.signal.SignalGraph;
import wideharbor.core.signal.SoundPlan;

/** Every microphone goes into an input with channels and power enough for it. */
final class SoundFed implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.sound")
            .family("signal")
            .title("Sound arrives")
            .subjects("every microphone and every sound input on the rig")
            .expectation("each microphone reaches an input that has channels for it, and gets power on the line when "
                    + "it needs it")
            .because("a silent track is found out in the cutting room")
            .formula("channels of the source against those of the input; power on the line against the need")
            .source("makers' figures; who has the sound by the brief")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        SignalGraph graph = analysis.signals();
        // Where the camera keeps the sound, what is lost here is lost.
        boolean ours = analysis.job().brief().asks().shoot().sound() == Shoot.Sound.CAMERA;
        Severity weight = ours ? Severity.STOP : Severity.CAUTION;
        SoundPlan plan = SoundPlan.of(graph, analysis.rig().content());
        plan.lines().forEach(line -> line(line, ours, weight, results));
        scratch(analysis, plan, results);
        plan.sinks().stream().filter(SoundPlan.Sink::isFull).forEach(sink -> full(analysis, sink, weight, results));
    }

    private static void line(SoundPlan.Line line, boolean ours, Severity weight, Results results) {
        RigAnalysis analysis = results.analysis();
        String title = analysis.rig().title(line.source().placement());
        if (line.into().isEmpty()) {
            results.found(
                    weight,
                    About.of("into", socket(line.source())),
                    title + " goes nowhere",
                    new Evidence.Statement("not plugged", "an input"),
                    ours ? "The camera keeps the sound of this job." : "It hears, and nobody records it.");
        } else if (!line.powered()) {
            results.found(
                    weight,
                    About.of("power", socket(line.source())),
                    title + " gets no power on the line",
                    new Evidence.Statement(
                            Wiring.socket(analysis, line.into().get()).title() + " gives none",
                            "power on the line, or cells of its own"),
                    "A condenser without it is silent.");
        } else {
            results.fine();
        }
    }

    private static void scratch(RigAnalysis analysis, SoundPlan plan, Results results) {
        boolean apart = analysis.job().brief().asks().shoot().sound() == Shoot.Sound.SEPARATE;
        if (apart
                && plan.lines().isEmpty()
                && !plan.sinks().isEmpty()
                && plan.sinks().stream().allMatch(s -> s.channelsIn() == 0)) {
            results.found(
                    Severity.NOTE,
                    About.of("scratch", whole()),
                    "Nothing but the body’s own microphone for scratch sound",
                    new Evidence.Statement("nothing in its sound inputs", "a scratch track, however poor"),
                    "Kept apart, the sound is found again by what the camera heard; see that its own microphone "
                            + "is on.");
        }
    }

    private static void full(RigAnalysis analysis, SoundPlan.Sink sink, Severity weight, Results results) {
        results.found(
                weight,
                About.of("channels", socket(sink.input())),
                analysis.rig().title(sink.input().placement()) + " has too few channels",
                Evidence.Amount.atLeast(sink.takes().channels(), sink.channelsIn(), "channels"),
                sink.safetyDb() > 0
                        ? "The safety track takes as many again; what comes in beyond them is not kept."
                        : "What comes in beyond them is not kept.");
    }

    /** An input that nothing is in yet. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        if (!finding.key().is("into")) {
            return List.of();
        }
        List<Candidate> all = new ArrayList<>();
        for (SocketRef input : analysis.signals().inputs(Carried.SOUND)) {
            if (!Wiring.isTaken(analysis, input)) {
                all.addAll(Laying.to(analysis, input, Carried.SOUND));
            }
        }
        return all;
    }
}
