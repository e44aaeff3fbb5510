package wideharbor.core.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.standard.Standards;
import wideharbor.core.testkit.Parts;

/** Parts that are on file and not offered. */
class WithheldTest {
    private static final Port RAIL = Parts.plain("rail", "nato-rail", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD);
    private static final Port HOLE =
            Parts.plain("hole", "thread-1-4", Port.Role.B, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD);
    private final ItemType clamp = Parts.part("clamp")
            .can(Capability.ADAPTS)
            .port("foot", "nato-rail", Port.Role.B, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD)
            .port("head", "thread-1-4", Port.Role.A, new Vec3(0, 10, 0), Vec3.UP, Vec3.FORWARD)
            .make();
    private final Catalogue all = new Catalogue(List.of(clamp), Standards.seed());

    @Test
    void theyAreNeitherListedForNewWorkNorPutBetween() {
        Catalogue without = all.withholding(Set.of("clamp"));
        assertEquals(List.of(clamp), all.current());
        assertEquals(List.of(), without.current());
        assertEquals(1, all.adapters().between(RAIL, HOLE, 1).size());
        assertEquals(0, without.adapters().between(RAIL, HOLE, 1).size());
    }

    @Test
    void whatIsBuiltOfThemStaysAndTheyAreFound() {
        Catalogue without = all.withholding(Set.of("clamp"));
        assertSame(clamp, without.require(clamp.ref()));
        assertEquals(List.of(clamp), without.newest());
    }

    @Test
    void anotherCatalogueOrOtherStandardsOfferThemNoMore() {
        Catalogue without = all.withholding(Set.of("clamp"));
        assertEquals(List.of(), without.with(Standards.seed()).current());
        assertEquals(List.of(), all.and(without).current());
        assertTrue(without.withholding(Set.of()).current().contains(clamp));
        assertSame(without, without.withholding(Set.of("clamp")));
    }
}
