package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.BatteryDraw;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.PowerFacet;
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
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** Each battery carries what hangs on it, running and at peak. */
final class BatteryLoad implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.battery-load")
            .family("power")
            .title("Batteries within their rating")
            .subjects("every battery on the rig")
            .expectation("running load within the continuous rating, peak within peak")
            .because("over it the battery's own protection switches the whole rig off")
            .formula("P = Σ outputs / efficiency")
            .source("ratings by the makers")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        analysis.feeds().sources().forEach(s -> judge(BatteryDraw.of(analysis, s), results));
    }

    private static void judge(BatteryDraw draw, Results results) {
        String title = draw.source().battery().title();
        About about = About.of("draw", part(draw.source().battery().id()));
        if (!draw.load().isComplete()) {
            results.notChecked(
                    about,
                    "no draw on file for " + String.join(", ", draw.load().unknown()));
            return;
        }
        if (!draw.load().unknownPeak().isEmpty()) {
            results.notChecked(
                    about.as("peak"),
                    "no peak draw on file for " + String.join(", ", draw.load().unknownPeak()));
        }
        results.judgeFirst(List.of(
                limit(
                        draw.running(),
                        about.as("running"),
                        title + " gives " + Words.watts(draw.running().to()) + ", draws "
                                + Words.watts(draw.running().value()),
                        "All devices on at once."),
                limit(
                        draw.peak(),
                        about.as("peak"),
                        title + " peaks at " + Words.watts(draw.peak().to()) + ", is asked for "
                                + Words.watts(draw.peak().value()),
                        "All devices at peak at once.")));
    }

    private static Limit limit(Judgement fact, About about, String title, String why) {
        return new Limit(fact, new Told(about, title, why, "what hangs on it", "draw"));
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Placed battery = analysis.rig().require(finding.key().part());
        double rating =
                battery.type().facet(PowerFacet.Battery.class).orElseThrow().continuousWatts();
        return Batteries.others(analysis, battery).stream()
                .filter(t -> t.facet(PowerFacet.Battery.class).orElseThrow().continuousWatts() > rating)
                .map(t -> Batteries.swap(analysis, battery, t))
                .toList();
    }
}
