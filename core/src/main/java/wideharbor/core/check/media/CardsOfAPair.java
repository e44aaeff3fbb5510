package wideharbor.core.check.media;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.media.CardStock;
import wideharbor.core.media.Recorder;

/** What records on two cards at a time has cards in twos. */
final class CardsOfAPair implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("media.pair")
            .family("media")
            .title("Cards in twos, of one type")
            .subjects("every body or recorder that records on two cards at a time")
            .expectation("of each type that goes in, an even number is packed, for each such body two at least")
            .because("two cards that differ record at the pace of the worse, and one over records nothing")
            .formula("number of a type = 2 · k, k ≥ bodies that take it")
            .source("arrangement of the slots on file; the kit")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (!analysis.isFirstOfBuild()) {
            return;
        }
        List<CardStock> packed = CardStock.packed(analysis.job());
        for (Recorder recorder : Recorder.of(analysis.job())) {
            if (recorder.build().equals(analysis.build().id()) && recorder.together() == 2) {
                List<CardStock> odd = goIn(packed, recorder).stream()
                        .filter(c -> c.count() % 2 == 1)
                        .toList();
                if (odd.isEmpty()) {
                    results.fine();
                } else {
                    results.found(
                            About.of("pair", part(recorder.part())),
                            odd.get(0).count() + " " + odd.get(0).type().name() + " for " + recorder.title()
                                    + ", which takes two at a time",
                            Evidence.Amount.atLeast(
                                    odd.get(0).count(), odd.get(0).count() + 1.0, "cards"),
                            "One of them is over: it records nothing.");
                }
            }
        }
    }

    private static List<CardStock> goIn(List<CardStock> packed, Recorder recorder) {
        return packed.stream()
                .filter(c -> c.card().flatMap(recorder::takes).orElse(true))
                .toList();
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<CardStock> packed = CardStock.packed(analysis.job());
        return Recorder.of(analysis.job()).stream()
                .filter(r -> r.build().equals(analysis.build().id()) && r.together() == 2)
                .flatMap(r -> goIn(packed, r).stream())
                .filter(c -> c.count() % 2 == 1)
                .map(c -> MediaChecks.pack(c.type(), 1))
                .distinct()
                .toList();
    }
}
