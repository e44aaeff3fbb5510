package wideharbor.core.merge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.job.Job;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class DifferencesTest {
    private static Build taken(Rigs here, Rigs there) {
        Job job = here.job();
        Catalogue both = there.catalogue().and(job.catalogue());
        Differences.Result result = Differences.between(job.gear().build("a"), there.build(), both);
        GearPackage after = job.gear().apply("a", result.edit(), both).after();
        return after.build("a");
    }

    private static List<String> lines(Rigs here, Rigs there) {
        return Differences.between(here.build(), there.build(), there.catalogue().and(here.catalogue())).lines().stream()
                .map(l -> l.kind() + " " + l.what() + " " + l.id())
                .toList();
    }

    @Test
    void theSameSaysNothing() {
        assertEquals(List.of(), lines(Bag.onRods(300), Bag.onRods(300)));
    }

    @Test
    void aPartOfAnotherTypeIsOneLine() {
        assertEquals(List.of("CHANGED part rods"), lines(Bag.onRods(300), Bag.onRods(400)));
    }

    /** Taking the file's side makes the base what the file has, whichever way round. */
    @Test
    void takingTheOthersSideMakesThemAgree() {
        Rigs plain = Bag.onRods(300);
        Rigs more = Bag.onRods(400).set("rods:rods:0", -61).with("extra", Bag.quick(5));
        assertEquals(more.build().base(), taken(plain, more).base());
    }

    /** What is only here stays; it is told, not taken off. */
    @Test
    void whatIsOnlyHereStays() {
        Rigs more = Bag.onRods(300).with("extra", Bag.quick(5));
        assertTrue(lines(more, Bag.onRods(300)).contains("ONLY_HERE part extra"));
        assertTrue(taken(more, Bag.onRods(300)).base().placement("extra").isPresent());
    }
}
