package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.build.Command;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Motion;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Slides that are set at pins: what is offered is a pin, and a slide no pin of which serves is out of reach. */
class DetentsTest {
    /** A plate of 1000 g whose top is set every so many mm, up to 90 either way. */
    private static ItemType pinned(double step) {
        return part("pinned")
                .is(Category.DOVETAIL)
                .weighs(1000, Vec3.ZERO)
                .moving(
                        "rail",
                        "dovetail-narrow",
                        Role.A,
                        Vec3.ZERO,
                        Vec3.UP,
                        Vec3.FORWARD,
                        new Freedom.Slide("pins", Freedom.Axis.U, -90, 90, step))
                .port("bottom", "flat-base", Role.A, new Vec3(0, -10, 0), DOWN, Vec3.FORWARD)
                .make();
    }

    private static Rigs onPins(double step) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("quick", Bag.quick(11))
                .with("bridge", Bag.bridge())
                .with("pinned", pinned(step))
                .with("head", Bag.head())
                .join("j-quick", "body:base", "quick:top")
                .join("j-bridge", "quick:bottom", "bridge:top")
                .join("j-pinned", "bridge:bottom", "pinned:rail")
                .join("j-head", "pinned:bottom", "head:top")
                .inKit(Bag.keys("hex 3/16 in"), 1)
                .on("head");
    }

    /** −5.77 mm off wants 7.14 forward, setting −7.14: pins 5 apart have −5, left are 2.14·4200/5200 = 1.7 of 5. */
    @Test
    void theOfferIsAPin() {
        Finding finding = verify(new SlideForBalance()).given(onPins(5)).finds(Severity.CAUTION, CheckState.FOUND);
        assertTrue(finding.why().contains("the slide reaches it"), finding.why());
        var fix = verify(new SlideForBalance()).given(onPins(5)).isMendedBy("slide");
        assertEquals(
                new Command.Set(SettingKey.parse("pinned:rail:0"), -5, false),
                fix.commands().get(0).command());
        assertEquals("Slide camera 5.0 mm forward", fix.title());
    }

    /** Pins 15 apart leave 5.77 at 0 and (15 − 7.14)·4200/5200 = 6.35 at −15; 5 is forgiven. */
    @Test
    void noPinNearEnoughIsOutOfReach() {
        Finding finding = verify(new SlideForBalance()).given(onPins(15)).finds(Severity.STOP, CheckState.FOUND);
        assertTrue(finding.why().contains("none of the slide’s detents, 15.0 mm apart"), finding.why());
    }

    @ParameterizedTest
    @CsvSource({
        "0, -41.3, -41.5",
        "0, 95, 90",
        "15, -41.3, -45",
        "15, 95, 90",
        "40, 95, 80",
        "40, -86, -80",
        "200, 30, 0",
    })
    void whatCanBeSet(double step, double wanted, double settable) {
        assertEquals(settable, motion(step).settable(wanted), 1e-9);
    }

    @Test
    void whatCanBeSetInAStretch() {
        assertEquals(Optional.of(45.0), motion(15).settableIn(new Span(40, 52)));
        assertEquals(Optional.empty(), motion(15).settableIn(new Span(31, 44)));
        assertEquals(Optional.of(31.0), motion(0).settableIn(new Span(30.8, 31.3)));
        assertEquals(Optional.of(31.1), motion(0).settableIn(new Span(31.1, 31.2)));
    }

    private static Motion motion(double step) {
        return new Motion(
                SettingKey.parse("p:rail:0"),
                Optional.empty(),
                new Freedom.Slide("pins", Freedom.Axis.U, -90, 90, step),
                new Span(-90, 90),
                0,
                false);
    }
}
