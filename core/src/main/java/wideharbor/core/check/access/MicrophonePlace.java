package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.LensView;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Nudges;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;

/** A microphone on the camera is out of the picture, and nothing stands before it. */
final class MicrophonePlace implements Check {
    private static final double FREE_AHEAD = 200;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("sound.microphone")
            .family("access")
            .title("Microphone clear of view and parts")
            .subjects("every microphone on the rig, per lens")
            .expectation("its capsule is outside the lens's view, and 200 mm ahead of it are free")
            .because("a capsule in the picture is seen by everyone, one behind a monitor hears the monitor")
            .formula("view = window × squeeze / 2f from the entrance pupil, taken anywhere from mount to front glass")
            .source("geometry")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed placed : analysis.rig().attached()) {
            placed.type().facet(OpticalFacet.Microphone.class).ifPresent(m -> judge(analysis, placed, m, results));
        }
    }

    private static void judge(
            RigAnalysis analysis, Placed placed, OpticalFacet.Microphone microphone, Results results) {
        Vec3 capsule = placed.pose().apply(microphone.capsule());
        Vec3 axis = placed.pose().turn(microphone.axis().unit());
        Optional<LensView> view = analysis.view();
        LensView.Sight sight = view.map(v -> v.of(capsule)).orElse(LensView.Sight.OUT);
        String lens = analysis.build()
                .lens(analysis.rig().lens())
                .map(l -> " of " + l.title())
                .orElse("");
        if (sight == LensView.Sight.IN) {
            results.found(
                    Severity.STOP,
                    About.of("view", part(placed.id())),
                    placed.title() + " is in the picture" + lens,
                    new Evidence.Statement("capsule inside the view", "outside it"),
                    "Its capsule lies inside the view wherever the entrance pupil is.");
        } else if (sight == LensView.Sight.PERHAPS) {
            results.undecided(
                    About.of("view", part(placed.id())),
                    placed.title() + " may be in the picture" + lens,
                    new Evidence.Statement("capsule at the edge of the view", "outside it"),
                    "It depends on where the entrance pupil lies, which is not on file.");
        } else {
            results.fine();
        }
        Optional<PlacementId> blocked =
                analysis.clearances().metBy(capsule, axis, FREE_AHEAD, java.util.Set.of(placed.id()));
        if (blocked.isPresent()) {
            results.found(
                    About.of("ahead", part(placed.id())),
                    placed.title() + " points at " + analysis.rig().title(blocked.get()),
                    new Evidence.Statement(analysis.rig().title(blocked.get()) + " before it", "200 mm free"),
                    "It hears what stands before it.");
        } else {
            results.fine();
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return Nudges.apart(analysis, finding.key().parts(), 15);
    }
}
