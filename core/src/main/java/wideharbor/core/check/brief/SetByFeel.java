package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.Setting;
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
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;

/**
 * What was set by feel is measured before the rig is taken apart: its figure is a guess, and so is all that rests on
 * it.
 */
final class SetByFeel implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("settings.by-feel")
            .family("brief")
            .title("Settings made by feel are measured")
            .subjects("every setting of the rig")
            .expectation("its figure was read off a scale, not guessed")
            .because("what is set by feel is not found again after the rig was apart")
            .formula("the settings marked so")
            .source("whoever set them")
            .severity(Severity.NOTE)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Setting setting : analysis.rig().content().settings()) {
            if (analysis.rig().find(setting.key().placement()).isEmpty()) {
                continue;
            }
            Optional<Motion> felt = setting.byFeel() ? analysis.rig().motion(setting.key()) : Optional.empty();
            if (felt.isEmpty()) {
                results.fine();
                continue;
            }
            Motion motion = felt.get();
            results.found(
                    About.of(motion.freedom().title(), part(setting.key().placement())),
                    analysis.rig().title(setting.key().placement()) + " was set by feel",
                    new Evidence.Statement(
                            motion.freedom().title() + " about " + Words.one(setting.value()),
                            "a figure that was read"),
                    "Measure it once it sits, and mark it, so that it is found again.");
        }
    }

    /** Whoever has read it says so. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Scoped> measured = analysis.rig().content().settings().stream()
                .filter(s ->
                        s.byFeel() && finding.key().parts().contains(s.key().placement()))
                .flatMap(s -> PartEdits.set(analysis, s.key(), s.value(), false).stream())
                .toList();
        return List.of(new Candidate("measured", "It was read: the figure is right", measured));
    }
}
