package wideharbor.core.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Cards;
import wideharbor.core.testkit.Rigs;

/**
 * A card of 1000 GB at 1600 Mbit/s lasts 1000 · 8000 · 0.95 / (1600 · 60) = 79.17 recorded minutes; 240 minutes in 8 h
 * fill one in 158.33. Read twice at 400 MB/s it takes 950 000 / 400 · 2 / 60 = 79.17 minutes, and 10 to be freed.
 */
class MediaDayTest {
    private static final double CLOSE = 0.01;

    private static Rigs half(int cards) {
        return Cards.rolling(Arrangement.RELAY, Optional.of(240.0)).inKit(Cards.card("card", 1000), cards);
    }

    private static MediaDay day(Rigs rigs) {
        return MediaDay.of(rigs.job()).orElseThrow();
    }

    @Test
    void oneCardIsWaitedForUntilItIsFree() {
        MediaDay day = day(half(1).inKit(Cards.reader(1, 400), 1));
        assertEquals(158.33, day.firstWait().orElseThrow(), CLOSE);
        assertEquals(247.5 - 158.33 + 480 - 405.83, day.waits().value(), CLOSE);
        assertEquals(CheckState.FOUND, day.waits().state());
    }

    @Test
    void twoCardsTurnOver() {
        Rigs rigs = half(2).inKit(Cards.reader(1, 400), 1);
        MediaDay day = day(rigs);
        assertEquals(0, day.waits().value(), 0);
        assertTrue(day.waits().isFine());
        assertEquals(2, CardsWanted.of(rigs.job(), day, 0).orElseThrow().cards());
        assertEquals(2880, day.gigabytes().value(), CLOSE);
        assertEquals(
                List.of("A001", "A002", "A003", "A004"),
                day.rolls().stream().map(Roll::name).toList());
        Roll second = day.rolls().get(1);
        assertEquals(316.67, second.outMinute(), CLOSE);
        assertEquals(395.83, second.copiedMinute(), CLOSE);
        assertEquals(405.83, second.freeMinute(), CLOSE);
        Roll last = day.rolls().get(3);
        assertEquals(480, last.outMinute(), CLOSE);
        assertEquals(2.5 / 79.17, last.share(), 1e-4);
        assertEquals(86.67, day.late().value(), CLOSE);
    }

    /** 240 / 79.17 is a little over three. */
    @Test
    void withoutAReaderEveryCardIsUsedOnce() {
        Rigs rigs = half(3).inKit(Cards.reader(1, 400), 1);
        MediaDay none = day(half(3));
        assertTrue(none.waits().isFound());
        assertEquals(5, none.waits().value(), CLOSE);
        assertEquals(CheckState.NOT_CHECKED, none.late().state());
        assertEquals(4, CardsWanted.of(rigs.job(), day(rigs), 1).orElseThrow().cards());
    }

    /** Each card takes half: both together last twice as long, and both are read. */
    @Test
    void aPairTakesHalfEach() {
        Rigs rigs = Cards.rolling(Arrangement.PAIR, Optional.of(240.0))
                .inKit(Cards.card("card", 1000), 3)
                .inKit(Cards.reader(2, 400), 1);
        MediaDay day = day(rigs);
        assertEquals(158.33, day.recorded().get(0).minutesEach().orElseThrow().value(), CLOSE);
        assertEquals(
                2, day.rolls().stream().filter(r -> r.name().equals("A001")).count());
        assertEquals(
                1,
                day.rolls().stream()
                        .filter(r -> r.name().equals("A001") && r.second())
                        .count());
        // One over is no pair: they wait from 316.67 until both are read and freed, 89.17 later.
        assertEquals(316.67, day.firstWait().orElseThrow(), CLOSE);
        assertEquals(89.17, day.waits().value(), CLOSE);
        assertEquals(4, CardsWanted.of(rigs.job(), day, 0).orElseThrow().cards());
    }

    @Test
    void aMirrorFillsTwoAndReadsOne() {
        MediaDay day = day(Cards.rolling(Arrangement.MIRROR, Optional.of(240.0))
                .inKit(Cards.card("card", 1000), 4)
                .inKit(Cards.reader(1, 400), 1));
        assertTrue(day.waits().isFine());
        assertEquals(4, day.rolls().size());
    }

    /** 35 % of 480 minutes, half of it to half as much again: two cards suffice at 84 minutes and not at 252. */
    @Test
    void whatNobodySaidIsAShareOfTheHouse() {
        MediaDay day = day(Cards.rolling(Arrangement.RELAY, Optional.empty()).inKit(Cards.card("card", 1000), 2));
        assertEquals(168, day.day().get(0).rolled().value(), CLOSE);
        assertEquals(84, day.day().get(0).rolled().range().from(), CLOSE);
        assertEquals(252, day.day().get(0).rolled().range().to(), CLOSE);
        assertEquals(CheckState.UNDECIDED, day.waits().state());
    }

    @Test
    void theSlowestOfCardReaderAndDriveSetsThePace() {
        Rigs card = half(2).inKit(Cards.reader(1, 2000), 1);
        assertEquals(950_000 / 600.0 * 2 / 60, copied(card), CLOSE);
        Rigs drive = half(2).inKit(Cards.reader(2, 2000), 1).inKit(Cards.drive(8000), 2);
        assertEquals(950_000 / 500.0 * 2 / 60, copied(drive), CLOSE);
        Rigs more = half(2).inKit(Cards.reader(1, 400), 1).rule(Rule.COPY_PASSES, 4);
        assertEquals(2 * 79.17, copied(more), CLOSE);
    }

    private static double copied(Rigs rigs) {
        Roll first = day(rigs).rolls().get(0);
        return first.copiedMinute() - first.readMinute();
    }

    @Test
    void aCardWithoutASizeIsNotCounted() {
        Rigs rigs = Cards.rolling(Arrangement.RELAY, Optional.of(240.0))
                .inKit(Cards.card("card", Cards.SLAB, Figure.unknown("no label"), Figure.maker(600)), 2)
                .inKit(Cards.reader(1, 400), 1);
        assertEquals(CheckState.NOT_CHECKED, day(rigs).waits().state());
    }

    @Test
    void aCardOfAnotherKindIsNoCard() {
        Rigs rigs = Cards.rolling(Arrangement.RELAY, Optional.of(240.0))
                .inKit(Cards.card("chip", "chip", Figure.maker(1000), Figure.maker(600)), 4);
        assertEquals(480, day(rigs).waits().value(), CLOSE);
        assertEquals(List.of(), day(rigs).unread());
    }

    @Test
    void nothingIsWorkedOutWhileNoModeIsAsked() {
        assertEquals(
                Optional.empty(),
                MediaDay.of(
                        Rigs.rig().with("body", Cards.body(Arrangement.RELAY)).job()));
    }

    @Test
    void moreCardsAreTried() {
        Rigs rigs = half(1).inKit(Cards.reader(1, 400), 1);
        assertTrue(MediaDay.of(rigs.job(), new MediaDay.Tried(1, 0))
                .orElseThrow()
                .waits()
                .isFine());
        assertTrue(MediaDay.of(rigs.job(), new MediaDay.Tried(1, 1))
                .orElseThrow()
                .waits()
                .isFound());
    }

    /** Whatever the figures: one card more never makes anything wait longer, and no card is read before it is out. */
    @Test
    void moreCardsNeverWaitLonger() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            double gigabytes = 100 + random.nextInt(1000);
            double rolled = 20 + random.nextInt(440);
            int reads = 50 + random.nextInt(600);
            int slots = 1 + random.nextInt(3);
            List<Double> waits = new ArrayList<>();
            for (int cards = 1; cards < 9; cards++) {
                MediaDay day = day(Cards.rolling(Arrangement.values()[i % 4], Optional.of(rolled))
                        .inKit(Cards.card("card", gigabytes), cards)
                        .inKit(Cards.reader(slots, reads), 1));
                waits.add(day.waits().value());
                for (Roll r : day.rolls()) {
                    assertTrue(r.fromMinute() <= r.outMinute() && r.outMinute() <= r.readMinute() + 1e-9);
                    assertTrue(r.readMinute() <= r.copiedMinute() && r.copiedMinute() <= r.freeMinute());
                }
            }
            for (int n = 1; n < waits.size(); n++) {
                assertTrue(waits.get(n) <= waits.get(n - 1) + 1e-6, waits + " with " + gigabytes + " GB");
            }
        }
    }
}
