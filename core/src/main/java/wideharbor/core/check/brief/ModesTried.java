package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/** Recording modes: while no card has a write rate on file, somebody tries them and says so by reading this. */
final class ModesTried implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.recording")
            .family("brief")
            .title("Recording modes are tried")
            .subjects("every recording mode of the brief")
            .expectation("the card that is packed keeps up with it")
            .because("a card that is too slow stops in the take, not at prep")
            .source("the brief; no card has a write rate on file")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.isFirstOfJob()) {
            for (Shoot.Recording mode : analysis.job().brief().asks().shoot().recordings()) {
                results.notChecked(
                        About.of("mode", named(mode.mode())),
                        "no card has a write rate on file; record " + mode.mode() + " at " + Math.round(mode.megabits())
                                + " Mbit/s on the body, then read this");
            }
        }
    }
}
