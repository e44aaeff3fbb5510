package wideharbor.core.check.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Severity;
import wideharbor.core.media.CardRate;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class CardRateTest {
    private static ItemType card(String id, Figure writes) {
        return part(id).can(Capability.KEEPS_RECORDING)
                .facet(new MediaFacet.Card(Figure.maker(1000), writes))
                .make();
    }

    private static Rigs mode(double megabits) {
        return Bag.onHead()
                .shooting(ShootBuilder.builder()
                        .recordings(List.of(new Shoot.Recording("raw", megabits)))
                        .build());
    }

    /** 1600 Mbit/s are 200 MB/s, 240 with the margin; 1000 GB · 8000 · 0.95 / (1600 · 60) = 79.2 min. */
    @Test
    void itKeepsUpWithAMargin() {
        verify(new ModesTried())
                .given(mode(1600).inKit(card("fast", Figure.maker(240)), 2))
                .holds();
        verify(new ModesTried())
                .given(mode(1600).inKit(card("slow", Figure.maker(239)), 2))
                .finds(Severity.CAUTION, 239, 240, Double.POSITIVE_INFINITY, "MB/s");
        CardRate rate = CardRate.of(
                        mode(1600).inKit(card("fast", Figure.maker(240)), 2).job(), new Shoot.Recording("raw", 1600))
                .get(0);
        assertEquals(79.17, rate.minutes().orElseThrow().value(), 0.01);
    }

    @Test
    void everyCardThatIsPackedMust() {
        verify(new ModesTried())
                .given(mode(1600).inKit(card("fast", Figure.maker(400)), 2).inKit(card("slow", Figure.maker(200)), 1))
                .finds(Severity.CAUTION, CheckState.FOUND);
    }

    @Test
    void whatIsOnlyClaimedMayNot() {
        Figure claimed = Figure.range(250, 200, 300, Figure.Source.CLAIMED);
        verify(new ModesTried())
                .given(mode(1600).inKit(card("card", claimed), 2))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
        verify(new ModesTried())
                .given(mode(1600).inKit(card("card", Figure.unknown("no label")), 2))
                .finds(Severity.CAUTION, CheckState.NOT_CHECKED);
    }

    @Test
    void withoutACardNothingRecords() {
        assertEquals(
                "No card is packed for raw",
                verify(new ModesTried())
                        .given(mode(1600))
                        .finds(Severity.CAUTION, CheckState.FOUND)
                        .title());
    }

    @Test
    void theBriefSaysWhatKeepsUp() {
        var met =
                Requirements.of(CheckEngine.standard()
                                .judge(mode(1600)
                                        .inKit(card("fast", Figure.maker(240)), 2)
                                        .job()))
                        .stream()
                        .filter(r -> r.id().equals("recording-raw"))
                        .findFirst()
                        .orElseThrow();
        assertEquals(Requirements.Status.MET, met.status());
        assertEquals(List.of("fast writes 240 MB/s of 240 needed, 79 min on each"), met.decidedBy());
        var not = Requirements.of(CheckEngine.standard().judge(mode(1600).job())).stream()
                .filter(r -> r.id().equals("recording-raw"))
                .findFirst()
                .orElseThrow();
        assertEquals(Requirements.Status.NOT_MET, not.status());
    }
}
