package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.media.CardRate;
import wideharbor.core.quantity.CheckState;

/** Recording modes: while no card has a write rate on file, somebody tries them and says so by reading this. */
final class ModesTried implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.recording")
            .family("brief")
            .title("Recording modes are tried")
            .subjects("every recording mode of the brief")
            .expectation("every card that is packed keeps up with it, with the house’s margin")
            .because("a card that is too slow stops in the take, not at prep")
            .formula("MB/s ≥ Mbit/s / 8 · margin; minutes = GB · 8000 · usable / (Mbit/s · 60)")
            .source("the brief; rates by the makers, sustained; margin by the house")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.isFirstOfJob()) {
            analysis.job().brief().asks().shoot().recordings().forEach(mode -> judge(analysis, mode, results));
        }
    }

    private static void judge(RigAnalysis analysis, Shoot.Recording mode, Results results) {
        List<CardRate> cards = CardRate.of(analysis.job(), mode);
        About about = About.of("mode", named(mode.mode()));
        if (cards.isEmpty()) {
            results.found(
                    about,
                    "No card is packed for " + mode.mode(),
                    new Evidence.Statement("none", "a card that keeps up"),
                    "Nothing records it.");
            return;
        }
        List<CardRate> unknown = cards.stream()
                .filter(c -> c.speed().state() == CheckState.NOT_CHECKED)
                .toList();
        if (!unknown.isEmpty()) {
            results.notChecked(
                    about,
                    "no write rate on file of " + unknown.get(0).card().name() + "; record " + mode.mode() + " at "
                            + Math.round(mode.megabits()) + " Mbit/s on the body, then read this");
            return;
        }
        for (CardRate card : cards) {
            results.judge(
                    card.speed(),
                    new Told(
                            about,
                            card.card().name() + " is too slow for " + mode.mode(),
                            "It stops in the take, and the more surely the fuller it is.",
                            card.card().name(),
                            "write rate"));
        }
    }
}
