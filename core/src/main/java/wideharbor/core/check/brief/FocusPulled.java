package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;
import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot.Focus;
import wideharbor.core.catalog.Capability;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.PartEdits;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;

/** What the rig has for focus is what the one who pulls it needs: a drive, a picture, or no drive. */
final class FocusPulled implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.focus")
            .family("brief")
            .title("Focus by whom the brief says")
            .subjects("every configuration, once the brief says who pulls focus")
            .expectation(
                    "an assistant at a distance has a drive on the lens; an operator alone sees the picture on the rig;"
                            + " where a hand is on the ring, or the camera holds focus, nothing else turns it")
            .because("without it nobody holds focus; with a drive that nobody uses the rig is heavier and draws more")
            .source("the brief; parts as the catalogue has them")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Focus focus = analysis.job().brief().asks().shoot().focus();
        switch (focus) {
            case UNSAID -> {}
            case REMOTE ->
                require(
                        able(analysis, Capability.DRIVES_LENS),
                        "drive",
                        "Nothing drives the lens for the assistant",
                        "a drive on the lens",
                        results);
            case OPERATOR -> {
                List<Placed> seen = new ArrayList<>(able(analysis, Capability.FINDS_PICTURE));
                seen.addAll(able(analysis, Capability.SHOWS_PICTURE));
                require(
                        seen,
                        "picture",
                        "The operator pulls focus and sees no picture on the rig",
                        "a finder or a display on the rig",
                        results);
            }
            case AT_LENS -> noDrive(analysis, "an assistant is to pull focus at the lens", results);
            case CAMERA -> noDrive(analysis, "the camera is to hold focus", results);
        }
    }

    private static List<Placed> able(RigAnalysis analysis, Capability capability) {
        return analysis.rig().attached().stream()
                .filter(p -> p.type().can(capability))
                .toList();
    }

    private static void require(List<Placed> there, String aspect, String title, String needed, Results results) {
        if (there.isEmpty()) {
            results.found(
                    About.of(
                            aspect,
                            named(results.analysis().rig().configuration().id().toString())),
                    title + " in " + results.analysis().rig().configuration().title(),
                    new Evidence.Statement("none", needed),
                    "The brief says who pulls focus; this is what they pull it with.");
        } else {
            results.fine();
        }
    }

    private static void noDrive(RigAnalysis analysis, String instead, Results results) {
        List<Placed> drives = able(analysis, Capability.DRIVES_LENS);
        drives.forEach(drive -> results.found(
                Severity.NOTE,
                About.of("idle", part(drive.id())),
                drive.title() + " drives the lens, and " + instead,
                new Evidence.Statement("a drive on the lens", "none"),
                "Nobody pulls by it; without it the rig is lighter and draws less."));
        if (drives.isEmpty()) {
            results.fine();
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        if (finding.severity() != Severity.NOTE) {
            return List.of();
        }
        PlacementId drive = PlacementId.of(finding.key().subjects().get(0).value());
        return List.of(new Candidate(
                "off", "Take off " + analysis.rig().title(drive), PartEdits.remove(analysis, drive, true)));
    }
}
