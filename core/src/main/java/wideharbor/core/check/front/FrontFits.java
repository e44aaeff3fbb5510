package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.front.LensFront;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** The front of the lens goes into the box, stands before its filters, and is held by its clamp. */
final class FrontFits implements Check {
    private static final String INTO = "into";
    private static final String THICK = "thick";
    private static final String CLAMP = "clamp";

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.fits")
            .family("front")
            .title("The lens front fits its box")
            .subjects("every box before a lens")
            .expectation("the front is no thicker than the box takes, stands behind the first filter, and a clamp is "
                    + "as wide as the front within the house's figure")
            .because("a front that stands in the filter stage meets the glass when the tray goes in; a loose clamp "
                    + "drops the box")
            .source("geometry; box and front as on file")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        LensFront.of(analysis.rig()).ifPresent(f -> f.boxes().forEach(b -> judge(f, b, results)));
    }

    private static void judge(LensFront front, LensFront.Box box, Results results) {
        thick(front, box, results);
        into(front, box, results);
        clamp(front, box, results);
    }

    private static void thick(LensFront front, LensFront.Box box, Results results) {
        double over = front.optics().frontDiameterMm();
        double most = box.facet().largestFrontMm();
        if (over <= most) {
            results.fine();
            return;
        }
        results.found(
                about(THICK, front, box),
                front.lens().title() + " is too thick for " + box.part().title(),
                Evidence.Amount.atMost(over, most, "mm"),
                "Its front is " + Words.length(over) + " over all, the box takes " + Words.length(most) + ".");
    }

    private static void into(LensFront front, LensFront.Box box, Results results) {
        double room = box.roomMm();
        if (room >= 0) {
            results.fine();
            return;
        }
        results.found(
                about(INTO, front, box),
                front.lens().title() + " stands " + Words.mm(-room) + " into the filters of "
                        + box.part().title(),
                Evidence.Amount.atLeast(room, 0, "mm"),
                "The rim of the lens is ahead of where the first filter sits; the tray does not go in, or meets glass.");
    }

    private static void clamp(LensFront front, LensFront.Box box, Results results) {
        Optional<Double> clamp = box.facet().clampMm();
        if (clamp.isEmpty()) {
            return;
        }
        double off = front.optics().frontDiameterMm() - clamp.get();
        double band = results.analysis().rule(Rule.CLAMP_FIT);
        if (Math.abs(off) <= band) {
            results.fine();
            return;
        }
        results.found(
                about(CLAMP, front, box),
                box.part().title()
                        + (off > 0 ? " does not go onto " : " is loose on ")
                        + front.lens().title(),
                Evidence.Amount.between(front.optics().frontDiameterMm(), clamp.get() - band, clamp.get() + band, "mm"),
                "It clamps " + Words.length(clamp.get()) + "; a ring for the difference goes between.");
    }

    private static About about(String aspect, LensFront front, LensFront.Box box) {
        return About.of(aspect, part(front.lens().id()), part(box.part().id()));
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        PlacementId box = finding.key().parts().get(1);
        List<Candidate> all = new ArrayList<>();
        if (finding.key().aspect().equals(INTO)) {
            Evidence.Amount room = (Evidence.Amount) finding.evidence();
            all.addAll(FrontFixes.slide(analysis, box, -room.measured()));
        }
        all.addAll(FrontFixes.otherBoxes(analysis, box));
        return all;
    }
}
