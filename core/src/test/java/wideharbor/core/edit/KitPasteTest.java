package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.testkit.Bag;

class KitPasteTest {
    private final Catalogue catalogue = Bag.onRods(300)
            .knows(Bag.rods(400))
            .knows(Bag.spacer("riser-10", 10, false))
            .job()
            .catalogue();

    private KitPaste.Line one(String row) {
        List<KitPaste.Line> all = KitPaste.read(row, catalogue);
        assertEquals(1, all.size());
        return all.get(0);
    }

    /** Whichever way round people write it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "rods-400|1",
                "4 rods-400|4",
                "4 x rods-400|4",
                "4× rods-400|4",
                "rods-400 x 4|4",
                "rods-400, 4|4",
                "rods-400; 4|4",
                "RODS-400; 4; from the cage|4",
                "rods-400@1; 12|12",
                "\"rods-400\"; 2|2"
            })
    void aRowIsReadWhicheverWayRound(String row, int count) {
        KitPaste.Line line = one(row.replace("; ", "\t"));
        assertEquals("rods-400", line.type().map(ItemType::name).orElse(line.problem()));
        assertEquals(count, line.count());
    }

    @Test
    void whatIsNotPlainSaysWhy() {
        assertTrue(
                one("2\trods").problem().startsWith("2 parts have these words: rods-"),
                one("2\trods").problem());
        assertEquals("no part on file has these words", one("flux bracket").problem());
        assertEquals("names no part", one("7").problem());
        assertEquals("more than 10000 pieces", one("90000 rods-400").problem());
    }

    @Test
    void emptyRowsAreSkippedAndRowsCounted() {
        List<KitPaste.Line> all = KitPaste.read("\n2\tbox\n\n\triser-10\t3\n", catalogue);
        assertEquals(List.of(2, 4), all.stream().map(KitPaste.Line::row).toList());
        assertEquals(List.of(2, 3), all.stream().map(KitPaste.Line::count).toList());
        assertThrows(IllegalArgumentException.class, () -> KitPaste.read("box\n".repeat(501), catalogue));
    }
}
