package wideharbor.core.check.power;

import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.build.Drawn;
import wideharbor.core.check.Severity;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Of 40 W by nameplates, 5 % off is 38 to 42. */
class DrawAsMeasuredTest {
    private static Rigs lamp() {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(40), Figure.maker(40)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in");
    }

    private static Rigs measured(double watts, double plusMinus) {
        Rigs rigs = lamp();
        FeedTree feeds = rigs.analysis().feeds();
        return rigs.drawn(
                "battery",
                new Drawn(
                        watts, plusMinus, "Jonna", "", feeds.on(feeds.sources().get(0))));
    }

    @Test
    void withinTheHousesShareItHolds() {
        verify(new DrawAsMeasured()).given(measured(42, 0)).holds();
        verify(new DrawAsMeasured()).given(measured(38, 0)).holds();
        verify(new DrawAsMeasured()).given(lamp()).looksAtNothing();
    }

    @Test
    void beyondItIsFoundAndWhereTheMeterLeavesItOpenUndecided() {
        verify(new DrawAsMeasured()).given(measured(42.1, 0)).finds(Severity.CAUTION, CheckState.FOUND);
        verify(new DrawAsMeasured()).given(measured(37.9, 0)).finds(Severity.CAUTION, CheckState.FOUND);
        verify(new DrawAsMeasured()).given(measured(41.5, 1)).finds(Severity.CAUTION, CheckState.UNDECIDED);
    }
}
