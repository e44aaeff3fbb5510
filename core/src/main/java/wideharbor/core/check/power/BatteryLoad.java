package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** Each battery carries what hangs on it, running and at peak. */
final class BatteryLoad implements Check {
    private static final CheckCard CARD = new CheckCard(
                    "power.battery-load",
                    "power",
                    "Batteries within their rating",
                    "every battery on the rig",
                    "running load within the continuous rating, peak within peak",
                    "over it the battery's own protection switches the whole rig off",
                    "P = Σ outputs / efficiency",
                    "ratings by the makers",
                    Severity.STOP,
                    false)
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (FeedTree.Source source : analysis.feeds().sources()) {
            FeedTree.Load load = analysis.feeds().loadOn(source);
            About about = About.of("draw", part(source.battery().id()));
            if (!load.isComplete()) {
                results.notChecked(about, "no draw on file for " + String.join(", ", load.unknown()));
            } else if (load.runningWatts() > source.spec().continuousWatts()) {
                results.found(
                        about.as("running"),
                        source.battery().title() + " gives "
                                + Words.watts(source.spec().continuousWatts()) + ", draws "
                                + Words.watts(load.runningWatts()),
                        Evidence.Amount.atMost(
                                load.runningWatts(), source.spec().continuousWatts(), "W"),
                        "All devices on at once.");
            } else if (load.peakWatts() > source.spec().peakWatts()) {
                results.found(
                        about.as("peak"),
                        source.battery().title() + " peaks at "
                                + Words.watts(source.spec().peakWatts()) + ", is asked for "
                                + Words.watts(load.peakWatts()),
                        Evidence.Amount.atMost(load.peakWatts(), source.spec().peakWatts(), "W"),
                        "All devices at peak at once.");
            } else {
                results.fine();
            }
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Placed battery = analysis.rig().require(finding.key().part());
        double rating = battery.type().facet(Facet.Battery.class).orElseThrow().continuousWatts();
        return Batteries.others(analysis, battery).stream()
                .filter(t -> t.facet(Facet.Battery.class).orElseThrow().continuousWatts() > rating)
                .map(t -> Batteries.swap(analysis, battery, t))
                .toList();
    }
}
