package wideharbor.core.check.rods;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.check.Severity;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class RodReachTest {
    /** Clamp of 20 centred at 200 ends at 210; with 20 to spare the rods must be 230 long. */
    @Test
    void holdsWhenTheRodsAreExactlyLongEnough() {
        verify(new RodReach()).given(Bag.onRods(230)).holds();
    }

    @Test
    void findsRodsTooShortForTheForemostClamp() {
        var finding = verify(new RodReach())
                .given(Bag.onRods(200))
                .finds(Severity.STOP, 200, 230, Double.POSITIVE_INFINITY, "mm");
        assertEquals("rods-200: 30 mm short", finding.title());
    }

    /** The bracket grips 100 about the point 30 from the rear end: from −20, so 20 are missing behind. */
    @Test
    void findsRodsThatLeaveTheBracketBehind() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(200))
                .join("a", "body:base", "bridge:top")
                .join("b", "bridge:rods", "rods:rods")
                .set("rods:rods:0", -30)
                .on("none");
        var finding = verify(new RodReach()).given(rigs).finds(Severity.STOP, 200, 220, Double.POSITIVE_INFINITY, "mm");
        assertEquals("rods-200: 20 mm short at the rear", finding.title());
        assertEquals("rear", finding.key().aspect());
        assertEquals("The rearmost clamp leaves the rods.", finding.why());
        // The rods go back in the bracket by as much: then it grips all of its 100.
        assertEquals(
                "Slide rods-200 20.0 mm, to −50.0",
                verify(new RodReach()).given(rigs).isMendedBy("slide").title());
    }

    /** The shortest that reach come first, of the same rods; each end says what it misses. */
    @Test
    void whatIsOfferedAndSaid() {
        Rigs rigs = Bag.onRods(200)
                .knows(Bag.rods(229))
                .knows(Bag.rods(230))
                .knows(Bag.rods(300))
                .knows(Bag.rods("rods-19", "rod-19-studio", 19, 300));
        var finding = verify(new RodReach()).given(rigs).finds(Severity.STOP, 200, 230, Double.POSITIVE_INFINITY, "mm");
        assertEquals("front", finding.key().aspect());
        assertEquals("box needs the rods to end 20 mm beyond its clamp.", finding.why());
        assertEquals(
                List.of("rods-230 in place of rods-200", "rods-300 in place of rods-200"),
                new RodReach()
                        .candidates(finding, rigs.analysis()).stream()
                                .map(c -> c.title())
                                .toList());
    }

    @Test
    void looksAtNothingWithoutRods() {
        verify(new RodReach()).looksAtNothing();
    }

    @Test
    void theShortestRodsThatReachAreOfferedAndMendIt() {
        var fix = verify(new RodReach())
                .given(Bag.onRods(200)
                        .knows(Bag.rods(220))
                        .knows(Bag.rods(450))
                        .inKit(Bag.rods(240), 1)
                        .inKit(Bag.spacer("riser-2", 2, false), 1))
                .isMendedBy("rods");
        assertTrue(fix.title().startsWith("rods-240"), fix.title());
    }
}
