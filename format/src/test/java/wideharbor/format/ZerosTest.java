package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.job.Job;

/** Which zeros of older files say “nobody knows” and which say zero: the table of docs/format.md. */
class ZerosTest {
    private final HarborCodec codec = new HarborCodec();

    private static final String PART = """
            {"ref": "odd@1", "maker": "Nobody", "name": "Odd", "category": "BODY",
             "links": [{"id": "main", "massGrams": 100, "centreOfMass": [0, 0, 0], "shapes": []}],
             "ports": [{"id": "mount", "title": "mount", "standard": "mount-pl", "role": "A", "link": "main",
                        "at": [0, 0, 0], "normal": [0, 0, 1], "up": [0, 1, 0],
                        "size": {"diameterMm": 0, "spacingMm": 0}, "rating": {"loadGrams": 0, "momentNm": 0}}],
             "sockets": [{"id": "sdi", "title": "SDI", "kind": "PICTURE", "direction": "OUT", "connector": "BNC",
                          "pinOut": "usual", "at": [0, 0, 0], "normal": [0, 0, 0]},
                         {"id": "in", "title": "in", "kind": "POWER", "direction": "IN", "connector": "round",
                          "pinOut": "usual", "at": [0, 0, 0]}],
             "facets": [{"type": "camera", "mountPort": "mount", "mountLimitNm": 5, "windowWidthMm": 0,
                         "windowHeightMm": 0},
                        {"type": "lens", "mountPort": "mount", "focalMm": 50, "tStop": 2, "lengthMm": 90,
                         "frontDiameterMm": 95, "closeFocusMm": 0},
                        {"type": "signal", "socket": "sdi", "carried": "PICTURE", "gigabits": 0, "fragile": false},
                        {"type": "powerInput", "socket": "in", "minVolts": 0, "maxVolts": 17, "idleWatts": 0,
                         "runningWatts": 0, "peakWatts": 0, "bootSeconds": 0}]}
            """;

    @Test
    void whatNobodyKnewIsAbsent() {
        ItemType part = codec.readWrittenType(PART);
        Port port = part.port("mount").orElseThrow();
        assertEquals(Port.Size.STANDARD, port.size());
        assertEquals(Port.Rating.NONE, port.rating());
        assertEquals(Optional.empty(), part.socket("sdi").orElseThrow().normal());
        assertEquals(
                Optional.empty(),
                part.facet(OpticalFacet.Camera.class).orElseThrow().window());
        assertEquals(
                Optional.empty(),
                part.facet(OpticalFacet.Lens.class).orElseThrow().closeFocusMm());
        assertEquals(
                Optional.empty(),
                part.facet(SignalFacet.Signal.class).orElseThrow().gigabits());
    }

    @Test
    void aZeroThatSaysZeroStays() {
        PowerFacet.PowerInput input =
                codec.readWrittenType(PART).facet(PowerFacet.PowerInput.class).orElseThrow();
        assertEquals(0, input.bootSeconds());
        assertEquals(0, input.idleWatts());
        assertEquals(0, input.minVolts());
        assertEquals(wideharbor.core.quantity.Figure.maker(0), input.runningWatts());
    }

    @Test
    void whatIsAbsentIsNotWritten() {
        String written = codec.writeType(codec.readWrittenType(PART));
        for (String name : new String[] {"closeFocusMm", "windowWidthMm", "gigabits", "loadGrams", "null"}) {
            assertFalse(written.contains(name), name);
        }
        assertEquals(codec.readWrittenType(PART), codec.readWrittenType(written));
    }

    /** A claim of no hours, a value of nothing and a person without height are nobody's answer. */
    @ParameterizedTest
    @ValueSource(strings = {"second-bell", "slack-water", "kiln", "the-lift", "queens-yard"})
    void whatNobodyWasAskedIsAbsent(String name) throws IOException {
        ObjectNode tree = (ObjectNode) HarborCodec.mapper().readTree(Files.readAllBytes(demo(name)));
        ObjectNode brief = (ObjectNode) tree.path("brief");
        brief.withObject("asks").withObject("shoot").put("insuredValue", 0).put("claimedHours", 0);
        brief.withObject("crew").withObject("profile").put("heightMm", 0);
        Job job = codec.read(tree.toString().getBytes(StandardCharsets.UTF_8));
        assertEquals(Optional.empty(), job.brief().asks().shoot().insuredValue());
        assertEquals(Optional.empty(), job.brief().asks().shoot().claimedHours());
        assertEquals(Optional.empty(), job.brief().crew().profile().heightMm());
    }

    /** Written with zeros or without them, a part is the same part: no house has to take it in as another. */
    @ParameterizedTest
    @ValueSource(strings = {"second-bell", "slack-water", "kiln", "the-lift", "queens-yard"})
    void aPartOfTheVersionBeforeIsTheSamePart(String name) throws IOException {
        try (InputStream old = ZerosTest.class.getResourceAsStream("/version-1/" + name + ".harbor.json")) {
            Job before = codec.read(old.readAllBytes());
            Job now = codec.read(Files.readAllBytes(demo(name)));
            for (ItemType type : before.catalogue().all()) {
                now.catalogue().find(type.ref()).ifPresent(same -> assertEquals(same, type));
            }
        }
    }

    private static Path demo(String name) {
        return Path.of("..", "demo", name + ".harbor.json");
    }
}
