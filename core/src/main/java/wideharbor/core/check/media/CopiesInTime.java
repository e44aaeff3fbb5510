package wideharbor.core.check.media;

import static wideharbor.core.job.Subject.whole;

import java.util.Comparator;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.media.MediaDay;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Words;

/** The last copy is made before everybody has gone home. */
final class CopiesInTime implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("media.late")
            .family("media")
            .title("The last copy is made in time")
            .subjects("the day of every job whose brief names a recording mode, where all cards can be read")
            .expectation("so soon after wrap the last card is copied, read back and free")
            .because("the last cards of the day are the ones that travel home uncopied in somebody’s pocket")
            .formula("cards are read in the order in which they come out, as many at once as there are slots")
            .source("the day worked through card by card; the house’s limit")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.isFirstOfJob()) {
            MediaDay.of(analysis.job())
                    .filter(d -> !d.cards().isEmpty() && d.unread().isEmpty())
                    .ifPresent(d -> judge(d, results));
        }
    }

    private static void judge(MediaDay day, Results results) {
        About about = About.of("late", whole());
        if (day.late().state() == CheckState.NOT_CHECKED) {
            results.notChecked(about, "how fast the cards are read is not on file");
            return;
        }
        results.judge(
                day.late(),
                new Told(
                        about,
                        "Cards are still being copied " + Words.hours(day.late().value() / 60) + " after wrap",
                        "One more reader, or a faster one, or cards brought to it at the meal.",
                        "the day",
                        "recorded minutes"));
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return MediaChecks.pack(
                analysis, t -> t.facet(MediaFacet.Reader.class).isPresent(), Comparator.comparing(ItemType::name));
    }
}
