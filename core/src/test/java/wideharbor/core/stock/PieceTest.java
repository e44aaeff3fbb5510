package wideharbor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PieceTest {
    private static Piece piece(String code) {
        return new Piece(code, "body", "", Piece.Owner.HOUSE, "", Piece.Condition.READY, "", Optional.of(2500.0), "");
    }

    @Test
    void codesAreWhatALabelCarries() {
        assertEquals("T-1042", Piece.codeOf(" t-1042\n"));
        assertEquals("T-1042", piece("T-1042").code());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "t-1", "-1", "A B", "Ä1", "12345678901234567890123456789012345678901"})
    void otherCodesAreRefused(String code) {
        assertTrue(assertThrows(IllegalArgumentException.class, () -> piece(code))
                .getMessage()
                .startsWith("A piece's code must have"));
    }

    @Test
    void whatIsReadyOrOnTrialMayGo() {
        assertTrue(piece("A").condition().mayGo());
        assertTrue(Piece.Condition.TRIAL.mayGo());
        assertFalse(piece("A").in(Piece.Condition.QUARANTINED).condition().mayGo());
        assertEquals(
                "A is quarantined.",
                piece("A").in(Piece.Condition.QUARANTINED).whyNotGo().orElseThrow());
        assertTrue(piece("A").whyNotGo().isEmpty());
        assertEquals("waiting for service", Piece.Condition.NEEDS_SERVICE.inWords());
    }
}
