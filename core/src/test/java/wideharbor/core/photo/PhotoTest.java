package wideharbor.core.photo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class PhotoTest {
    private static Mark arrow(double toX) {
        return new Mark(Mark.Kind.ARROW, 0.5, 0.5, toX, 0.5, "");
    }

    private static Photo photo(List<Mark> marks) {
        return new Photo("1", PhotoOf.parse("case:3"), 10, 10, "", marks, "tech", Instant.EPOCH);
    }

    @Test
    void isOfSomething() {
        PhotoOf of = PhotoOf.parse("STEP:a|fit:quick");
        assertEquals(PhotoOf.Kind.STEP, of.kind());
        assertEquals("a|fit:quick", of.id());
        assertEquals("step:a|fit:quick", of.toString());
        assertEquals(of, PhotoOf.parse(of.toString()));
        for (String bad : new String[] {"", "step", "lamp:x", "step:", ":x"}) {
            assertThrows(IllegalArgumentException.class, () -> PhotoOf.parse(bad), bad);
        }
    }

    @Test
    void marksLieInIt() {
        assertEquals("", arrow(0.6).words());
        assertThrows(IllegalArgumentException.class, () -> arrow(1.01));
        assertThrows(IllegalArgumentException.class, () -> arrow(Double.NaN));
        assertTrue(assertThrows(IllegalArgumentException.class, () -> arrow(0.5))
                .getMessage()
                .contains("length"));
        assertThrows(IllegalArgumentException.class, () -> new Mark(Mark.Kind.LABEL, 0, 0, 0, 0, " "));
        assertEquals("bent", new Mark(Mark.Kind.LABEL, 0, 0, 0, 0, " bent ").words());
    }

    @Test
    void hasSoManyMarks() {
        assertEquals(40, photo(Collections.nCopies(40, arrow(0.6))).marks().size());
        assertThrows(IllegalArgumentException.class, () -> photo(Collections.nCopies(41, arrow(0.6))));
        Photo told = photo(List.of()).told(" pin bent ", List.of(arrow(0.7)));
        assertEquals("pin bent", told.words());
        assertEquals(1, told.marks().size());
    }
}
