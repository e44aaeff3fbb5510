package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.socket;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.OutletLoad;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Limit;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** No output gives more watts or amperes than it is rated for, running or at peak. */
final class OutputLoad implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.output-load")
            .family("power")
            .title("Outputs within their rating")
            .subjects("every power output in use")
            .expectation("running watts and amperes within the continuous rating, peak within peak")
            .because("an output over its rating drops out or heats its connector")
            .formula("P = Σ running; I = P / V at the end of the usable charge")
            .source("ratings by the makers; margin by house rule")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (FeedTree.Outlet outlet : analysis.feeds().outlets()) {
            if (outlet.link().isPresent()) {
                judge(OutletLoad.of(analysis, outlet), results);
            }
        }
    }

    private static void judge(OutletLoad out, Results results) {
        About about = About.of("draw", socket(out.outlet().ref()));
        FeedTree.Load load = out.load();
        if (!load.isComplete()) {
            results.notChecked(about, "no draw on file for " + String.join(", ", load.unknown()));
            return;
        }
        String name = out.outlet()
                        .placed()
                        .type()
                        .socket(out.outlet().spec().socket())
                        .orElseThrow()
                        .title() + " of " + out.outlet().placed().title();
        List<Limit> limits = List.of(
                limit(
                        out.running(),
                        about.as("running"),
                        name + " gives " + Words.watts(out.running().to()) + ", draws "
                                + Words.watts(load.runningWatts()),
                        "Running load over the continuous rating."),
                limit(
                        out.amperes(),
                        about.as("amperes"),
                        name + " gives " + Words.one(out.amperes().to()) + " A, draws "
                                + Words.one(out.amperes().value()) + " A",
                        "At the end of the charge the same watts take more amperes."),
                limit(
                        out.peak(),
                        about.as("peak"),
                        name + " peaks at " + Words.watts(out.peak().to()) + ", is asked for "
                                + Words.watts(load.peakWatts()),
                        "All on at once, at boot or in motion."));
        if (!load.unknownPeak().isEmpty() && out.peak().state() == CheckState.NOT_CHECKED) {
            results.notChecked(about.as("peak"), "no peak draw on file for " + String.join(", ", load.unknownPeak()));
        }
        results.judgeFirst(limits);
    }

    private static Limit limit(Judgement fact, About about, String title, String why) {
        return new Limit(fact, new Told(about, title, why, "what hangs on it", "draw"));
    }

    /** The same cable in a free output with the same socket. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        FeedTree.Outlet from = analysis.feeds().outlets().stream()
                .filter(o -> o.ref().equals(finding.key().socket()))
                .findFirst()
                .orElseThrow();
        if (from.link().flatMap(FeedTree.Link::cable).isEmpty()) {
            return List.of();
        }
        Socket now = from.placed().type().socket(from.spec().socket()).orElseThrow();
        for (FeedTree.Outlet other : analysis.feeds().outlets()) {
            Socket socket = other.placed().type().socket(other.spec().socket()).orElseThrow();
            boolean same = socket.connector().equals(now.connector())
                    && socket.pinOut().equals(now.pinOut());
            if (other.isFree() && same) {
                all.add(move(from, other, socket));
            }
        }
        return all;
    }

    private static Candidate move(FeedTree.Outlet from, FeedTree.Outlet to, Socket socket) {
        CableRun cable = from.link().flatMap(FeedTree.Link::cable).orElseThrow();
        boolean atA = cable.a().equals(from.ref());
        SocketRef other = atA ? cable.b() : cable.a();
        CableRun moved = new CableRun(cable.id(), cable.type(), atA ? to.ref() : other, atA ? other : to.ref());
        return new Candidate(
                "output",
                "Move it to " + socket.title() + " of " + to.placed().title(),
                List.of(Scoped.base(new Command.Disconnect(cable.id())), Scoped.base(new Command.Connect(moved))));
    }
}
