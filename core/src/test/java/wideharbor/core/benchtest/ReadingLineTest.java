package wideharbor.core.benchtest;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What instruments say, read or refused. */
class ReadingLineTest {
    @Test
    void kilogramsAreGrams() {
        ReadingLine read = ReadingLine.of("READING 15.0200 kg +- 0.0050 STABLE", "Bench scale", "g");
        assertEquals(15_020, read.value(), 1e-9);
        assertEquals(5, read.plusMinus(), 1e-9);
        assertEquals(
                -0.4,
                ReadingLine.of("READING -0.4 mm +- 0.05 STABLE", "Caliper", "mm")
                        .value(),
                1e-12);
        assertEquals(
                2, ReadingLine.of("READING 120 min +- 1 STABLE", "Clock", "h").value(), 1e-12);
        assertEquals(
                0.34,
                ReadingLine.of("READING 0.34 N·m +- 0.01 STABLE", "Driver", "N·m")
                        .value(),
                1e-12);
    }

    @ParameterizedTest
    @CsvSource({
        "READING 33.11 lb +- 0.01 STABLE, Bench scale tells in lb; wanted is g or kg. Nothing was stored",
        "READING 15.02 kg +- 0.005 MOVING, 'Bench scale is not at rest: wait, and read it again'",
        "READING 99.00 kg +- 0.005 OVER, Bench scale is over what it can measure: take the load off",
        "8..1 ??, 'Bench scale said ''8..1 ??'', which is no reading. Nothing was stored'",
        "READING 1e9 kg +- 0 STABLE, 'Bench scale said ''READING 1e9 kg +- 0 STABLE'', which is no reading. Nothing was stored'",
        "READING NaN kg +- 0 STABLE, 'Bench scale said ''READING NaN kg +- 0 STABLE'', which is no reading. Nothing was stored'",
    })
    void whatIsNoReadingIsRefused(String line, String why) {
        assertEquals(
                why,
                assertThrows(IllegalArgumentException.class, () -> ReadingLine.of(line, "Bench scale", "g"))
                        .getMessage());
    }

    @Test
    void whatCannotBeShownIsNot() {
        String said = assertThrows(
                        IllegalArgumentException.class,
                        () -> ReadingLine.of("\u0007\u001b[31m" + "x".repeat(500), "Bench scale", "g"))
                .getMessage();
        assertEquals("Bench scale said '··[31m" + "x".repeat(34) + "…', which is no reading. Nothing was stored", said);
    }
}
