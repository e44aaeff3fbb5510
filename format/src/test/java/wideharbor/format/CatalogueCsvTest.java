package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.standard.Standards;

class CatalogueCsvTest {
    private static final Path LIST = HarborCodecTest.DEMO.resolve("catalogue.csv");

    private final CatalogueCsv csv = new CatalogueCsv();

    private CatalogueCsv.Reading read(String text) {
        return csv.read(text, n -> {}, () -> false);
    }

    /** The house's whole list, out and in again: nothing is lost, in CSV or as a file. */
    @Test
    void theHousesListComesBackAsItWas() throws IOException {
        List<ItemType> types = read(Files.readString(LIST)).types();
        assertTrue(types.size() >= 150, types.size() + " item types");
        assertEquals(types, read(csv.write(types)).types());
        HarborCodec codec = new HarborCodec();
        Catalogue house = new Catalogue(types, Standards.seed());
        assertEquals(types, codec.readCatalogue(codec.writeCatalogue(house)).catalogue());
    }

    /** Every mounting standard has a part in the house. */
    @Test
    void theHouseHasSomethingOfEveryStandard() throws IOException {
        var used = read(Files.readString(LIST)).types().stream()
                .flatMap(t -> t.ports().stream())
                .map(p -> p.standard())
                .collect(Collectors.toSet());
        List<String> missing = Standards.seed().all().stream()
                .map(s -> s.id())
                .filter(id -> !used.contains(id) && !id.equals("tube-20"))
                .toList();
        assertEquals(List.of(), missing);
    }

    @Test
    void aPlainRowIsAPartWithABox() {
        CatalogueCsv.Reading reading = read("id,maker,name,category,mass_g,width_mm,height_mm,length_mm\n"
                + "block,Tarnwick,Cheese block,adapter,34,32,12,40\n"
                + "odd,Tarnwick,Odd bracket,BRACKET,,,,\n");
        assertEquals(List.of(), reading.problems());
        ItemType block = reading.types().get(0);
        assertEquals("block@1", block.ref().toString());
        assertEquals(
                List.of(new Shape.Box(new Vec3(-16, 0, -20), new Vec3(16, 12, 20), Shape.Use.SOLID)),
                block.links().get(0).shapes());
        assertEquals(
                Figure.unknown("not in the list"),
                reading.types().get(1).links().get(0).massGrams());
    }

    @Test
    void everyBadRowIsToldWithItsColumnAndGoodOnesAreRead() {
        CatalogueCsv.Reading reading = read("id,maker,name,category,mass_g,ports\n"
                + "a,Tarnwick,A,ADAPTER,heavy,\n"
                + "b,Tarnwick,B,GADGET,1,\n"
                + "c,,C,ADAPTER,1,\n"
                + "d,Tarnwick,D,ADAPTER,-5,\n"
                + "e,Tarnwick,E,ADAPTER,1,\"[{\"\"id\"\":\"\"x\"\"}]\"\n"
                + "f,Tarnwick,F,ADAPTER,1,not json\n"
                + "g,Tarnwick,G,ADAPTER,1e309,\n"
                + "good,Tarnwick,Good,ADAPTER,1,\n"
                + "good,Tarnwick,Good again,ADAPTER,1,\n");
        assertEquals(1, reading.types().size());
        assertEquals(
                List.of("2 mass_g", "3 category", "4 maker", "5 mass_g", "6 ports", "7 ports", "8 mass_g", "10 id"),
                reading.problems().stream().map(p -> p.row() + " " + p.column()).toList());
        assertTrue(reading.problems().get(1).message().startsWith("'GADGET' is not known; known are BODY"));
        assertTrue(reading.problems().get(3).message().contains("must not be negative, but was -5"));
        assertTrue(reading.problems().get(7).message().contains("row 9 already"));
    }

    @Test
    void fiveHundredBadRowsAreFiveHundredProblems() {
        StringBuilder text = new StringBuilder("id,maker,name,category,mass_g\n");
        for (int i = 0; i < 1000; i++) {
            text.append("p")
                    .append(i)
                    .append(",Tarnwick,Part,ADAPTER,")
                    .append(i % 2 == 0 ? "x" : "10")
                    .append('\n');
        }
        CatalogueCsv.Reading reading = read(text.toString());
        assertEquals(500, reading.problems().size());
        assertEquals(500, reading.types().size());
    }

    @Test
    void aWrongHeadingIsRefusedByName() {
        assertTrue(assertThrows(HarborFormatException.class, () -> read("id,maker,nme,category\n"))
                .getMessage()
                .contains("'nme' is not known"));
        assertTrue(assertThrows(HarborFormatException.class, () -> read("id,maker,name\n"))
                .getMessage()
                .contains("'category' is missing"));
    }

    /** In words for whoever wrote the list, not for whoever wrote the parser. */
    @Test
    void aQuoteThatIsNotClosedIsTold() {
        for (String row : new String[] {"a,\"open", "a,\"b\"c,d"}) {
            HarborFormatException e =
                    assertThrows(HarborFormatException.class, () -> read("id,maker,name,category\n" + row + "\n"));
            assertTrue(e.getMessage().contains("a quote is opened here"), e.getMessage());
            assertFalse(e.getMessage().contains("Exception"), e.getMessage());
        }
    }

    @Test
    void progressIsToldAndCancellingStops() {
        StringBuilder text = new StringBuilder("id,maker,name,category\n");
        for (int i = 0; i < 400; i++) {
            text.append("p").append(i).append(",Tarnwick,Part,ADAPTER\n");
        }
        AtomicInteger last = new AtomicInteger();
        CatalogueCsv.Reading reading = csv.read(text.toString(), last::set, () -> last.get() >= 100);
        assertTrue(reading.rows() < 400 && reading.rows() >= 100, reading.rows() + " rows");
    }

    @Test
    void aPartWrittenByHandIsReadOrToldWhereItIsWrong() {
        HarborCodec codec = new HarborCodec();
        String text = "{\"ref\":\"clip@1\",\"maker\":\"Tarnwick\",\"name\":\"Clip\",\"category\":\"OTHER\","
                + "\"links\":[{\"id\":\"main\",\"massGrams\":12,\"centreOfMass\":[0,0,0],\"shapes\":[]}]}";
        ItemType clip = codec.readWrittenType(text);
        assertEquals(clip, codec.readWrittenType(codec.writeTypeForReading(clip)));
        ItemType hood = codec.readWrittenType(
                text.replace(
                        "\"shapes\":[]",
                        "\"shapes\":[{\"type\":\"cone\",\"from\":[0,0,0],\"to\":[0,0,40],\"radiusMm\":50,\"endRadiusMm\":70}]"));
        assertEquals(
                List.of(new Shape.Cone(Vec3.ZERO, new Vec3(0, 0, 40), 50, 70, Shape.Use.SOLID)),
                hood.links().get(0).shapes());
        assertEquals(hood, codec.readWrittenType(codec.writeTypeForReading(hood)));
        assertTrue(assertThrows(HarborFormatException.class, () -> codec.readWrittenType(text.replace("12", "\"x\"")))
                .getMessage()
                .contains("massGrams"));
        assertTrue(assertThrows(
                        HarborFormatException.class,
                        () -> codec.readWrittenType(text.replace("\"main\"", "\"main\",,")))
                .getMessage()
                .contains("line 1"));
    }
}
