package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Preferences;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.job.Job;

/** Operators, shoots, days and cases in the open file. */
class PeopleInFilesTest {
    private final HarborCodec codec = new HarborCodec();

    private Job changed(String job, Consumer<ObjectNode> change) {
        ObjectNode tree = (ObjectNode) HarborCodec.mapper().readTree(HarborCodecTest.demo(job));
        change.accept(tree);
        return codec.read(tree.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static ObjectNode brief(ObjectNode file) {
        return (ObjectNode) file.path("brief");
    }

    private static ObjectNode shoot(ObjectNode file) {
        return (ObjectNode) brief(file).path("asks").path("shoot");
    }

    /** A file from before operators and shoots were thought of reads as one that asks for nothing of them. */
    @Test
    void anOlderFileAsksForNothing() {
        Job job = changed("slack-water", file -> {
            ((ObjectNode) brief(file).path("crew")).remove("profile");
            ((ObjectNode) brief(file).path("asks")).remove("shoot");
        });
        assertEquals(Profile.UNASKED, job.brief().crew().profile());
        assertEquals(Shoot.UNASKED, job.brief().asks().shoot());
    }

    @Test
    void theOperatorsWaysTravelWithThePackage() {
        Job read = codec.read(HarborCodecTest.demo("kiln"));
        Preferences ways = new Preferences(
                Map.of("hands", "more"),
                Map.of("hands", "little", "grips", "two"),
                read.brief().asks().ways());
        Job job = new Job(
                read.id(),
                read.title(),
                read.brief(),
                new HouseRules(Map.of(), ways),
                read.catalogue(),
                read.gear(),
                List.of(),
                List.of());
        assertEquals(ways, codec.read(codec.write(job)).rules().ways());
    }

    /** Wrong things in a file are refused with their place. */
    @ParameterizedTest
    @CsvSource({"heightMm, 90,  brief.crew.profile", "heightMm, 9000, brief.crew.profile"})
    void anImpossibleOperatorIsRefusedWithThePlace(String property, double value, String place) {
        RuntimeException refused = assertThrows(
                RuntimeException.class,
                () -> changed(
                        "kiln", file -> ((ObjectNode) brief(file).path("crew").path("profile")).put(property, value)));
        assertTrue(refused.getMessage().contains("1200"), refused.getMessage());
        assertTrue(
                refused.getMessage().contains("profile") || refused.getMessage().contains(place), refused.getMessage());
    }

    /** Twelve hours twice are a day; with another quarter of an hour they are not. */
    @Test
    void aDayIsNoLongerThanADay() {
        assertEquals(2, day(12, 12).brief().asks().shoot().day().size());
        RuntimeException refused = assertThrows(RuntimeException.class, () -> day(12, 12.25));
        assertTrue(refused.getMessage().contains("24 h"), refused.getMessage());
    }

    private Job day(double... hours) {
        return changed("kiln", file -> {
            var blocks = shoot(file).putArray("day");
            for (double h : hours) {
                blocks.addObject()
                        .put("what", "Block")
                        .put("state", "ON")
                        .put("hours", h)
                        .put("celsius", 4);
            }
        });
    }

    @Test
    void whoIsNotKnownToTheSchemaIsNamed() {
        RuntimeException refused = assertThrows(
                RuntimeException.class,
                () -> changed("kiln", file -> shoot(file).put("sound", "LOUD")));
        assertTrue(refused.getMessage().contains("sound"), refused.getMessage());
    }

    @Test
    void casesPadsAndChargersSayWhatTheyAre() {
        Job job = codec.read(HarborCodecTest.demo("slack-water"));
        RiggingFacet.Room room = job.catalogue().all().stream()
                .flatMap(t -> t.facets(RiggingFacet.Room.class).stream())
                .findFirst()
                .orElseThrow();
        assertTrue(room.mostGrams() > 0 && room.lengthMm() > 0);
        assertTrue(job.catalogue().all().stream()
                .anyMatch(t -> t.facet(SupportFacet.Pad.class).isPresent()));
        assertTrue(job.catalogue().all().stream()
                .anyMatch(t -> t.facet(PowerFacet.Charger.class).isPresent()));
    }

    /** One line for each type in each case; a name that looks like a formula stays text. */
    @Test
    void thePackingListIsCsv() {
        Job job = codec.read(HarborCodecTest.demo("slack-water"));
        CasePlan plan = CasePlan.of(job);
        List<String> lines = PackingListCsv.write(plan).lines().toList();
        assertEquals("case,case_name,item,name,pieces", lines.get(0));
        int expected = plan.cases().stream().mapToInt(c -> c.contents().size()).sum()
                + plan.loose().size();
        assertEquals(expected, lines.size() - 1);
        assertTrue(lines.stream().anyMatch(l -> l.startsWith("1,\"Case, ")), lines.get(1));
        assertEquals("'=1+1", PullListCsv.safe("=1+1"));
        assertEquals("Matte box", PullListCsv.safe("Matte box"));
    }
}
