package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wideharbor.core.stock.Piece;

/** Pieces out of a table and into one. */
class PiecesCsvTest {
    private static final Piece ONE = new Piece(
            "BD-001",
            "body-tern",
            "=1+1",
            Piece.Owner.SUB_HIRE,
            "Nettle Yard, \"north\"",
            Piece.Condition.TRIAL,
            "Shelf A1",
            Optional.of(2981.5),
            "tell how it did");

    private static PiecesCsv.Reading read(String text) {
        return PiecesCsv.read(text, Set.of("body-tern")::contains);
    }

    private static String refused(String text) {
        return assertThrows(HarborFormatException.class, () -> read(text)).getMessage();
    }

    @Test
    void whatIsWrittenIsRead() {
        PiecesCsv.Reading back = read(PiecesCsv.write(List.of(ONE)));
        assertEquals(List.of(), back.problems());
        Piece piece = back.pieces().get(0);
        assertEquals("'=1+1", piece.serial(), "what looks like a formula is kept as text");
        assertEquals(ONE.from(), piece.from());
        assertEquals(ONE.grams(), piece.grams());
        assertEquals(ONE.condition(), piece.condition());
    }

    @Test
    void codeAndTypeAreEnough() {
        Piece piece = read("\uFEFFtype,code\nbody-tern, bd-7 \n").pieces().get(0);
        assertEquals("BD-7", piece.code());
        assertEquals(Piece.Condition.READY, piece.condition());
        assertEquals(Piece.Owner.HOUSE, piece.owner());
        assertEquals(Optional.empty(), piece.grams());
    }

    @Test
    void everythingWrongIsToldWithItsPlace() {
        PiecesCsv.Reading reading = read(
                "code,type,condition,mass_g,owner\nA-1,body-tern,,,\na-1,body-tern,,,\n"
                        + "A-2,body-none,,,\nA-3,body-tern,broken,,\nA-4,body-tern,,much,\n-5,body-tern,,,\nA-6,body-tern,needs service,-3,\n");
        assertEquals(7, reading.rows());
        assertEquals(List.of("A-1"), reading.pieces().stream().map(Piece::code).toList());
        assertEquals(
                List.of(
                        "3 code is that of row 2",
                        "4 type 'body-none' is no type of this house's catalogue",
                        "5 condition 'broken' is not known; known are READY, TRIAL, NEEDS_SERVICE, QUARANTINED, LOST, RETIRED",
                        "6 mass_g 'much' is not a number"),
                reading.problems().stream()
                        .limit(4)
                        .map(p -> p.row() + " " + p.column() + " " + p.message())
                        .toList());
        assertEquals(6, reading.problems().size());
        assertTrue(
                reading.problems().get(5).message().contains("0"),
                reading.problems().toString());
    }

    @Test
    void aRowOfMoreCellsThanTheHeadingIsTold() {
        PiecesCsv.Reading reading = read("code,type\nA-1,body-tern,ready\nA-2,body-tern\n");
        assertEquals(
                "has 3 cells where the heading has 2", reading.problems().get(0).message());
        assertEquals(1, reading.pieces().size());
    }

    @Test
    void whatIsNoTableIsRefused() {
        assertTrue(refused("number,type\n").contains("'number' is not known"));
        assertTrue(refused("code,serial\n").contains("'type' is missing"));
        assertTrue(refused("code,type\n\"A-1,body-tern\n").contains("is not a line of a CSV table"));
    }

    /** The demo's own list: six hundred pieces and more, of types that the demo has. */
    @Test
    void theDemosListIsWhole() throws IOException {
        Path demo = Path.of("..", "demo");
        Set<String> types = Set.copyOf(new CatalogueCsv()
                .read(Files.readString(demo.resolve("catalogue.csv")), done -> {}, () -> false).types().stream()
                        .map(t -> t.ref().id())
                        .collect(Collectors.toSet()));
        PiecesCsv.Reading reading = PiecesCsv.read(Files.readString(demo.resolve("pieces.csv")), types::contains);
        assertEquals(List.of(), reading.problems());
        assertTrue(reading.pieces().size() >= 600);
    }
}
