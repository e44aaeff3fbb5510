package wideharbor.core.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

/** What holds of any village, whoever plugged it. */
class SignalPropertiesTest {
    private static final int BOXES = 6;

    private record Plug(String from, String to) {}

    /** Loops (live or wires) and a screen, plugged at random: an output feeds one input, an input has one cable. */
    private static List<Plug> plugs(Random random) {
        List<String> outputs = new ArrayList<>(List.of("body:sdi-1", "body:sdi-2"));
        List<String> inputs = new ArrayList<>(List.of("screen:sdi"));
        for (int i = 0; i < BOXES - 1; i++) {
            outputs.add("loop" + i + ":out");
            inputs.add("loop" + i + ":in");
        }
        java.util.Collections.shuffle(outputs, random);
        java.util.Collections.shuffle(inputs, random);
        List<Plug> all = new ArrayList<>();
        for (int i = 0; i < Math.min(outputs.size(), inputs.size()); i++) {
            boolean same = outputs.get(i).split(":")[0].equals(inputs.get(i).split(":")[0]);
            if (!same && random.nextInt(5) > 0) {
                all.add(new Plug(outputs.get(i), inputs.get(i)));
            }
        }
        return all;
    }

    private static Rig rig(long seed, List<Plug> plugs) {
        Random random = new Random(seed);
        Rigs rigs = Signals.rig()
                .with("plate", Bag.plate())
                .join("j-plate", "body:face-7", "plate:foot")
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j-screen", "body:face-6", "screen:foot");
        for (int i = 0; i < BOXES - 1; i++) {
            boolean live = random.nextBoolean();
            rigs.with("loop" + i, Signals.loop("loop-" + live, live))
                    .join("j" + i, "body:face-" + i, "loop" + i + ":foot");
        }
        // Two boxes live off one plate: when it goes, both go.
        rigs.cable("p1", Signals.power(), "plate:out-1", "loop0:power");
        rigs.cable("p2", Signals.power(), "plate:out-2", "loop1:power");
        for (int k = 0; k < plugs.size(); k++) {
            rigs.cable(
                    "k" + k,
                    Signals.picture(),
                    plugs.get(k).from(),
                    plugs.get(k).to());
        }
        return SignalGraphTest.resolved(rigs);
    }

    private static Set<SocketRef> reached(SignalGraph graph) {
        return graph.inputs(Carried.PICTURE).stream()
                .filter(s -> graph.to(s).isPresent())
                .collect(Collectors.toSet());
    }

    /** One more cable to an input that had none takes the picture from nobody. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void anotherFeedNeverTakesAPictureAway(long seed) {
        List<Plug> all = plugs(new Random(seed));
        for (int without = 0; without < all.size(); without++) {
            List<Plug> fewer = new ArrayList<>(all);
            fewer.remove(without);
            Set<SocketRef> before = reached(SignalGraph.of(rig(seed, fewer)));
            Set<SocketRef> after = reached(SignalGraph.of(rig(seed, all)));
            assertTrue(after.containsAll(before), "seed " + seed + ", cable " + all.get(without));
        }
    }

    /** What is lost lay behind a box that went dark; what is dark failed or was fed by what did. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void aFailureTouchesOnlyWhatIsDownstream(long seed) {
        Rig rig = rig(seed, plugs(new Random(seed)));
        SignalGraph graph = SignalGraph.of(rig);
        for (String failed : List.of("body", "plate", "loop0", "loop1", "loop2", "loop3", "loop4", "screen")) {
            Outage outage = Outage.of(PlacementId.of(failed), rig, FeedTree.of(rig), graph);
            Set<PlacementId> dark = new HashSet<>(outage.dark());
            Set<String> expected = failed.equals("plate") ? Set.of("plate", "loop0", "loop1") : Set.of(failed);
            assertEquals(expected, Ids.texts(dark), "dark when " + failed + " goes");
            for (Outage.Lost lost : outage.lost()) {
                Route way = graph.to(lost.input()).orElseThrow();
                assertTrue(
                        way.boxes().stream().anyMatch(dark::contains),
                        "seed " + seed + ": " + lost.input() + " was lost, but " + way.boxes() + " does not touch "
                                + dark);
            }
            Set<SocketRef> gone = outage.lost().stream().map(Outage.Lost::input).collect(Collectors.toSet());
            for (SocketRef input : reached(graph)) {
                boolean touched = graph.to(input).orElseThrow().boxes().stream().anyMatch(dark::contains);
                if (!touched) {
                    assertTrue(!gone.contains(input), input + " is not downstream of " + failed);
                }
            }
        }
    }

    /** The same rig, the same ways: nothing depends on the order in which it is asked. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24})
    void theSameRigGivesTheSameWays(long seed) {
        List<Plug> plugs = plugs(new Random(seed));
        SignalGraph one = SignalGraph.of(rig(seed, plugs));
        SignalGraph two = SignalGraph.of(rig(seed, plugs));
        for (SocketRef input : one.inputs(Carried.PICTURE)) {
            assertEquals(one.to(input), two.to(input));
            one.to(input).ifPresent(r -> {
                assertEquals(PlacementId.of("body"), r.from().placement(), "a picture begins at the body");
                assertEquals(r.sockets().size(), new HashSet<>(r.sockets()).size(), "no way runs in a circle");
            });
        }
    }
}
