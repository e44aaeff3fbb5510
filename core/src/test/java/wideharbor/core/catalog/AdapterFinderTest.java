package wideharbor.core.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.standard.Standards;
import wideharbor.core.testkit.Parts;

class AdapterFinderTest {
    private static final Port RAIL = Parts.plain("rail", "nato-rail", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD);
    private static final Port HOLE = Parts.plain("hole", "thread-1-4", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD);

    private static ItemType adapter(
            String id, String in, Role inRole, String out, Role outRole, double height, double grams) {
        return part(id).can(Capability.ADAPTS)
                .weighs(grams, Vec3.ZERO)
                .port("foot", in, inRole, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .port("head", out, outRole, new Vec3(0, height, 0), Vec3.UP, Vec3.FORWARD)
                .make();
    }

    private static AdapterFinder finder(ItemType... types) {
        return new Catalogue(List.of(types), Standards.seed()).adapters();
    }

    @Test
    void oneAdapterIsFoundWithItsHeightAndMass() {
        AdapterFinder.Chain chain = finder(adapter("clamp", "nato-rail", Role.B, "thread-1-4", Role.A, 14, 56))
                .between(RAIL, HOLE, 4)
                .get(0);
        assertEquals("clamp", chain.title());
        assertEquals(14, chain.heightMm(), 1e-9);
        assertEquals(56, chain.massGrams(), 1e-9);
        assertTrue(chain.toolFree(), "no screws on it");
        assertFalse(chain.twistProof(), "one thread without pins");
        assertEquals(List.of(), chain.keys());
    }

    /** Alike else, fewer pieces and the lighter first. */
    @Test
    void shortestFirstThenLightest() {
        List<AdapterFinder.Chain> chains = finder(
                        adapter("heavy", "nato-rail", Role.B, "thread-1-4", Role.A, 10, 90),
                        adapter("light", "nato-rail", Role.B, "thread-1-4", Role.A, 10, 40),
                        adapter("to-rosette", "nato-rail", Role.B, "rosette-31.8", Role.EITHER, 10, 5),
                        adapter("from-rosette", "rosette-31.8", Role.EITHER, "thread-1-4", Role.A, 10, 5))
                .between(RAIL, HOLE, 4);
        assertEquals(
                List.of("light", "heavy", "to-rosette, then from-rosette"),
                chains.stream().map(AdapterFinder.Chain::title).toList());
    }

    /**
     * A finder's bracket of 210 g reaches 70 aside without a tool; a clamp of 60 g made for it wants a screw and is 12
     * high. The clamp is 100 + 20 + 12 + 4, the bracket 100 + 60 + 42 + 21; two small adapters come between.
     */
    @Test
    void purposeReachAndMassCount() {
        ItemType bracket = part("bracket")
                .is(Category.BRACKET)
                .can(Capability.ADAPTS)
                .weighs(210, Vec3.ZERO)
                .clamp("rail", "nato-rail", Role.B, Vec3.ZERO, DOWN, 40)
                .port("head", "rosette-31.8", Role.EITHER, new Vec3(70, 0, 0), Vec3.UP, Vec3.FORWARD)
                .make();
        ItemType clamp = part("clamp")
                .is(Category.ADAPTER)
                .can(Capability.ADAPTS)
                .weighs(60, Vec3.ZERO)
                .port("rail", "nato-rail", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .port("head", "rosette-31.8", Role.EITHER, new Vec3(0, 12, 0), Vec3.UP, Vec3.FORWARD)
                .make();
        Port rosette = Parts.plain("rosette", "rosette-31.8", Role.EITHER, Vec3.ZERO, DOWN, Vec3.FORWARD);
        AdapterFinder finder = finder(bracket, clamp);
        assertEquals(
                List.of("clamp", "bracket"),
                finder.between(RAIL, rosette, 4).stream()
                        .map(AdapterFinder.Chain::title)
                        .toList());
        assertEquals("clamp", finder.from(RAIL).to(rosette).orElseThrow().title());
    }

    @Test
    void aChainNamesTheKeysItsScrewsNeed() {
        ItemType block = part("block")
                .can(Capability.ADAPTS)
                .weighs(40, Vec3.ZERO)
                .clamp("rail", "nato-rail", Role.B, Vec3.ZERO, DOWN, 30)
                .face("head", Role.A, new Vec3(0, 14, 0), Vec3.UP, Vec3.FORWARD, 1, Port.Pins.NONE)
                .make();
        Port hole = Parts.plain("hole", "thread-3-8", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD);
        AdapterFinder.Chain chain = finder(block).between(RAIL, hole, 4).get(0);
        assertEquals(List.of("hex 3/16 in"), chain.keys());
        assertFalse(chain.toolFree());
    }

    @Test
    void nothingIsFoundWhereNothingLeads() {
        AdapterFinder finder = finder(adapter("clamp", "nato-rail", Role.B, "thread-3-8", Role.A, 14, 56));
        assertEquals(List.of(), finder.between(RAIL, HOLE, 4));
        assertEquals(Optional.empty(), finder.from(RAIL).to(HOLE));
    }

    @Test
    void noChainIsLongerThanThree() {
        AdapterFinder finder = finder(
                adapter("a", "nato-rail", Role.B, "cold-shoe", Role.A, 1, 1),
                adapter("b", "cold-shoe", Role.B, "thread-3-8", Role.A, 1, 1),
                adapter("c", "thread-3-8", Role.B, "m6", Role.A, 1, 1),
                adapter("d", "m6", Role.B, "thread-1-4", Role.A, 1, 1));
        assertEquals(List.of(), finder.between(RAIL, HOLE, 4));
    }

    /** The one search that serves all parts agrees with asking for each pair; every step of a chain really mates. */
    @ParameterizedTest
    @ValueSource(longs = {2, 19, 404})
    void oneSearchForAllAgreesWithPairByPair(long seed) {
        Random random = new Random(seed);
        List<String> standards =
                List.of("nato-rail", "thread-1-4", "thread-3-8", "cold-shoe", "rosette-31.8", "m4-pair", "ball-1in");
        List<ItemType> types = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            types.add(adapter(
                    "t" + i, pick(standards, random), role(random), pick(standards, random), role(random), i, 10 + i));
        }
        Standards seedRows = Standards.seed();
        AdapterFinder finder = new Catalogue(types, seedRows).adapters();
        for (String from : standards) {
            Port a = Parts.plain("a", from, Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD);
            AdapterFinder.Reach reach = finder.from(a);
            for (String to : standards) {
                Port b = Parts.plain("b", to, Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD);
                List<AdapterFinder.Chain> pair = finder.between(a, b, 5);
                Optional<AdapterFinder.Chain> one = reach.to(b);
                String where = "seed " + seed + ", " + from + " to " + to;
                assertEquals(pair.isEmpty(), one.isEmpty(), where);
                one.ifPresent(
                        c -> assertEquals(pair.get(0).links().size(), c.links().size(), where));
                pair.forEach(c -> joins(a, c, b, seedRows, where));
            }
        }
    }

    private static void joins(Port a, AdapterFinder.Chain chain, Port b, Standards standards, String where) {
        Port above = a;
        for (AdapterFinder.Link link : chain.links()) {
            assertTrue(Mating.mates(above, link.type().port(link.in()).orElseThrow(), standards), where);
            above = link.type().port(link.out()).orElseThrow();
        }
        assertTrue(Mating.mates(above, b, standards), where);
    }

    private static String pick(List<String> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static Role role(Random random) {
        return Role.values()[random.nextInt(3)];
    }

    /** Whichever is asked first, the answer is the same. */
    @ParameterizedTest
    @ValueSource(longs = {5, 77, 1234})
    void matingIsSymmetric(long seed) {
        Random random = new Random(seed);
        Standards standards = Standards.seed();
        List<String> ids = standards.all().stream().map(s -> s.id()).toList();
        for (int i = 0; i < 2000; i++) {
            Port a = port(pick(ids, random), random);
            Port b = random.nextBoolean() ? port(a.standard(), random) : port(pick(ids, random), random);
            assertEquals(
                    Mating.mates(a, b, standards),
                    Mating.mates(b, a, standards),
                    "seed " + seed + ": " + a + " and " + b);
            assertEquals(Mating.resistsTwist(a, b, standards), Mating.resistsTwist(b, a, standards));
        }
    }

    private static Port port(String standard, Random random) {
        Port.Pins.Kind kind = Port.Pins.Kind.values()[random.nextInt(4)];
        Port.Pins pins =
                kind == Port.Pins.Kind.NONE ? Port.Pins.NONE : new Port.Pins(kind, 1 + random.nextInt(2), 4, 12);
        Port.Occupancy occupancy =
                random.nextInt(3) == 0 ? new Port.Occupancy.Interval(0, 100, 0) : new Port.Occupancy.Single();
        return PortBuilder.builder()
                .id("p")
                .title("p")
                .standard(standard)
                .role(role(random))
                .link("main")
                .at(Vec3.ZERO)
                .normal(Vec3.UP)
                .up(Vec3.FORWARD)
                .occupancy(occupancy)
                .size(random.nextInt(4) == 0 ? new Port.Size(Optional.of(14.8), Optional.of(60.0)) : Port.Size.STANDARD)
                .pins(pins)
                .build();
    }
}
