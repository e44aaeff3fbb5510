package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class SettingInRangeTest {
    /** Rail −150 to 150, clamp 100: travel is 150 − 50 = 100 either way, never typed. */
    @ParameterizedTest
    @ValueSource(doubles = {-100, 0, 100})
    void holdsInsideTheComputedTravel(double slide) {
        verify(new SettingInRange())
                .given(Bag.onHead().set("dovetail:rail:0", slide))
                .holds();
    }

    @Test
    void findsAClampPastItsEnd() {
        var finding = verify(new SettingInRange())
                .given(Bag.onHead().set("dovetail:rail:0", 112))
                .finds(Severity.STOP, 112, -100, 100, "mm");
        assertEquals("dovetail: slide 12.0 mm past its end", finding.title());
    }

    @Test
    void theNearestSettingInsideMendsIt() {
        var fix = verify(new SettingInRange())
                .given(Bag.onHead().set("dovetail:rail:0", 112))
                .isMendedBy("set");
        assertEquals("Set dovetail to 100.0 mm", fix.title());
    }

    /** A rosette has a tooth every 6 degrees. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 6, -18, 180})
    void holdsOnATooth(double degrees) {
        verify(new SettingInRange()).given(rosette(degrees)).holds();
    }

    @Test
    void findsASettingBetweenTeethAndOffersTheNearest() {
        verify(new SettingInRange()).given(rosette(10)).finds(Severity.STOP, CheckState.FOUND);
        var fix = verify(new SettingInRange()).given(rosette(10)).isMendedBy("set");
        assertEquals("Set grip to 12.0 °", fix.title());
    }

    @Test
    void leavesClampsOnRodsToTheirReach() {
        verify(new SettingInRange()).given(Bag.onRods(150)).looksAtNothing();
    }

    private static Rigs rosette(double degrees) {
        return Rigs.rig()
                .with(
                        "body",
                        part("body")
                                .port("r", "rosette-31.8", Role.EITHER, Vec3.ZERO, Vec3.LEFT, Vec3.UP)
                                .make())
                .with(
                        "grip",
                        part("grip")
                                .port("r", "rosette-31.8", Role.EITHER, Vec3.ZERO, RIGHT, Vec3.UP)
                                .make())
                .join("j", "body:r", "grip:r")
                .set("grip:r:0", degrees)
                .on("none");
    }
}
