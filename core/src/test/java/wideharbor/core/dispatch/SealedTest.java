package wideharbor.core.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.dispatch.Gate.Stage;

/** What was signed is sealed, and given into somebody's hands. */
class SealedTest {
    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** By hand: sha256("a.txt\n" sha256("abc") "b.txt\n" sha256("")). */
    @Test
    void theSealIsOfNamesAndSumsInTheOrderOfNames() {
        Map<String, byte[]> papers = new LinkedHashMap<>();
        papers.put("b.txt", bytes(""));
        papers.put("a.txt", bytes("abc"));
        assertEquals("44caafb4803488f2f334509ba5308dfeb8eb3bcc275a1ab287d525e5a991a5b9", Sealed.seal(papers));
    }

    @Test
    void aByteANameOrAPaperMakesAnother() {
        String seal = Sealed.seal(Map.of("a", bytes("abc"), "b", bytes("")));
        assertNotEquals(seal, Sealed.seal(Map.of("a", bytes("abd"), "b", bytes(""))));
        assertNotEquals(seal, Sealed.seal(Map.of("a", bytes("abc"), "c", bytes(""))));
        assertNotEquals(seal, Sealed.seal(Map.of("a", bytes("abc"))));
        assertNotEquals(seal, Sealed.seal(Map.of("a", bytes(""), "b", bytes("abc"))));
    }

    @Test
    void whatChangedHoldsTheGate() {
        assertEquals(Optional.empty(), Gate.whyBroken(List.of()));
        assertTrue(Gate.whyBroken(List.of("A camera", "the kit"))
                .orElseThrow()
                .startsWith("It is not what was signed any more: A camera, the kit."));
    }

    @Test
    void onlyWhatIsClosedIsOpenedAgain() {
        for (Stage closed : List.of(Stage.SIGNED, Stage.PACKED, Stage.DISPATCHED)) {
            assertEquals(Optional.empty(), Gate.whyNotOpenedAgain(closed, 2));
        }
        assertEquals(Optional.empty(), Gate.whyNotOpenedAgain(Stage.CHECKED, 1));
        for (Stage open : List.of(Stage.DRAFT, Stage.BUILT, Stage.CHECKED, Stage.RETURNED, Stage.RECONCILED)) {
            assertTrue(Gate.whyNotOpenedAgain(open, 0).isPresent(), open.toString());
        }
    }

    @Test
    void whoTakesItSignsWithLines() {
        assertEquals("", new Handover("Ada", "").drawn());
        assertEquals("M0 0L599 199M3 4", new Handover("Ada", "M0 0L599 199M3 4").drawn());
        assertThrows(IllegalArgumentException.class, () -> new Handover(" ", ""));
        assertThrows(IllegalArgumentException.class, () -> new Handover("x".repeat(81), ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"L1 1", "M1", "M1 1 L2 2", "M1 1Z", "M1 1\"><script>", "M1000 1"})
    void nothingElseIsASignature(String drawn) {
        assertThrows(IllegalArgumentException.class, () -> new Handover("Ada", drawn));
    }

    @Test
    void aLongDrawingIsReadAtOnce() {
        String longest = "M1 1" + "L22 22".repeat(3332);
        assertEquals(longest, new Handover("Ada", longest).drawn());
        assertThrows(IllegalArgumentException.class, () -> new Handover("Ada", longest + "L22 22"));
    }
}
