package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
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
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.front.LensFront;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Judgement;
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
        String lens = front.lens().title();
        String part = box.part().title();
        results.judge(
                box.front(),
                new Told(
                        about(THICK, front, box),
                        lens + " is too thick for " + part,
                        "Its front is " + Words.length(box.frontMm()) + " over all, the box takes "
                                + Words.length(box.facet().largestFrontMm()) + ".",
                        ""));
        Judgement room = box.room();
        results.judge(
                room,
                new Told(
                        about(INTO, front, box),
                        lens + " stands " + Words.mm(-room.value()) + " into the filters of " + part,
                        "The rim of the lens is ahead of where the first filter sits; the tray does not go in, or meets"
                                + " glass.",
                        ""));
        box.clamp(results.analysis().rule(Rule.CLAMP_FIT))
                .ifPresent(clamp -> results.judge(
                        clamp,
                        new Told(
                                about(CLAMP, front, box),
                                part + (clamp.value() > clamp.to() ? " does not go onto " : " is loose on ") + lens,
                                "It clamps " + Words.length((clamp.from() + clamp.to()) / 2)
                                        + "; a ring for the difference goes between.",
                                "")));
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
