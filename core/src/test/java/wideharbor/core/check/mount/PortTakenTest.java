package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class PortTakenTest {
    @Test
    void holdsWhereEachPortHasOne() {
        verify(new PortTaken()).given(Bag.onRods(300)).holds();
    }

    @Test
    void findsTwoPartsOnOnePort() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("one", Bag.quick(11))
                .with("two", Bag.bridge())
                .join("a", "body:base", "one:top")
                .join("b", "body:base", "two:top")
                .on("none");
        var finding = verify(new PortTaken()).given(rigs).finds(Severity.STOP, 2, Double.NEGATIVE_INFINITY, 1, "parts");
        assertEquals("body:base", finding.key().port().toString());
    }

    /** Two clamps of 20 at 200 and 212 share 8 mm; at 200 and 220 they only touch. */
    @Test
    void findsClampsThatOverlap() {
        var finding =
                verify(new PortTaken()).given(twoBoxes(212)).finds(Severity.STOP, 8, Double.NEGATIVE_INFINITY, 0, "mm");
        assertEquals("box and box overlap by 8.0 mm", finding.title());
    }

    @Test
    void clampsThatTouchDoNotOverlap() {
        verify(new PortTaken()).given(twoBoxes(220)).holds();
    }

    @Test
    void findsTwoPlugsInOneSocket() {
        Rigs rigs = Bag.powered()
                .with("one", Bag.device("one", Figure.maker(5), Figure.maker(5)))
                .with("two", Bag.device("two", Figure.maker(5), Figure.maker(5)))
                .join("a", "body:side", "one:foot")
                .join("b", "body:top", "two:foot")
                .cable("k1", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "one:in")
                .cable("k2", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "two:in");
        verify(new PortTaken()).given(rigs).finds(Severity.STOP, 2, Double.NEGATIVE_INFINITY, 1, "plugs");
    }

    @Test
    void looksAtNothingWithoutJoints() {
        verify(new PortTaken()).looksAtNothing();
    }

    private static Rigs twoBoxes(double second) {
        return Bag.onRods(300)
                .with("box-2", Bag.box())
                .join("j-box-2", "rods:rods", "box-2:rods")
                .set("box-2:rods:0", second);
    }
}
