package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.named;
import static wideharbor.core.job.Subject.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Wiring;
import wideharbor.core.signal.Luts;
import wideharbor.core.signal.Monitoring;
import wideharbor.core.signal.Seat;

/** The look is on the picture once where exposure or colour is judged, and nowhere twice. */
final class LookOnce implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.look")
            .family("signal")
            .title("The look is on once")
            .subjects("the picture of every viewer whom one reaches")
            .expectation("the look is put on at one place of the way; where only frame and focus are judged it may "
                    + "be missing")
            .because("a picture without its look is exposed for the wrong one, a picture with two is trusted by nobody")
            .formula("count of the places on the way where the look is switched on")
            .source("switches as set in this build")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Monitoring monitoring = analysis.monitoring();
        for (Seat seat : monitoring.seats()) {
            if (seat.isReached()) {
                judge(analysis, seat, monitoring, results);
            }
        }
        analysis.rig().content().settings().stream()
                .map(Setting::key)
                .filter(key -> key.freedom() == Switches.LOOK && isOnInVain(analysis, key))
                .forEach(key -> results.found(
                        About.of("vain", setting(key)),
                        "The look is on at " + analysis.rig().title(key.placement()) + ", which puts none on",
                        new Evidence.Statement("on", "a part that can, or off"),
                        "What is set there changes no picture: who relies on it sees one without the look."));
    }

    private static boolean isOnInVain(RigAnalysis analysis, SettingKey key) {
        return analysis.rig().content().value(key) > 0.5
                && analysis.rig()
                        .find(key.placement())
                        .filter(p ->
                                p.type().socket(key.port()).isPresent() && !Switches.takesLook(p.type(), key.port()))
                        .isPresent();
    }

    private static void judge(RigAnalysis analysis, Seat seat, Monitoring monitoring, Results results) {
        List<SocketRef> at = Luts.along(
                        seat.route().orElseThrow(),
                        monitoring.graph(),
                        analysis.rig().content())
                .at();
        boolean judges = seat.viewer().trust().compareTo(Trust.EXPOSURE) >= 0;
        if (at.size() == 1 || at.isEmpty() && !judges) {
            results.fine();
            return;
        }
        String who = seat.viewer().who();
        String where = at.stream()
                .map(s -> monitoring.graph().box(s.placement()).orElseThrow().title())
                .distinct()
                .collect(Collectors.joining(" and "));
        results.found(
                About.of("viewer", named(who)),
                at.isEmpty() ? who + " judges a picture without the look" : "The look is on twice for " + who,
                new Evidence.Statement(at.isEmpty() ? "nowhere" : "at " + where, "at one place"),
                at.isEmpty()
                        ? "Exposure and colour are judged on this display."
                        : "Each puts it on what the one before has changed already.");
    }

    /** Off at one of two, or on at one of those that can. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Monitoring monitoring = analysis.monitoring();
        List<Candidate> all = new ArrayList<>();
        if (finding.key().aspect().equals("vain")) {
            SettingKey key = finding.key().setting();
            return List.of(turn(analysis, new SocketRef(key.placement(), key.port()), false));
        }
        monitoring.seats().stream()
                .filter(s -> s.viewer().who().equals(finding.key().name()) && s.isReached())
                .forEach(s -> {
                    List<SocketRef> at = Luts.along(
                                    s.route().orElseThrow(),
                                    monitoring.graph(),
                                    analysis.rig().content())
                            .at();
                    boolean on = at.isEmpty();
                    s.route().orElseThrow().sockets().stream()
                            .filter(k -> Luts.takenAt(k, monitoring.graph()) && at.contains(k) != on)
                            .filter(k -> analysis.rig().find(k.placement()).isPresent())
                            .forEach(k -> all.add(turn(analysis, k, on)));
                });
        return all;
    }

    private static Candidate turn(RigAnalysis analysis, SocketRef socket, boolean on) {
        return new Candidate(
                "look",
                "Look " + (on ? "on" : "off") + " at " + analysis.rig().title(socket.placement()) + ", "
                        + Wiring.socket(analysis, socket).title(),
                List.of(new Scoped(
                        analysis.scopeOf(Switches.look(socket)),
                        new Command.Set(Switches.look(socket), on ? 1 : 0, false))));
    }
}
