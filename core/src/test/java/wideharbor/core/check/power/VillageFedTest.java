package wideharbor.core.check.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

class VillageFedTest {
    /** A sender on the rig, and a display with its receiver for each who looks. */
    private static Rigs village(String... who) {
        return Signals.rig()
                .with("link", Signals.sender("one", "5 GHz", 4))
                .join("j1", "body:face-0", "link:foot")
                .cable("k1", Signals.picture(), "body:sdi-2", "link:sdi")
                .inKit(Signals.display("small", Trust.FRAME, 3), who.length)
                .inKit(Signals.receiver("one"), who.length)
                .inKit(Signals.picture(), who.length)
                .knows(Signals.supply())
                .knows(Signals.power())
                .knows(Bag.battery("battery-100", Figure.maker(100)))
                .shooting(ShootBuilder.builder()
                        .viewers(List.of(who).stream()
                                .map(w -> new Viewer(w, Trust.FRAME, true))
                                .toList())
                        .build());
    }

    private static Rigs supplied(Rigs rigs, int plates, int batteries, int cables) {
        return rigs.inKit(Signals.supply(), plates)
                .inKit(Bag.battery("battery-100", Figure.maker(100)), batteries)
                .inKit(Signals.power(), cables);
    }

    @Test
    void aScreenAndItsReceiverWantPower() {
        List<Finding> found =
                verify(new VillageFed()).given(village("Agency")).report().findings();
        assertEquals(
                List.of("small of Agency has no power", "receiver-one of Agency has no power"),
                found.stream().map(Finding::title).toList());
        var fix = verify(new VillageFed()).given(village("Agency")).isMendedBy("pack");
        assertTrue(fix.title().startsWith("Pack "), fix.title());
        assertEquals(2, fix.cleared().size(), "one supply feeds both");
    }

    @Test
    void onePlateFeedsOneStation() {
        verify(new VillageFed()).given(supplied(village("Agency"), 1, 1, 2)).holds();
        assertEquals(
                2,
                verify(new VillageFed())
                        .given(supplied(village("Agency"), 1, 0, 2))
                        .report()
                        .findings()
                        .size(),
                "a plate without a battery");
        verify(new VillageFed()).given(supplied(village("Agency"), 1, 1, 1)).finds(Severity.CAUTION, CheckState.FOUND);
    }

    /** Two people sit in two places: the one's plate is not the other's, nor is its battery. */
    @Test
    void whatOneHasTakenAnotherHasNot() {
        assertEquals(
                List.of("small of Client has no power", "receiver-one of Client has no power"),
                verify(new VillageFed())
                        .given(supplied(village("Agency", "Client"), 1, 2, 4))
                        .report()
                        .findings()
                        .stream()
                        .map(Finding::title)
                        .toList());
        verify(new VillageFed())
                .given(supplied(village("Agency", "Client"), 2, 2, 4))
                .holds();
    }

    @Test
    void nobodyLooksFromAfar() {
        verify(new VillageFed()).given(village()).looksAtNothing();
    }
}
