package wideharbor.core.maker;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.standard.Standards;

class PartMakerTest {
    private static final Standards STANDARDS = Standards.seed();

    static Stream<PartTemplate> all() {
        return Templates.GROUPS.stream().flatMap(g -> g.templates().stream());
    }

    private static PartTemplate template(String id) {
        return Templates.find(id).orElseThrow();
    }

    /** As somebody answers who takes what it begins with for what was measured. */
    private static Map<String, String> whole(PartTemplate template) {
        Map<String, String> answers = new LinkedHashMap<>();
        template.asks().forEach(a -> answers.put(a.id(), a.start()));
        answers.put("name", "The " + template.title());
        answers.put("maker", "House");
        answers.put("mass", "420");
        return answers;
    }

    private static PartMaker.Made made(PartTemplate template, Map<String, String> answers, ExtraFace... faces) {
        return PartMaker.make(template, answers, List.of(faces), STANDARDS, Set.of());
    }

    private static Port port(ItemType type, String id) {
        return type.port(id).orElseThrow();
    }

    @Test
    void cardsReadersAndDrivesTellWhatTheDayOfCardsAsks() {
        Map<String, String> card = whole(template("card"));
        card.put("kind", "slab");
        card.remove("mbs");
        MediaFacet.Card told =
                made(template("card"), card).type().facet(MediaFacet.Card.class).orElseThrow();
        assertEquals("slab", told.kind());
        assertEquals(Figure.maker(512), told.gigabytes());
        assertTrue(told.writeMegabytes() instanceof Figure.Unknown);
        Map<String, String> reader = whole(template("reader"));
        reader.put("kinds", "slab, block,, slab");
        reader.put("slots", "4");
        MediaFacet.Reader reads = made(template("reader"), reader)
                .type()
                .facet(MediaFacet.Reader.class)
                .orElseThrow();
        assertEquals(List.of("slab", "block"), reads.kinds());
        assertEquals(4, reads.slots());
        assertTrue(made(template("drive"), whole(template("drive")))
                .type()
                .facet(MediaFacet.Drive.class)
                .isPresent());
        card.put("kind", "x".repeat(41));
        assertEquals(
                "Goes into must have at most 40 characters, but has 41.",
                made(template("card"), card).doubts().get(0).text());
    }

    @Test
    void aBodyTellsItsCardsAndOneMode() {
        Map<String, String> body = whole(template("body"));
        assertTrue(
                made(template("body"), body)
                        .type()
                        .facet(MediaFacet.Slots.class)
                        .isEmpty(),
                "nobody said");
        body.putAll(Map.of("cards", "slab", "slots", "PAIR", "mode", "4K raw", "fps", "60", "mbit", "1600"));
        ItemType type = made(template("body"), body).type();
        assertEquals(2, type.facet(MediaFacet.Slots.class).orElseThrow().together());
        MediaFacet.Mode mode =
                type.facet(MediaFacet.Modes.class).orElseThrow().modes().get(0);
        assertEquals(1600, mode.megabitsAt(60), 1e-9);
        assertEquals(28, mode.widthMm(), 1e-9);
        body.remove("mbit");
        assertTrue(
                made(template("body"), body)
                        .type()
                        .facet(MediaFacet.Modes.class)
                        .isEmpty(),
                "a mode needs its rate");
    }

    @Test
    void thereAreTemplatesForWhatALorryHolds() {
        assertTrue(all().count() >= 24, all().count() + " templates");
        assertEquals(all().count(), all().map(PartTemplate::id).distinct().count(), "each has an id of its own");
    }

    /** Every template, answered throughout, gives a part without a doubt that blocks, of standards that there are. */
    @ParameterizedTest
    @MethodSource("all")
    void aTemplateAnsweredThroughoutIsAPart(PartTemplate template) {
        PartMaker.Made made = made(template, whole(template));
        assertTrue(made.isReady(), made.doubts().toString());
        ItemType type = made.type();
        assertEquals(template.category(), type.category());
        type.ports().forEach(p -> assertTrue(STANDARDS.find(p.standard()).isPresent(), p.standard()));
        assertEquals("The " + template.title(), type.name());
        assertTrue(type.links().get(0).massGrams() instanceof Figure.Known k && k.value() == 420, "the scale's figure");
    }

    /** What is not answered is drawn as it begins, told at its field, and the part cannot be kept. */
    @ParameterizedTest
    @MethodSource("all")
    void anEmptyTemplateIsDrawnAndSaysWhatIsMissing(PartTemplate template) {
        PartMaker.Made made = made(template, Map.of());
        assertFalse(made.isReady());
        long needed = template.asks().stream().filter(a -> !a.optional()).count();
        assertEquals(
                needed,
                made.doubts().stream().filter(Doubt::blocks).count(),
                made.doubts().toString());
        assertTrue(
                made.type().name().startsWith("Not identified: "), made.type().name());
    }

    /** 14 thick, 100 by 90: the lower face lies 14 under the upper, and each mates with what it is meant for. */
    @Test
    void aPlateHasItsTwoFacesWhereTheyWereMeasured() {
        Map<String, String> answers = new LinkedHashMap<>(whole(template("plate")));
        answers.putAll(
                Map.of("thick", "14", "top", "thread-3-8", "topHalf", "A", "bottom", "flat-base", "bottomHalf", "A"));
        ItemType plate = made(template("plate"), answers).type();
        assertEquals(
                14, port(plate, "top").at().y() - port(plate, "bottom").at().y(), 1e-9);
        ItemType body = made(template("body"), whole(template("body"))).type();
        assertTrue(Mating.mates(port(body, "base"), port(plate, "top"), STANDARDS));
        ItemType head = made(template("head"), whole(template("head"))).type();
        assertTrue(Mating.mates(port(plate, "bottom"), port(head, "top"), STANDARDS));
        assertEquals(2, port(plate, "top").screwCount());
    }

    /** A technician's chain from nothing but templates: body, bridge, dovetail, head, legs; rods, support, lens. */
    @Test
    void whatTemplatesMakeGoesTogether() {
        assertMates("body", "mount", "lens", "mount");
        assertMates("bridge", "rods", "rods", "rods");
        assertMates("bridge", "bottom", "dovetail", "rail");
        assertMates("dovetail", "bottom", "head", "top");
        assertMates("head", "bowl", "legs", "bowl");
        assertMates("lens-support", "rods", "rods", "rods");
        assertMates("lens-support", "cradle", "lens", "barrel");
        assertMates("matte-box", "rods", "rods", "rods");
        assertMates("battery", "plate", "power-plate", "battery");
        assertMates("arm", "tip", "monitor", "foot");
        assertMates("handle", "front", "arm", "base");
        assertMates("pad", "rods", "rods", "rods");
    }

    private static void assertMates(String a, String ownA, String b, String ownB) {
        Port one = port(made(template(a), whole(template(a))).type(), ownA);
        Port other = port(made(template(b), whole(template(b))).type(), ownB);
        assertEquals("", Mating.whyNot(one, other, STANDARDS).orElse(""), a + " on " + b);
    }

    @Test
    void figuresOutOfReasonAreToldAtTheirField() {
        Map<String, String> answers = new LinkedHashMap<>(whole(template("riser")));
        answers.put("thick", "-4");
        answers.put("width", "wide");
        answers.put("thread", "thread-of-nowhere");
        List<Doubt> doubts = made(template("riser"), answers).doubts();
        assertEquals(
                List.of("width", "thick", "thread"),
                doubts.stream().map(Doubt::field).toList());
        assertTrue(doubts.get(1).text().contains("from 0.1 to 120 mm"), doubts.toString());
        answers.put("width", "80,5");
        assertTrue(made(template("riser"), answers).doubts().stream()
                .noneMatch(d -> d.field().equals("width")));
    }

    /** Pointed at on a side, a face lies on the outside of the part and looks out of it. */
    @Test
    void aFaceThatSomebodyPointedAtLiesOnItsSide() {
        PartTemplate cage = template("cage");
        ExtraFace shoe = new ExtraFace(ExtraFace.Side.LEFT, "cold-shoe", Port.Role.A, 20, 6);
        ItemType type = made(cage, whole(cage), shoe).type();
        Bounds bounds = Solid.of(type.links().get(0).shapes().get(0)).bounds();
        assertEquals(new Vec3(bounds.max().x(), 6, 20), port(type, "face-1").at());
        assertEquals(Vec3.LEFT, port(type, "face-1").normal());
    }

    @Test
    void aFaceToldTwiceOrBesideThePartBlocks() {
        PartTemplate cage = template("cage");
        ExtraFace one = new ExtraFace(ExtraFace.Side.TOP, "thread-1-4", Port.Role.B, 0, 0);
        ExtraFace near = new ExtraFace(ExtraFace.Side.TOP, "thread-1-4", Port.Role.B, 1, 1);
        ExtraFace off = new ExtraFace(ExtraFace.Side.TOP, "thread-1-4", Port.Role.B, 400, 0);
        List<Doubt> doubts = made(cage, whole(cage), one, near, off).doubts();
        assertEquals(
                List.of("faces[1]", "faces[2]"),
                doubts.stream().map(Doubt::field).toList());
        assertTrue(doubts.get(0).text().startsWith("Two faces at one place"), doubts.toString());
        assertTrue(doubts.get(1).text().contains("350 mm beside the part"), doubts.toString());
        ExtraFace unknown = new ExtraFace(ExtraFace.Side.TOP, "nothing-such", Port.Role.B, 0, 0);
        assertFalse(made(cage, whole(cage), unknown).isReady());
    }

    /** Nobody knows it: usable at once, found by what was measured, its mass open. */
    @Test
    void aPartNobodyKnowsIsNamedByItsMeasures() {
        Map<String, String> answers = new LinkedHashMap<>(whole(template("riser")));
        answers.keySet().removeAll(Set.of("name", "maker", "mass"));
        answers.putAll(Map.of("width", "80", "length", "90", "thick", "12.4"));
        PartMaker.Made made = made(template("riser"), answers);
        assertTrue(made.isReady());
        assertEquals("Not identified: riser, 80 × 12 × 90 mm", made.type().name());
        assertEquals("not identified", made.type().maker());
        assertTrue(made.type().links().get(0).massGrams() instanceof Figure.Unknown);
        assertEquals(Category.RISER, made.type().category());
        ItemType second = PartMaker.make(
                        template("riser"),
                        answers,
                        List.of(),
                        STANDARDS,
                        Set.of(made.type().ref().id()))
                .type();
        assertEquals(made.type().ref().id() + "-2", second.ref().id());
    }

    /** What is measured at a lens, a box and a motor is what their checks go by; what is not measured is unknown. */
    @Test
    void theFrontOfALensIsMeasured() {
        Map<String, String> answers = whole(template("lens"));
        ItemType lens = made(template("lens"), answers).type();
        assertEquals(
                Figure.maker(45),
                lens.facet(FrontFacet.Light.class).orElseThrow().pupilMm());
        assertEquals(113, lens.facet(FrontFacet.Gear.class).orElseThrow().teeth(), 1e-9, "92 over all of module 0.8");
        answers.put("pupil", "");
        answers.put("gear", "");
        lens = made(template("lens"), answers).type();
        assertTrue(lens.facet(FrontFacet.Light.class).orElseThrow().pupilMm() instanceof Figure.Unknown);
        assertTrue(lens.facet(FrontFacet.Gear.class).isEmpty());

        Map<String, String> measured = whole(template("matte-box"));
        FrontFacet.MatteBox box = made(template("matte-box"), measured)
                .type()
                .facet(FrontFacet.MatteBox.class)
                .orElseThrow();
        assertEquals(
                List.of("Stage 1", "Stage 2", "Mouth"),
                box.openings().stream().map(FrontFacet.Opening::title).toList());
        assertEquals(20, box.foremostFrontMm());
        assertEquals(34, box.openings().get(1).atMm());
        assertEquals(130, box.openings().get(0).widthMm());

        FrontFacet.Drive drive = made(template("motor"), whole(template("motor")))
                .type()
                .facet(FrontFacet.Drive.class)
                .orElseThrow();
        assertEquals(35, drive.armMm());
        assertTrue(made(template("body"), whole(template("body")))
                .type()
                .facet(OpticalFacet.Camera.class)
                .orElseThrow()
                .window()
                .isPresent());
    }
}
