package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Where the watts of a battery go. */
class FlowTest {
    private static final int FACES = 12;

    /** A body with room for many boxes, a plate with four outputs of different efficiency, a battery. */
    private static Rigs base(double... efficiencies) {
        Parts body = Parts.part("body")
                .weighs(3000, Vec3.ZERO)
                .face("base", Port.Role.B, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE);
        for (int i = 0; i < FACES; i++) {
            body.face("face-" + i, Port.Role.B, new Vec3(0, 10 * i, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE);
        }
        Parts plate = Parts.part("plate")
                .weighs(300, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("battery", "v-mount", Port.Role.A, new Vec3(0, 0, -20), Parts.BACK, Vec3.UP);
        for (int i = 0; i < efficiencies.length; i++) {
            plate.socket("out-" + i, Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                    .facet(new PowerFacet.PowerOutput("out-" + i, 0, efficiencies[i], 500, 700, 50));
        }
        return Rigs.rig()
                .with("body", body.make())
                .with("plate", plate.make())
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .on("none");
    }

    private static ItemType box(String id, double idle, double watts, double... efficiencies) {
        Parts box = Parts.part(id)
                .weighs(100, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 9, 30, idle, Figure.maker(watts), Figure.maker(watts), 0));
        for (int i = 0; i < efficiencies.length; i++) {
            box.socket("out-" + i, Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                    .facet(new PowerFacet.PowerOutput("out-" + i, 12, efficiencies[i], 500, 700, 50));
        }
        return box.make();
    }

    private static final ItemType WIRE = Bag.cable("wire", "1+ 2−", 0, 300);

    private static Rigs hang(Rigs rigs, int face, ItemType type, String from) {
        String id = type.ref().id();
        return rigs.with(id, type)
                .join("j-" + id, "body:face-" + face, id + ":foot")
                .cable("k-" + id, WIRE, from, id + ":in");
    }

    /**
     * A hub of 2 W behind an output of 0.95 passes 18 W on at 0.9: 20 W into that output, 22 W into the hub, 23.16 W
     * from the battery; 20 W are delivered, 2 lost in the hub and 1.16 in the plate.
     */
    @Test
    void whatIsNotDeliveredIsHeat() {
        Rigs rigs = base(0.95);
        hang(rigs, 0, box("hub", 1, 2, 0.9), "plate:out-0");
        hang(rigs, 1, box("lamp", 6, 18), "hub:out-0");
        FeedTree feeds = rigs.analysis().feeds();
        FeedTree.Flow flow = feeds.flow(feeds.sources().get(0));
        assertEquals(22 / 0.95, flow.drawnWatts(), 1e-9);
        assertEquals(20, flow.deliveredWatts(), 1e-9);
        assertEquals(2 + 22 / 0.95 - 22, flow.lostWatts(), 1e-9);
    }

    /**
     * Standby of both: lamp 6 / 0.9 + hub 1, over 0.95. The hub off takes the lamp with it; the lamp off leaves the
     * hub.
     */
    @Test
    void eachPartInAStateOfItsOwn() {
        Rigs rigs = base(0.95);
        hang(rigs, 0, box("hub", 1, 2, 0.9), "plate:out-0");
        hang(rigs, 1, box("lamp", 6, 18), "hub:out-0");
        FeedTree feeds = rigs.analysis().feeds();
        FeedTree.Source source = feeds.sources().get(0);
        assertEquals((6 / 0.9 + 1) / 0.95, feeds.idleOn(source), 1e-9);
        assertEquals(0, feeds.drawOn(source, part -> part.equals(PlacementId.of("hub")) ? State.OFF : State.ON), 1e-9);
        assertEquals(
                2 / 0.95,
                feeds.drawOn(source, part -> part.equals(PlacementId.of("lamp")) ? State.OFF : State.ON),
                1e-9);
        assertEquals(
                (18 / 0.9 + 1) / 0.95,
                feeds.drawOn(source, part -> part.equals(PlacementId.of("hub")) ? State.STANDBY : State.ON),
                1e-9);
        assertEquals(
                Ids.list("hub", "lamp"),
                feeds.under(source).stream().map(l -> l.device().id()).toList());
    }

    /** Any tree of boxes that pass power on: what the battery gives is what arrives and what is lost. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261126})
    void energyIsConservedThroughConverters(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 30; round++) {
            Rigs rigs = base(efficiency(random), efficiency(random), efficiency(random));
            List<String> open = new ArrayList<>(List.of("plate:out-0", "plate:out-1", "plate:out-2"));
            int boxes = 1 + random.nextInt(FACES - 1);
            double sum = 0;
            for (int i = 0; i < boxes && !open.isEmpty(); i++) {
                double[] passes = random.doubles(random.nextInt(3), 0.6, 1).toArray();
                double watts = 1 + random.nextInt(30);
                sum += watts;
                hang(rigs, i, box("box-" + i, watts / 2, watts, passes), open.remove(random.nextInt(open.size())));
                for (int k = 0; k < passes.length; k++) {
                    open.add("box-" + i + ":out-" + k);
                }
            }
            FeedTree feeds = rigs.analysis().feeds();
            FeedTree.Source source = feeds.sources().get(0);
            FeedTree.Flow flow = feeds.flow(source);
            String where = "seed " + seed + ", round " + round;
            assertEquals(flow.drawnWatts(), flow.deliveredWatts() + flow.lostWatts(), 1e-6, where);
            assertEquals(sum, flow.deliveredWatts(), 1e-9, where);
            assertTrue(flow.lostWatts() >= -1e-9, where);
            assertEquals(flow.drawnWatts(), feeds.drawOn(source, part -> State.ON), 1e-6, where);
            assertTrue(feeds.idleOn(source) < flow.drawnWatts(), where);
        }
    }

    private static double efficiency(Random random) {
        return 0.7 + random.nextDouble() * 0.3;
    }
}
