package wideharbor.core.edit;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Holds;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** What a rig was measured to take from one of its batteries, and what those hold. */
public final class DrawRequests {
    private DrawRequests() {}

    static Prepared prepare(RigAnalysis analysis, FigureRequest.Draws request, Occasion occasion) {
        return prepare(analysis, request, occasion.who(), occasion.when());
    }

    /**
     * @param who measured
     * @param when as files write it
     * @throws EditRefused when the part feeds nothing
     */
    public static Prepared prepare(RigAnalysis analysis, FigureRequest.Draws request, String who, String when) {
        FeedTree.Source source = analysis.feeds()
                .sourceAt(request.placement())
                .orElseThrow(() -> new EditRefused(
                        analysis.rig().title(request.placement()) + " is no battery that feeds this rig."));
        Scope here = new Scope.InConfiguration(analysis.rig().configuration().id());
        String title = source.battery().title();
        if (request.watts() == 0) {
            return new Prepared(
                    "What was measured off " + title + " is taken back",
                    List.of(new Scoped(here, new Command.Draw(request.placement(), Optional.empty()))));
        }
        if (analysis.feeds().under(source).isEmpty()) {
            throw new EditRefused("Nothing hangs on " + title + ": there is nothing to measure.");
        }
        Drawn drawn = new Drawn(
                request.watts(),
                request.plusMinus(),
                who,
                when,
                analysis.feeds().on(source));
        return new Prepared(
                "Measured off " + title + ": " + Words.watts(request.watts()),
                List.of(new Scoped(here, new Command.Draw(request.placement(), Optional.of(drawn)))));
    }

    /** @throws EditRefused when the part is no battery */
    public static Prepared prepare(RigAnalysis analysis, FigureRequest.Holding request, String who, String when) {
        PartEdits.requirePresent(analysis.rig(), request.placement());
        Placed part = analysis.rig().require(request.placement());
        if (part.type().facet(PowerFacet.Battery.class).isEmpty()) {
            throw new EditRefused(part.title() + " is no battery.");
        }
        Optional<Holds> holds = request.wattHours() == 0
                ? Optional.empty()
                : Optional.of(new Holds(request.wattHours(), request.plusMinus(), who, when));
        return new Prepared(
                holds.map(h -> "The weakest " + part.type().name() + " holds " + Math.round(h.wattHours()) + " Wh")
                        .orElse("What " + part.type().name() + " was measured to hold is taken back"),
                List.of(Scoped.base(new Command.Hold(request.placement(), holds))));
    }
}
