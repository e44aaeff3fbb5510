package wideharbor.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RodHeightTest {
    /** 66.0 + 11.0 + 6.0 = 83.0 against 85.0 ± 1.0: 2.0 low. One more plate of 5 makes it 3.0 high. */
    @ParameterizedTest
    @CsvSource({
        "11, 0, 83, 2, 2.0 mm low: riser or shims of 2.0 mm between body and bracket",
        "11, 2, 85, 0, in tolerance",
        "11, 2.9, 85.9, -0.9, in tolerance",
        "11, 5, 88, -3, 3.0 mm high: fewer shims or a thinner plate; shims cannot help"
    })
    void theStackAgainstTheStandard(double plate, double more, double has, double missing, String words) {
        RodHeight.Answer answer = RodHeight.of(66, List.of(plate, more), 6, 85, 1);
        assertEquals(has, answer.hasMm(), 1e-9);
        assertEquals(missing, answer.missingMm(), 1e-9);
        assertEquals(words, answer.words());
    }
}
