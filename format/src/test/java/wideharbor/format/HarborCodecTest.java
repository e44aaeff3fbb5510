package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;

class HarborCodecTest {
    static final Path DEMO = Path.of("..", "demo");
    private final HarborCodec codec = new HarborCodec();

    static byte[] demo(String job) {
        try {
            return Files.readAllBytes(DEMO.resolve(job + ".harbor.json"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"slack-water", "second-bell", "kiln", "the-lift", "queens-yard"})
    void whatIsWrittenReadsBackTheSame(String name) {
        Job job = codec.read(demo(name));
        byte[] written = codec.write(job);
        Job again = codec.read(written);
        assertEquals(job.gear(), again.gear());
        assertEquals(job.brief(), again.brief());
        assertEquals(job.rules(), again.rules());
        assertEquals(job.reads(), again.reads());
        again.catalogue().all().forEach(t -> assertEquals(t, job.catalogue().require(t.ref())));
        assertArrayEquals(written, codec.write(again), "written twice, the same bytes");
        assertEquals(CheckEngine.standard().check(job), CheckEngine.standard().check(again));
    }

    @Test
    void editsSurviveTheFile() {
        Job job = codec.read(demo("slack-water"));
        var edit = List.of(
                Scoped.base(new Command.Remove(PlacementId.of("clip"))),
                Scoped.base(new Command.Identify(PlacementId.of("legs"), "L-2")),
                Scoped.base(new Command.Weigh(PlacementId.of("legs"), Figure.measured(4100, "tech", "2026-11-24"))),
                Scoped.lens(LensId.of("a135"), new Command.Set(SettingKey.parse("dovetail:rail:0"), 48.5, false)));
        Job edited = job.with(
                job.gear().apply(BuildId.of("a"), edit, job.catalogue()).after());
        assertEquals(edited.gear(), codec.read(codec.write(edited)).gear());
        assertEquals(edit, codec.readCommands(codec.writeCommands(edit)));
    }

    /** How a cable is laid, what a part does in a block, and what it takes to boot, survive the file and the store. */
    @Test
    void layingAndStatesSurviveTheFile() {
        Job job = codec.read(demo("kiln"));
        assertEquals(
                PlacementId.of("body"),
                job.gear()
                        .build(BuildId.of("a"))
                        .base()
                        .cable(new CableId("k-bus"))
                        .orElseThrow()
                        .laid()
                        .stowedIn());
        List<Scoped> edit = List.of(Scoped.base(new Command.Lay(
                new CableId("k-bus"),
                new CableRun.Laid(List.of(PlacementId.of("top"), PlacementId.of("plate")), PlacementId.NONE))));
        assertEquals(edit, codec.readCommands(codec.writeCommands(edit)));
        Job laid = job.with(
                job.gear().apply(BuildId.of("a"), edit, job.catalogue()).after());
        assertEquals(laid.gear(), codec.read(codec.write(laid)).gear());
        DayBlock block = new DayBlock(
                "Deck",
                DayBlock.State.ON,
                2,
                -4,
                false,
                List.of(new DayBlock.PartState(BuildId.of("a"), PlacementId.of("tx"), DayBlock.State.OFF)));
        ObjectNode brief = (ObjectNode) HarborCodec.mapper().readTree(codec.writeBrief(job.brief()));
        ((ArrayNode) brief.path("asks").path("shoot").path("day"))
                .removeAll()
                .add(HarborCodec.mapper().valueToTree(block));
        assertEquals(
                List.of(block), codec.readBrief(brief.toString()).asks().shoot().day());
    }

    /** Rows stored before cables were laid, blocks named parts and parts booted read as ones that leave it out. */
    @Test
    void rowsFromBeforeCablesWereLaidStillRead() {
        Job job = codec.read(demo("kiln"));
        ObjectNode build = (ObjectNode)
                HarborCodec.mapper().readTree(codec.writeBuild(job.gear().build(BuildId.of("a"))));
        build.path("cables").forEach(c -> ((ObjectNode) c).remove("laid"));
        var read = codec.readBuild(build.toString(), job.catalogue());
        assertTrue(read.base().cables().stream().allMatch(c -> c.laid().equals(CableRun.Laid.FREE)));
        ObjectNode brief = (ObjectNode) HarborCodec.mapper().readTree(codec.writeBrief(job.brief()));
        brief.path("asks").path("shoot").path("day").forEach(b -> ((ObjectNode) b).remove("parts"));
        assertEquals(job.brief(), codec.readBrief(brief.toString()));
        ObjectNode body = (ObjectNode) HarborCodec.mapper()
                .readTree(codec.writeType(job.catalogue().all().stream()
                        .filter(t -> t.ref().id().equals("body-wren"))
                        .findFirst()
                        .orElseThrow()));
        body.path("facets").forEach(f -> ((ObjectNode) f).remove("bootSeconds"));
        assertEquals(
                0,
                codec.readType(body.toString())
                        .facet(PowerFacet.PowerInput.class)
                        .orElseThrow()
                        .bootSeconds());
    }

    /** What no lens touches is asked once: on every shipped job the report is that of asking with every lens. */
    @ParameterizedTest
    @ValueSource(strings = {"slack-water", "second-bell", "kiln", "the-lift", "queens-yard"})
    void whatIsAskedOnceIsAnsweredForEveryLens(String name) {
        Job job = codec.read(demo(name));
        CheckEngine engine = CheckEngine.standard();
        List<Report> plain = job.gear().builds().stream()
                .flatMap(b -> b.configurations().stream()
                        .flatMap(c ->
                                b.lenses().stream().map(l -> engine.check(RigAnalysis.of(job, b, c.id(), l.id())))))
                .toList();
        Report together = engine.together(plain);
        Report once = engine.check(job);
        // What is looked at while the lens is off is asked besides.
        Predicate<Finding> withALens =
                f -> !engine.require(f.key().check()).card().emptySlot();
        assertEquals(
                together.findings().stream().filter(withALens).toList(),
                once.findings().stream().filter(withALens).toList());
        assertEquals(together.looked(), once.looked());
    }

    // --- hostile and broken files: a clear error with the place, never anything half read ---

    /**
     * A row that was stored before parts had relations and marks, and joints notes, reads as one that leaves them out.
     */
    @Test
    void rowsOfAnOlderStoreStillRead() {
        Job job = codec.read(demo("the-lift"));
        ObjectNode type = (ObjectNode) HarborCodec.mapper()
                .readTree(codec.writeType(job.catalogue().all().get(0)));
        type.remove("relations");
        type.path("ports").forEach(p -> ((ObjectNode) p).remove("mark"));
        assertEquals("", codec.readType(type.toString()).ports().get(0).mark());
        ObjectNode build = (ObjectNode) HarborCodec.mapper()
                .readTree(codec.writeBuild(job.gear().builds().get(0)));
        build.path("joints").forEach(j -> ((ObjectNode) j).remove("note"));
        assertEquals(job.gear().builds().get(0), codec.readBuild(build.toString(), job.catalogue()));
        String trust = "[{\"scope\":{\"type\":\"base\"},\"command\":{\"type\":\"trust\",\"joint\":\"j\","
                + "\"confidence\":\"CLAIMED\"}}]";
        assertEquals(
                List.of(Scoped.base(new Command.Trust(new JointId("j"), Joint.Confidence.CLAIMED, ""))),
                codec.readCommands(trust));
    }

    @Test
    void aTruncatedFileNamesTheLine() {
        byte[] whole = demo("slack-water");
        HarborFormatException e = refused(java.util.Arrays.copyOf(whole, whole.length / 2));
        assertTrue(e.problems().get(0).place().startsWith("line "), e.getMessage());
    }

    @Test
    void anUnknownVersionIsNamed() {
        says(f -> f.put("version", 7), "/version", "versions 1 and 2, but the file is of version 7");
        says(f -> f.put("format", "other"), "/format", "must be \"wide-harbor\"");
    }

    @Test
    void duplicateIdsAreNamed() {
        says(f -> placements(f).add(placements(f).get(3).deepCopy()), "/builds/0", "two of placement 'rods'");
        says(f -> ((ArrayNode) f.at("/catalogue")).add(f.at("/catalogue/0").deepCopy()), "/catalogue", "occurs twice");
    }

    @Test
    void aJointToAMissingPortIsNamed() {
        says(
                f -> ((ObjectNode) f.at("/builds/0/joints/1")).put("child", "bridge:nowhere"),
                "/builds/0",
                "joint 'j-bridge', child names port 'nowhere'");
    }

    @Test
    void aCircleOfLocatingJointsIsNamed() {
        says(f -> ((ObjectNode) f.at("/builds/0/joints/0")).put("parent", "head:top"), "/builds/0", "circle");
    }

    @Test
    void numbersThatAreNoneAreRefused() {
        String text = new String(demo("slack-water"), StandardCharsets.UTF_8);
        HarborFormatException nan = refused(
                text.replaceFirst("\"massGrams\": 2980", "\"massGrams\": NaN").getBytes(StandardCharsets.UTF_8));
        assertTrue(nan.problems().get(0).place().startsWith("line "), nan.getMessage());
        HarborFormatException huge = refused(
                text.replaceFirst("\"massGrams\": 2980", "\"massGrams\": 1e309").getBytes(StandardCharsets.UTF_8));
        assertTrue(huge.getMessage().contains("massGrams"), huge.getMessage());
        HarborFormatException whole =
                refused(text.replaceFirst("\"count\": 2", "\"count\": 1e300").getBytes(StandardCharsets.UTF_8));
        assertTrue(whole.problems().get(0).place().endsWith("/count"), whole.getMessage());
        assertTrue(whole.getMessage().contains("beyond 1000000000000"), whole.getMessage());
        HarborFormatException negative = refused(
                text.replaceFirst("\"massGrams\": 2980", "\"massGrams\": -1").getBytes(StandardCharsets.UTF_8));
        assertTrue(negative.getMessage().contains("must not be negative, but was -1"), negative.getMessage());
        assertTrue(negative.problems().get(0).place().startsWith("/catalogue/0/links/0"), negative.getMessage());
    }

    @Test
    void tenMegabytesOfNestingEndQuicklyAndInWords() {
        byte[] deep = "[".repeat(10_000_000).getBytes(StandardCharsets.US_ASCII);
        assertTrue(refused(deep).getMessage().contains("nesting depth"));
        byte[] large = new byte[HarborCodec.LARGEST + 1];
        assertTrue(refused(large).getMessage().contains("at most"));
    }

    @Test
    void somethingElseEntirelyIsRefused() {
        refused(new byte[0]);
        refused("42".getBytes(StandardCharsets.UTF_8));
        refused("{}".getBytes(StandardCharsets.UTF_8));
        refused("PK\u0003\u0004".getBytes(StandardCharsets.UTF_8));
        assertTrue(refused("{\"format\":\"wide-harbor\",\"format\":\"x\"}".getBytes(StandardCharsets.UTF_8))
                .getMessage()
                .contains("Duplicate"));
    }

    @Test
    void unknownAndMissingFieldsAreNamedAllAtOnce() {
        ObjectNode file = tree("slack-water");
        file.put("surprise", 1);
        ((ObjectNode) file.at("/brief")).remove("hoursOn");
        ((ObjectNode) file.at("/builds/0/placements/0")).put("type", "no revision");
        HarborFormatException e = refused(bytes(file));
        assertEquals(3, e.problems().size(), e.getMessage());
        assertTrue(e.getMessage().contains("surprise"));
        assertTrue(e.getMessage().contains("hoursOn"));
        assertTrue(e.getMessage().contains("/builds/0/placements/0/type"));
    }

    @Test
    void anOverlayThatNamesNothingIsReadAndHeldAsAConflict() {
        ObjectNode file = tree("slack-water");
        ((ObjectNode) file.at("/builds/0/lenses/0/overlay/2")).put("key", "box:gone:0");
        Job job = codec.read(file.toString().getBytes(StandardCharsets.UTF_8));
        var conflict =
                CheckEngine.standard().check(job).of("configuration.conflict").get(0);
        assertEquals("40 mm T2.3 changes what is no longer there", conflict.title());
        assertEquals("a40", conflict.key().lens().toString());
    }

    @Test
    void aConfigurationBasedOnNothingIsNamed() {
        says(
                f -> ((ObjectNode) f.at("/builds/0/configurations/0")).put("basedOn", "nowhere"),
                "/builds/0",
                "is based on 'nowhere'");
    }

    private void says(Consumer<ObjectNode> change, String place, String words) {
        ObjectNode file = tree("slack-water");
        change.accept(file);
        HarborFormatException e = refused(bytes(file));
        assertEquals(place, e.problems().get(0).place(), e.getMessage());
        assertTrue(e.getMessage().contains(words), e.getMessage());
    }

    private static ArrayNode placements(ObjectNode file) {
        return (ArrayNode) file.at("/builds/0/placements");
    }

    private static ObjectNode tree(String job) {
        return (ObjectNode) HarborCodec.mapper().readTree(demo(job));
    }

    private static byte[] bytes(ObjectNode file) {
        return HarborCodec.mapper().writeValueAsBytes(file);
    }

    private HarborFormatException refused(byte[] bytes) {
        return assertThrows(HarborFormatException.class, () -> codec.read(bytes));
    }
}
