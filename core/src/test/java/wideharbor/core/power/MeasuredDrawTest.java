package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.SocketRef;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** What a meter showed counts before the sum of nameplates, for as long as the same things hang on the battery. */
class MeasuredDrawTest {
    private static Rigs lamp(Figure watts) {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", watts, watts))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in");
    }

    private static Rigs measured(Rigs rigs, double watts, double plusMinus) {
        FeedTree feeds = rigs.analysis().feeds();
        return rigs.drawn(
                "battery",
                new Drawn(
                        watts, plusMinus, "Jonna", "", feeds.on(feeds.sources().get(0))));
    }

    private static FeedTree.Load load(Rigs rigs) {
        FeedTree feeds = rigs.analysis().feeds();
        return feeds.loadOn(feeds.sources().get(0));
    }

    /** 40 W on the nameplate, 44 on the meter: 44 off the battery, 40 in the lamp's cable, and a peak 4 higher. */
    @Test
    void countsInPlaceOfTheSum() {
        Rigs rigs = measured(lamp(Figure.maker(40)), 44, 1);
        FeedTree feeds = rigs.analysis().feeds();
        FeedTree.Source source = feeds.sources().get(0);
        assertEquals(Ranged.of(44, 43, 45), load(rigs).running());
        assertEquals(40, feeds.byNameplates(source).runningWatts(), 1e-9);
        assertEquals(44, load(rigs).peakWatts(), 1e-9);
        FeedTree.Outlet outlet =
                feeds.feeding(new SocketRef(PlacementId.of("lamp"), "in")).orElseThrow();
        assertEquals(40, feeds.loadOn(outlet).runningWatts(), 1e-9);
        assertEquals(feeds.byNameplates(source).peakWatts() + 4, load(rigs).peakWatts(), 1e-9);
        assertEquals(44, feeds.askedOf(source).runningWatts(), 1e-9, "nothing is lost on the way");
    }

    /** Less than the nameplates: the day is lighter, the peak is not. */
    @Test
    void isNoProofOfALowerPeak() {
        Rigs rigs = measured(lamp(Figure.maker(40)), 30, 0);
        assertEquals(30, load(rigs).runningWatts(), 1e-9);
        assertEquals(40, load(rigs).peakWatts(), 1e-9);
    }

    /** Nobody knows what the lamp takes: what was measured is all there is to know, but its peak is not. */
    @Test
    void standsForWhatNoNameplateTells() {
        Rigs rigs = lamp(Figure.unknown("no plate"));
        assertEquals(List.of("lamp"), load(rigs).unknown());
        FeedTree.Load load = load(measured(rigs, 44, 1));
        assertTrue(load.isComplete());
        assertEquals(44, load.runningWatts(), 1e-9);
        assertEquals(List.of("lamp"), load.unknownPeak());
    }

    /** Another lamp beside it: what was measured was another rig. */
    @Test
    void isForgottenOnceSomethingElseHangsThere() {
        Rigs rigs = measured(lamp(Figure.maker(40)), 44, 1)
                .with("other", Bag.device("other", Figure.maker(5), Figure.maker(5)))
                .join("j2", "body:top", "other:foot")
                .cable("k2", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-2", "other:in");
        assertEquals(45, load(rigs).runningWatts(), 1e-9);
        FeedTree feeds = rigs.analysis().feeds();
        assertFalse(feeds.measured(feeds.sources().get(0)).isPresent());
    }

    /** Of the 4 W over nothing at standby, all of it where all runs: of 40 W, with 8 at standby, 24 is half way. */
    @Test
    void growsWithWhatRuns() {
        MeasuredDraw draw = new MeasuredDraw(Ranged.of(44));
        assertEquals(8, draw.at(8, 8, 40), 1e-9);
        assertEquals(26, draw.at(24, 8, 40), 1e-9);
        assertEquals(44, draw.at(40, 8, 40), 1e-9);
        assertEquals(44, draw.at(0, 0, 0), 1e-9, "nothing on a nameplate: what was measured");
        Rigs rigs = measured(lamp(Figure.maker(40)), 44, 1);
        FeedTree feeds = rigs.analysis().feeds();
        assertEquals(44, feeds.drawOn(feeds.sources().get(0), p -> State.ON), 1e-9);
    }
}
