package wideharbor.core.check.power;

import java.util.List;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Severity;
import wideharbor.core.power.FeedTree;
import wideharbor.core.rig.Placed;

/** Each battery carries what hangs on it, running and at peak. */
public final class BatteryLoad implements Check {
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
            .restingOn(CheckCard.Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        for (FeedTree.Source source : context.feeds().sources()) {
            FeedTree.Load load = context.feeds().loadOn(source);
            List<String> subjects = List.of(source.battery().id());
            if (!load.isComplete()) {
                results.notChecked(subjects, "no draw on file for " + String.join(", ", load.unknown()));
            } else if (load.runningWatts() > source.spec().continuousWatts()) {
                results.found(
                        subjects,
                        source.battery().title() + " gives "
                                + Say.watts(source.spec().continuousWatts()) + ", draws "
                                + Say.watts(load.runningWatts()),
                        Evidence.Amount.atMost(
                                load.runningWatts(), source.spec().continuousWatts(), "W"),
                        "All devices on at once.");
            } else if (load.peakWatts() > source.spec().peakWatts()) {
                results.found(
                        subjects,
                        source.battery().title() + " peaks at "
                                + Say.watts(source.spec().peakWatts()) + ", is asked for "
                                + Say.watts(load.peakWatts()),
                        Evidence.Amount.atMost(load.peakWatts(), source.spec().peakWatts(), "W"),
                        "All devices at peak at once.");
            } else {
                results.fine();
            }
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        Placed battery = context.rig().require(finding.key().subjects().get(0));
        double rating = battery.type().facet(Facet.Battery.class).orElseThrow().continuousWatts();
        return Batteries.others(context, battery).stream()
                .filter(t -> t.facet(Facet.Battery.class).orElseThrow().continuousWatts() > rating)
                .map(t -> Batteries.swap(context, battery, t))
                .toList();
    }
}
