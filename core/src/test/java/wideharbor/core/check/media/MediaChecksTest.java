package wideharbor.core.check.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.id.BuildId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Cards;
import wideharbor.core.testkit.Rigs;

class MediaChecksTest {
    private static Rigs rolling(double minutes) {
        return Cards.rolling(Arrangement.RELAY, Optional.of(minutes));
    }

    private static Rigs mode(String name, double megabits, double fps) {
        return Rigs.rig()
                .with("body", Cards.body(Arrangement.RELAY))
                .shooting(Cards.shoot(
                        new Shoot.Recording(name, megabits, Optional.of(fps), BuildId.NONE), Optional.of(60.0)));
    }

    @Test
    void theBodyMustHaveTheModeAndTheFrames() {
        verify(new ModeOffered()).given(mode("4k  RAW", 1600, 50)).holds();
        verify(new ModeOffered()).given(mode("6K raw", 1600, 25)).finds(Severity.STOP, CheckState.FOUND);
        verify(new ModeOffered())
                .given(mode("4K raw", 2000, 61))
                .finds(Severity.STOP, 61, Double.NEGATIVE_INFINITY, 60, "frames/s");
    }

    /** 1600 Mbit/s at 50 frames are 1920 at 60. */
    @Test
    void aRateReckonedTooLowIsTold() {
        verify(new ModeOffered())
                .given(mode("4K raw", 1600, 60))
                .finds(Severity.CAUTION, 1920, Double.NEGATIVE_INFINITY, 1632, "Mbit/s");
        verify(new ModeOffered()).given(mode("4K raw", 1920, 60)).holds();
    }

    @Test
    void cardsOfAnotherKindGoIntoNothing() {
        verify(new CardGoesIn())
                .given(rolling(60).inKit(Cards.card("card", 500), 1))
                .holds();
        verify(new CardGoesIn())
                .given(rolling(60).inKit(Cards.card("chip", "chip", Figure.maker(500), Figure.maker(600)), 1))
                .finds(Severity.CAUTION, CheckState.FOUND);
        verify(new CardGoesIn())
                .given(rolling(60).inKit(Cards.card("card", "", Figure.maker(500), Figure.maker(600)), 1))
                .finds(Severity.CAUTION, CheckState.NOT_CHECKED);
    }

    @Test
    void aPairWantsTwoOfATypeAndPacksOneMore() {
        Rigs three = Cards.rolling(Arrangement.PAIR, Optional.of(60.0)).inKit(Cards.card("card", 1000), 3);
        verify(new CardsOfAPair()).given(three).finds(Severity.CAUTION, 3, 4, Double.POSITIVE_INFINITY, "cards");
        verify(new CardsOfAPair())
                .given(Cards.rolling(Arrangement.PAIR, Optional.of(60.0)).inKit(Cards.card("card", 1000), 4))
                .holds();
        assertEquals(List.of("Pack one more card"), remedies(three, "media.pair"));
    }

    @Test
    void recordingWaitsAndTheCardsThatMendItAreCounted() {
        Rigs one = rolling(240).inKit(Cards.card("card", 1000), 1).inKit(Cards.reader(1, 400), 1);
        Finding finding = verify(new CardsLast()).given(one).finds(Severity.STOP, CheckState.FOUND);
        assertTrue(finding.why().contains("2 of card would do; 1 packed."), finding.why());
        assertTrue(finding.why().endsWith("It begins 2 h 38 into the day."), finding.why());
        assertEquals("Pack one more card", remedies(one, "media.cards").get(0));
        verify(new CardsLast())
                .given(rolling(240).inKit(Cards.card("card", 1000), 2).inKit(Cards.reader(1, 400), 1))
                .holds();
        verify(new CardsLast())
                .given(Cards.rolling(Arrangement.RELAY, Optional.empty()).inKit(Cards.card("card", 1000), 2))
                .finds(Severity.STOP, CheckState.UNDECIDED);
        verify(new CardsLast())
                .given(rolling(240)
                        .inKit(Cards.card("card", Cards.SLAB, Figure.unknown("no label"), Figure.maker(600)), 2))
                .finds(Severity.STOP, CheckState.NOT_CHECKED);
    }

    @Test
    void whatIsPackedCanBeReadAndHasRoom() {
        Rigs unread = rolling(60).inKit(Cards.card("card", 1000), 2).knows(Cards.reader(1, 400));
        verify(new CopiesMade()).given(unread).finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals(List.of("Pack one more reader"), remedies(unread, "media.copies"));
        Rigs read = rolling(240).inKit(Cards.card("card", 1000), 2).inKit(Cards.reader(1, 400), 1);
        verify(new CopiesMade()).given(read).holds();
        verify(new CopiesMade())
                .given(read.inKit(Cards.drive(8000), 1))
                .finds(Severity.CAUTION, 1, 2, Double.POSITIVE_INFINITY, "drives");
    }

    @Test
    void theDrivesHoldAllDaysOfTheJob() {
        Rigs small = rolling(240)
                .inKit(Cards.card("card", 1000), 2)
                .inKit(Cards.reader(1, 400), 1)
                .inKit(Cards.drive(2000), 2);
        Finding finding = verify(new CopiesMade()).given(small).finds(Severity.CAUTION, CheckState.FOUND);
        assertTrue(finding.why().contains("of 2880 GB at most, and each copy has room for 2000 GB"), finding.why());
    }

    /** The last card is out at wrap, a whole one: 79.17 to copy and 10 to be freed. */
    @Test
    void theLastCopyIsWaitedForSoLong() {
        Rigs rigs = rolling(79.16).inKit(Cards.card("card", 1000), 2).inKit(Cards.reader(1, 400), 1);
        verify(new CopiesInTime()).given(rigs).holds();
        Rigs slow = rolling(79.16).inKit(Cards.card("card", 1000), 2).inKit(Cards.reader(1, 200), 1);
        Finding finding = verify(new CopiesInTime()).given(slow).finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals("Cards are still being copied 2 h 48 after wrap", finding.title());
    }

    private static List<String> remedies(Rigs rigs, String check) {
        var judged = CheckEngine.standard().judge(rigs.job());
        return judged.report().of(check).stream()
                .flatMap(f -> judged.remedies().of(f).stream())
                .map(r -> r.title())
                .toList();
    }
}
