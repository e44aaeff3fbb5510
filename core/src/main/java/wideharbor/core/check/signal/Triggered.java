package wideharbor.core.check.signal;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Wiring;

/** A run button that somebody fitted is plugged. */
public final class Triggered implements Check {
    private static final CheckCard CARD = new CheckCard(
                    "signal.trigger",
                    "signal",
                    "Run buttons are plugged",
                    "every part with a run trigger",
                    "its cable leads to a body",
                    "a button that does nothing is pressed at the moment of the take",
                    "the button's output looked at",
                    "sockets on file",
                    Severity.CAUTION,
                    false)
            .restingOn(CheckCard.Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        for (SocketRef button : context.signals().outputs(Carried.TRIGGER)) {
            if (Wiring.isTaken(context, button)) {
                results.fine();
                continue;
            }
            results.found(
                    List.of(button.toString(), "trigger"),
                    "The run button of " + context.rig().title(button.placement()) + " is plugged nowhere",
                    new Evidence.Statement("not plugged", "a cable to a body"),
                    "Start and stop by it do nothing.");
        }
    }

    /** Into a body's trigger input that nothing is in yet. */
    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        List<Candidate> all = new ArrayList<>();
        for (SocketRef input : context.signals().inputs(Carried.TRIGGER)) {
            if (!Wiring.isTaken(context, input)) {
                all.addAll(Laying.to(context, input, Carried.TRIGGER));
            }
        }
        return all;
    }
}
