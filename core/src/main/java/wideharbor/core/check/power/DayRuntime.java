package wideharbor.core.check.power;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.ChargeForDay;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
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
import wideharbor.core.edit.Parts;
import wideharbor.core.job.Subject;
import wideharbor.core.power.Charging;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** Something charged is left to put on at every hour of the day that the rig is on. */
final class DayRuntime implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.runtime")
            .family("power")
            .title("Charge for the day")
            .subjects("every plate with its share of the package's batteries and bays, against the day that the "
                    + "brief writes in blocks, or its hours on end")
            .expectation("something is left to put on at every hour that the rig is on, with the house's reserve")
            .because("cold takes capacity, and time counts while on, not while rolling")
            .formula("block by block: Wh × health × temperature factor × usable / P, changes, charging where "
                    + "there is mains; without blocks h = Σ of these")
            .source("makers' capacities; factor and usable share by house rule")
            .severity(Severity.STOP)
            .build()
            .by(Rule.ON_SHARE, Rule.RUNTIME_RESERVE)
            .restingOn(Basis.WIRING);

    private static final About DAY = About.of("day", Subject.whole());
    private static final int MOST_PIECES = 60;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.feeds().sources().isEmpty()) {
            return;
        }
        outsideTable(analysis, results);
        ChargeForDay day = ChargeForDay.of(analysis);
        if (!day.unknown().isEmpty()) {
            results.notChecked(DAY, "no draw or capacity on file for " + String.join(", ", day.unknown()));
        } else if (day.lasts().isFine()) {
            results.fine();
        } else {
            results.judge(
                    day.lasts(),
                    new Told(
                            DAY,
                            "Day outlasts the batteries at " + degrees(coldest(analysis)),
                            day.worst().map(p -> inBlocks(day, p)).orElseGet(() -> onEnd(day)) + inTheCold(analysis),
                            "the devices",
                            "draw"));
        }
    }

    /** What the temperature where there is mains takes from the charging. */
    private static String inTheCold(RigAnalysis analysis) {
        double least = DayPlates.day(analysis.job().brief()).stream()
                .filter(DayBlock::mains)
                .mapToDouble(b -> Charging.share(b.celsius()))
                .min()
                .orElse(1);
        if (least >= 1) {
            return "";
        }
        return least > 0
                ? " Where there is mains it is under 10 °C: cells take charge at half the speed there."
                : " Where there is mains it is freezing or too hot: cells take no charge there.";
    }

    /** Of what the cold leaves nobody has figures below that. */
    private static void outsideTable(RigAnalysis analysis, Results results) {
        double coldest = coldest(analysis);
        if (coldest < RunTime.COLDEST) {
            results.found(
                    Severity.CAUTION,
                    About.of("table", Subject.whole()),
                    degrees(coldest) + " is colder than battery figures reach",
                    Evidence.Amount.atLeast(coldest, RunTime.COLDEST, "°C"),
                    "What is left at " + degrees(RunTime.COLDEST)
                            + " is taken; less is likely. Keep spares warm, and try one there.");
        }
    }

    private static double coldest(RigAnalysis analysis) {
        return DayPlates.day(analysis.job().brief()).stream()
                .mapToDouble(DayBlock::celsius)
                .min()
                .orElseThrow();
    }

    /** Nobody wrote the day: its hours on end, nothing charged. */
    private static String onEnd(ChargeForDay day) {
        return "All charge in the package gives " + Words.hours(day.lasts().value()) + " at "
                + Words.watts(day.watts()) + "; the brief asks for "
                + Words.hours(day.lasts().from()) + " on.";
    }

    /**
     * The day as it is written, with standby, meals and what is charged meanwhile: the plate that is dark for longest.
     */
    private static String inBlocks(ChargeForDay day, DayPlates.DayPlate worst) {
        return worst.cells().size() + " batteries for "
                + worst.source().plate().map(Placed::title).orElse("the plate") + " and "
                + worst.chargers().bays() + " bays leave "
                + Words.hours(day.lasts().from() - day.lasts().value()) + " of the day without power.";
    }

    private static String degrees(double celsius) {
        return Words.one(celsius).replace(".0", "").replace("-", "−") + " °C";
    }

    /** As many more of what is fitted as it takes, a larger battery on the plate, or another charger. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        for (DayPlates.DayPlate plate : DayPlates.of(analysis)) {
            FeedTree.Source source = plate.source();
            for (ItemType larger : Batteries.others(analysis, source.battery())) {
                if (Batteries.wattHours(larger)
                        > Batteries.wattHours(source.battery().type())) {
                    all.add(Batteries.swap(analysis, source.battery(), larger));
                }
            }
            List<ItemType> kinds = new ArrayList<>(List.of(source.battery().type()));
            kinds.addAll(Batteries.others(analysis, source.battery()));
            kinds.forEach(kind -> pieces(analysis, plate, kind)
                    .ifPresent(n -> all.add(new Candidate(
                            "battery",
                            (n == 1 ? "One more " : n + " more ") + kind.name(),
                            List.of(Scoped.kit(new Command.AddKit(kind.ref(), n)))))));
            Parts.byNearness(analysis).stream()
                    .filter(t -> t.facet(PowerFacet.Charger.class)
                            .filter(c -> c.standard().equals(plate.standard()))
                            .isPresent())
                    .forEach(t -> all.add(new Candidate(
                            "charger", "One more " + t.name(), List.of(Scoped.kit(new Command.AddKit(t.ref(), 1))))));
        }
        return all;
    }

    /** How many more of a kind the plate needs; the other plates take their turns, so that many for each are packed. */
    private static Optional<Integer> pieces(RigAnalysis analysis, DayPlates.DayPlate plate, ItemType kind) {
        if (DayPlates.capacity(kind).isEmpty()) {
            return Optional.empty();
        }
        int plates = Math.max(1, DayPlates.sharing(analysis, plate.standard()));
        ChargeForDay there = ChargeForDay.of(analysis);
        double each = ChargeForDay.charge(kind, analysis);
        double needed = ChargeForDay.hoursNeeded(analysis) * there.watts();
        boolean written = there.written();
        for (int more = 1; more <= MOST_PIECES; more++) {
            List<ItemType> cells = new ArrayList<>(plate.cells());
            cells.addAll(Collections.nCopies(more, kind));
            boolean enough = written
                    ? ChargeForDay.dark(analysis, plate, cells) <= 1e-9
                    : there.wattHours() + more * each >= needed - 1e-9;
            if (enough) {
                return Optional.of(written ? more * plates : more);
            }
        }
        return Optional.empty();
    }
}
