package wideharbor.core.check.media;

import static wideharbor.core.job.Subject.type;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.media.CardStock;
import wideharbor.core.media.Recorder;

/** What is packed to be recorded on goes into something that records. */
final class CardGoesIn implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("media.card")
            .family("media")
            .title("Cards go into what records")
            .subjects("every type of card that is packed, where the brief names a recording mode")
            .expectation("its kind is one of those that a body or recorder takes")
            .because("cards of the last job's body look alike in their case, and go into nothing on the day")
            .source("kinds as on file of cards and slots")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (!analysis.isFirstOfJob()) {
            return;
        }
        List<Recorder> recorders = Recorder.of(analysis.job()).stream()
                .filter(r -> r.slots().isPresent())
                .toList();
        if (recorders.isEmpty()) {
            return;
        }
        for (CardStock stock : CardStock.packed(analysis.job())) {
            judge(stock, recorders, results);
        }
    }

    private static void judge(CardStock stock, List<Recorder> recorders, Results results) {
        About about = About.of("kind", type(stock.type().ref()));
        Optional<MediaFacet.Card> card = stock.card().filter(c -> !c.kind().isEmpty());
        if (card.isEmpty()) {
            results.notChecked(about, "which slots " + stock.type().name() + " goes into is not on file");
        } else if (recorders.stream().anyMatch(r -> r.takes(card.get()).orElse(false))) {
            results.fine();
        } else {
            results.found(
                    about,
                    stock.type().name() + " goes into nothing here",
                    new Evidence.Statement(
                            card.get().kind(),
                            String.join(
                                    ", ",
                                    recorders.stream()
                                            .flatMap(r -> r.slots().orElseThrow().kinds().stream())
                                            .distinct()
                                            .toList())),
                    "Leave it out, or it is counted on when the others are full.");
        }
    }
}
