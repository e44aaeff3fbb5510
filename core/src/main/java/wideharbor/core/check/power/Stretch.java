package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.ChargeForDay;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.edit.Placing;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** What is fitted lasts the longest stretch without power-down, or is changed while everything stays on. */
final class Stretch implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.stretch")
            .family("power")
            .title("Power through the longest stretch")
            .subjects("the batteries on the rig, when the brief names a longest stretch without power-down")
            .expectation("the charge fitted lasts it, or the battery is changed while on: by its plate, or by a "
                    + "small battery in the bay of what it feeds")
            .because("boots cost minutes, and what happens once is not repeated")
            .formula("h = Σ usable Wh / Σ W")
            .source("makers' capacities; the brief")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        double stretch = analysis.job().brief().asks().shoot().longestStretchHours();
        if (stretch <= 0 || analysis.feeds().sources().isEmpty()) {
            return;
        }
        List<Ranged> fitted = new ArrayList<>();
        for (FeedTree.Source source : analysis.feeds().sources()) {
            FeedTree.Load load = analysis.feeds().loadOn(source);
            if (!load.unknown().isEmpty()) {
                results.notChecked(
                        About.of("stretch", whole()), "no draw on file for " + String.join(", ", load.unknown()));
                return;
            }
            if (swaps(analysis, source)) {
                continue;
            }
            if (source.spec().capacity().isEmpty()) {
                results.notChecked(
                        About.of("stretch", whole()),
                        "no capacity on file for " + source.battery().title());
                return;
            }
            fitted.add(RunTime.hours(
                    RunTime.usable(source.spec(), analysis.job().brief().temperatureC(), analysis.rules()),
                    analysis.feeds().costOf(source),
                    ChargeForDay.LONGEST_HOURS));
        }
        Judgement lasts = Judgement.atLeast(
                fitted.stream().reduce(Ranged::min).orElse(Ranged.of(ChargeForDay.LONGEST_HOURS)), stretch, "h");
        results.judge(
                lasts,
                new Told(
                        About.of("stretch", whole()),
                        "Power goes after " + Words.hours(lasts.value()) + " of a stretch of " + Words.hours(stretch),
                        "What is fitted lasts that long and nothing keeps the rig on through a change.",
                        "the devices",
                        "draw"));
    }

    /** Something keeps the rig on through a change, and there is something to change to. */
    private static boolean swaps(RigAnalysis analysis, FeedTree.Source source) {
        return KeepsOn.of(analysis.rig(), analysis.feeds(), source) != KeepsOn.NOTHING && hasSpare(analysis, source);
    }

    private static boolean hasSpare(RigAnalysis analysis, FeedTree.Source source) {
        String standard = DayPlates.standard(source.battery().type());
        return analysis.kit().counts().keySet().stream()
                .map(t -> analysis.catalogue().require(t))
                .anyMatch(t -> t.facet(PowerFacet.Battery.class).isPresent()
                        && DayPlates.standard(t).equals(standard));
    }

    /**
     * A plate that lets the battery be changed while on; a battery for an empty bay; or a larger one on the same plate.
     */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Stream<Candidate> plates = analysis.feeds().sources().stream()
                .flatMap(source -> analysis.rig().locatedBy(source.battery().id()).stream())
                .map(j -> analysis.rig().require(j.parent().placement()))
                .flatMap(plate -> swapping(analysis, plate));
        Stream<Candidate> larger = analysis.feeds().sources().stream()
                .flatMap(source -> Batteries.others(analysis, source.battery()).stream()
                        .filter(t -> Batteries.wattHours(t)
                                > Batteries.wattHours(source.battery().type()))
                        .map(t -> Batteries.swap(analysis, source.battery(), t)));
        Stream<Candidate> inner = analysis.feeds().sources().stream()
                .flatMap(source -> analysis.feeds().under(source).stream())
                .map(FeedTree.Link::device)
                .flatMap(device -> inBay(analysis, device));
        Stream<Candidate> changing = Stream.concat(plates, inner).map(c -> withSpares(analysis, c));
        return Stream.concat(changing, larger).toList();
    }

    /** What keeps the rig on through a change is of no use without something to change to: that is packed with it. */
    private static Candidate withSpares(RigAnalysis analysis, Candidate candidate) {
        List<ItemType> missing = analysis.feeds().sources().stream()
                .filter(s -> !hasSpare(analysis, s))
                .map(s -> s.battery().type())
                .distinct()
                .toList();
        if (missing.isEmpty()) {
            return candidate;
        }
        List<Scoped> commands = new ArrayList<>(candidate.commands());
        missing.forEach(t -> commands.add(Scoped.kit(new Command.AddKit(t.ref(), 1))));
        return new Candidate(
                candidate.kind(), candidate.title() + ", and " + missing.get(0).name() + " to change to", commands);
    }

    /** Batteries for a bay that nothing is in. */
    private static Stream<Candidate> inBay(RigAnalysis analysis, Placed device) {
        return device.type().facet(PowerFacet.InnerBay.class).stream()
                .map(bay -> new PortRef(device.id(), bay.port()))
                .filter(analysis.rig()::isFree)
                .flatMap(bay -> Parts.byNearness(analysis).stream()
                        .filter(t -> t.facet(PowerFacet.Battery.class).isPresent())
                        .flatMap(t -> Placing.on(analysis, bay, t).stream())
                        .map(p -> new Candidate(
                                "inner-battery", p.type().name() + " in the bay of " + device.title(), p.commands())));
    }

    /** Plates with the same ports and sockets on which batteries are changed while on. */
    private static Stream<Candidate> swapping(RigAnalysis analysis, Placed plate) {
        return Parts.byNearness(analysis).stream()
                .filter(t -> t.can(Capability.HOT_SWAPS)
                        && plate.type().ports().stream()
                                .allMatch(p -> t.port(p.id())
                                        .filter(q -> q.standard().equals(p.standard()))
                                        .isPresent())
                        && plate.type().sockets().stream()
                                .allMatch(s -> t.socket(s.id()).isPresent()))
                .map(t -> new Candidate(
                        "plate", t.name() + " in place of " + plate.title(), Parts.swap(analysis, plate.id(), t)));
    }
}
