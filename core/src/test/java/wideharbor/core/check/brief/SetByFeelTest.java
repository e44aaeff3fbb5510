package wideharbor.core.check.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;

class SetByFeelTest {
    @Test
    void whatWasReadOffAScaleIsFine() {
        verify(new SetByFeel()).given(Bag.onRods(300).set("rods:rods:0", -60)).holds();
    }

    @Test
    void whatWasFeltIsNoted() {
        Finding finding = verify(new SetByFeel())
                .given(Bag.onRods(300).felt("rods:rods:0", -60))
                .finds(Severity.NOTE, CheckState.FOUND);
        assertEquals("rods-300 was set by feel", finding.title());
    }

    /** It stands as it did. */
    @Test
    void whoeverHasReadItSaysSo() {
        Scoped measured = verify(new SetByFeel())
                .given(Bag.onRods(300).felt("rods:rods:0", -60))
                .isMendedBy("measured")
                .commands()
                .get(0);
        assertEquals(new Command.Set(SettingKey.parse("rods:rods:0"), -60, false), measured.command());
    }
}
