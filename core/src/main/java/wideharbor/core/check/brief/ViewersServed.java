package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet.Display;
import wideharbor.core.catalog.SignalFacet.Radio;
import wideharbor.core.catalog.Socket;
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
import wideharbor.core.edit.Parts;
import wideharbor.core.signal.Seat;

/** Everybody who looks has a display that is good enough, and a picture gets there. */
final class ViewersServed implements Check {
    private static final int MOST = 4;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.viewers")
            .family("brief")
            .title("A picture for every viewer")
            .subjects("every viewer that the brief names, with the displays of rig and kit")
            .expectation("a display that is good enough is there for each, and the picture gets to it: by cable on "
                    + "the rig, by radio with "
                    + "receiver and cable of its own")
            .because("somebody who came to look stands behind somebody’s shoulder all day")
            .formula("the way walked from the body to the display; each viewer takes the least display that will do")
            .source("the brief; sockets and radios on file")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Seat seat : analysis.monitoring().seats()) {
            if (seat.isReached()) {
                results.fine();
                continue;
            }
            String who = seat.viewer().who();
            results.found(
                    About.of("viewer", named(who)),
                    who + " sees no picture",
                    new Evidence.Statement(seat.whyNot(), "a picture"),
                    "The brief wants " + who + " to judge "
                            + seat.viewer().trust().name().toLowerCase(java.util.Locale.ROOT)
                            + (seat.viewer().byRadio() ? ", by radio." : "."));
        }
    }

    /** What is missing, packed. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        analysis.monitoring().seats().stream()
                .filter(s -> s.viewer().who().equals(finding.key().name()))
                .forEach(s -> all.addAll(pack(analysis, s)));
        return all;
    }

    private static List<Candidate> pack(RigAnalysis analysis, Seat seat) {
        return switch (seat.missing()) {
            case DISPLAY ->
                pack(
                        analysis,
                        t -> t.facet(Display.class)
                                .filter(d -> d.trust().compareTo(seat.viewer().trust()) >= 0)
                                .isPresent(),
                        Comparator.comparing(
                                t -> t.facet(Display.class).orElseThrow().trust()));
            case RECEIVER ->
                pack(
                        analysis,
                        t -> t.facets(Radio.class).stream().anyMatch(r -> !r.sends()),
                        Comparator.comparing(ItemType::name));
            case CABLE ->
                pack(
                        analysis,
                        t -> t.facet(PowerFacet.Cable.class)
                                .filter(w -> w.carries() == Socket.Kind.PICTURE)
                                .isPresent(),
                        Comparator.comparingDouble(t ->
                                t.facet(PowerFacet.Cable.class).orElseThrow().lengthMm()));
            case SENDER -> Laying.transmitter(analysis);
            case NOTHING, LINK -> List.of();
        };
    }

    private static List<Candidate> pack(RigAnalysis analysis, Predicate<ItemType> which, Comparator<ItemType> order) {
        return Parts.byNearness(analysis).stream()
                .filter(which)
                .sorted(order)
                .limit(MOST)
                .map(t -> new Candidate(
                        "pack", "Pack one more " + t.name(), List.of(Scoped.kit(new Command.AddKit(t.ref(), 1)))))
                .toList();
    }
}
