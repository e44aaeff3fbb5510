package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.socket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.InputVolts;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Wiring;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** Every powered part gets a voltage inside its range, from full down to the end of the usable charge. */
final class VoltageWindow implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.volts")
            .family("power")
            .title("Volts inside each device's window")
            .subjects("every power input")
            .expectation("it is fed, and its volts stay in the window from full to the end of the usable charge")
            .because("a device shuts off when the battery sags, first the one on the long thin cable")
            .formula("V = (V_s + √(V_s² − 4·P·R)) / 2 behind the battery's own R and behind R = 2·length·Ω/m "
                    + "of each cable, "
                    + "all at peak at the end of the charge")
            .source("Ohm's law for a load of constant power; windows by the makers")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        InputVolts.of(analysis).forEach(at -> judge(analysis, at, results));
    }

    private static void judge(RigAnalysis analysis, InputVolts at, Results results) {
        switch (at.how()) {
            case ITSELF -> results.fine();
            case FED -> fed(analysis, at, at.volts().orElseThrow(), results);
            case NO_CABLE ->
                results.found(
                        About.of("feed", socket(at.ref())),
                        at.device().title() + " has no power",
                        new Evidence.Statement(
                                touches(at) ? "nothing on its contacts" : "no cable",
                                "a feed of " + window(at.input())),
                        touches(at)
                                ? "Nothing that gives power is joined to the face that its contacts are in."
                                : "No power cable reaches it.");
            case NO_BATTERY ->
                results.found(
                        About.of("source", socket(at.ref())),
                        at.device().title() + " has no battery behind it",
                        new Evidence.Statement(
                                "a feed that ends at "
                                        + at.outlet().orElseThrow().placed().title(),
                                "a battery"),
                        "The feed leads to no battery.");
            case UNKNOWN_DRAW ->
                results.notChecked(
                        About.of("draw", socket(at.ref())),
                        "no draw on file for "
                                + String.join(
                                        ", ",
                                        analysis.feeds()
                                                .loadOn(at.outlet().orElseThrow())
                                                .unknown()));
        }
    }

    private static void fed(RigAnalysis analysis, InputVolts at, Judgement volts, Results results) {
        List<String> guessed = new ArrayList<>();
        Optional<String> battery = analysis.feeds().estimatedInside(at.outlet().orElseThrow());
        battery.ifPresent(guessed::add);
        guessed.addAll(analysis.feeds().estimatedDropouts(at.outlet().orElseThrow()));
        boolean low = volts.value() < (volts.from() + volts.to()) / 2;
        String gets = volts.value() <= 0
                ? " gets nothing that holds"
                : (low ? " gets " : " is fed ") + Words.volts(volts.value());
        results.judge(
                at.estimated() ? Severity.CAUTION : Severity.STOP,
                volts,
                new Told(
                        About.of(low ? "low" : "high", socket(at.ref())),
                        at.device().title() + gets + (low ? " at the end of the charge" : " at full charge"),
                        volts.value() <= 0
                                ? "Through so much cable its amperes rise as its volts fall: the feed collapses."
                                : low
                                        ? "With all at peak it shuts off before the battery is used up."
                                        : "More than it is made for.",
                        at.estimated()
                                ? String.join(", with the dropout of ", guessed)
                                : at.device().title(),
                        at.estimated() ? (battery.isPresent() ? "inner resistance" : "dropout") : "draw"));
    }

    private static boolean touches(InputVolts at) {
        return at.device().type().isContact(at.input().socket());
    }

    private static String window(PowerFacet.PowerInput input) {
        return Words.one(input.minVolts()) + " to " + Words.volts(input.maxVolts());
    }

    /** For a device without a feed: a free output, or a shared one. For a feed that is wrong: a regulator between. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        SocketRef ref = finding.key().socket();
        Placed device = analysis.rig().require(ref.placement());
        Socket input = device.type().socket(ref.socket()).orElseThrow();
        Optional<FeedTree.Outlet> feeding = analysis.feeds().feeding(ref);
        if (feeding.isPresent()) {
            return FeedRemedies.regulated(analysis, device, ref, feeding.get());
        }
        if (device.type().isContact(ref.socket())) {
            return FeedRemedies.touching(analysis, device);
        }
        List<Candidate> all = new ArrayList<>();
        Wiring.feeds(analysis, analysis.scopeOf(ref.placement()), ref, input, new TreeSet<>())
                .forEach(f -> all.add(new Candidate("feed", f.title(), f.commands())));
        return all.isEmpty() ? FeedRemedies.shared(analysis, device, ref) : all;
    }
}
