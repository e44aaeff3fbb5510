package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.LensView;
import wideharbor.core.clearance.LensView.Sight;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.edit.Nudges;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;

/** The lens does not see the rig that carries it. */
final class OutOfPicture implements Check {
    private static final Set<Category> JUDGED_ELSEWHERE = Set.of(Category.LENS, Category.BODY, Category.ROD);

    /** How far a part is moved at first, mm: how deep it stands in the view is not asked. */
    private static final double[] FAR = {10, 40};

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.view")
            .family("front")
            .title("The rig stays out of the picture")
            .subjects("every part with every lens: support, legs, grips, displays; boxes, rods and microphones are "
                    + "judged by themselves")
            .expectation("no part stands in what the lens sees")
            .because("a handle at the edge of a wide lens is seen by nobody on a small display, and by everybody "
                    + "in the cinema")
            .formula("view = window × squeeze ÷ 2f from the entrance pupil; a fisheye’s r = f · θ")
            .source("geometry; the pupil as on file, else anywhere in the lens")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Optional<LensView> view = analysis.view();
        if (view.isEmpty()) {
            return;
        }
        for (Placed placed : analysis.rig().attached()) {
            if (!isElsewhere(placed)) {
                judge(placed, view.get(), results);
            }
        }
    }

    private static boolean isElsewhere(Placed placed) {
        return JUDGED_ELSEWHERE.contains(placed.type().category())
                || placed.type().facet(FrontFacet.MatteBox.class).isPresent()
                || placed.type().can(Capability.SHADES_LENS)
                || placed.type().facet(RiggingFacet.Rods.class).isPresent()
                || placed.type().facet(OpticalFacet.Microphone.class).isPresent();
    }

    private static void judge(Placed placed, LensView view, Results results) {
        RigAnalysis analysis = results.analysis();
        Sight worst = analysis.clearances().matterOf(placed.id()).stream()
                .map(view::of)
                .max(Comparator.naturalOrder())
                .orElse(Sight.OUT);
        About about = About.of("view", part(placed.id()));
        String lens = analysis.build()
                .lens(analysis.rig().lens())
                .map(l -> " with " + l.title())
                .orElse("");
        switch (worst) {
            case OUT -> results.fine();
            case PERHAPS ->
                results.undecided(
                        about,
                        placed.title() + " may stand in the picture" + lens,
                        new Evidence.Statement("at the edge of the view", "outside it"),
                        "It depends on where the entrance pupil lies, which is not on file.");
            case IN ->
                results.found(
                        view.isStraight() ? Severity.STOP : Severity.CAUTION,
                        about,
                        placed.title() + " stands in the picture" + lens,
                        new Evidence.Statement("inside the view", "outside it"),
                        view.isStraight()
                                ? "Slide or turn it out, or take it off for this lens."
                                : "Around a dome something is always seen: somebody decides what is painted out and"
                                        + " shoots the plate for it.");
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        PlacementId part = finding.key().parts().get(0);
        List<Candidate> all = new ArrayList<>();
        for (double far : FAR) {
            all.addAll(Nudges.apart(analysis, List.of(part), far));
        }
        all.addAll(FrontFixes.takeOff(analysis, part));
        return all;
    }
}
