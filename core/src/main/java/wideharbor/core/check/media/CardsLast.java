package wideharbor.core.check.media;

import static wideharbor.core.job.Subject.whole;

import java.util.ArrayList;
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
import wideharbor.core.job.Job;
import wideharbor.core.media.CardsWanted;
import wideharbor.core.media.MediaDay;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Words;

/** Cards turn over fast enough that nobody waits for one. */
final class CardsLast implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("media.cards")
            .family("media")
            .title("Recording waits for no card")
            .subjects("the day of every job whose brief names a recording mode")
            .expectation(
                    "whenever a card is full, another is free: recorded on, copied, looked at, and back in the pool")
            .because("the take that waits for a card is the one that was right")
            .formula("minutes a card lasts = GB · 8000 · usable / (Mbit/s · 60); minutes to copy = GB · 1000 · passes "
                    + "/ (MB/s · 60); the day is worked through card by card")
            .source("the brief’s day, in minutes recorded; cards and readers on file; passes and shares by the house")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.isFirstOfJob()) {
            MediaDay.of(analysis.job())
                    .filter(d -> !d.cards().isEmpty())
                    .ifPresent(d -> judge(analysis.job(), d, results));
        }
    }

    private static void judge(Job job, MediaDay day, Results results) {
        About about = About.of("waits", whole());
        if (day.waits().state() == CheckState.NOT_CHECKED) {
            results.notChecked(about, "of no card that is packed the size is on file");
            return;
        }
        if (day.waits().isFine()) {
            results.fine();
            return;
        }
        results.judge(
                day.waits(),
                new Told(
                        about,
                        "Recording waits for a card",
                        wanted(job, day)
                                + day.firstWait()
                                        .map(m -> " It begins " + Words.hours(m / 60) + " into the day.")
                                        .orElse(""),
                        "the day",
                        "recorded minutes"));
    }

    private static String wanted(Job job, MediaDay day) {
        return CardsWanted.of(job, day, 0)
                .map(w -> (w.most() > w.cards() ? w.cards() + " to " + w.most() : String.valueOf(w.cards())) + " of "
                        + w.type().type().name() + " would do; " + w.type().count() + " packed.")
                .orElse("No number of cards is enough: what records fills them faster than they are read.");
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        MediaDay.of(analysis.job())
                .flatMap(d -> CardsWanted.of(analysis.job(), d, 0))
                .filter(w -> w.most() > w.type().count())
                .ifPresent(w -> all.add(
                        MediaChecks.pack(w.type().type(), w.most() - w.type().count())));
        all.addAll(MediaChecks.pack(
                analysis, t -> t.facet(MediaFacet.Reader.class).isPresent(), Comparator.comparing(ItemType::name)));
        return all;
    }
}
