package wideharbor.core.clearance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class ClearancesTest {
    private static final double TOLERANCE = 1;

    private static Rig rig(Rigs rigs, String lens) {
        return Rig.resolve(rigs.build(), Rigs.STUDIO, lens, rigs.catalogue());
    }

    /** A rig whose box stands so near that one lens reaches into it and the other does not. */
    private static Rigs twoLenses(double box) {
        return Bag.onRods(450)
                .lens("short", Bag.lens("prime", 1200, 40, 90), "body:mount", "mount")
                .lens("long", Bag.lens("zoom", 4200, 130, 320), "body:mount", "mount")
                .set("box:rods:0", box);
    }

    /** Taken over from a rig with another lens, or worked out from nothing: the same. */
    @ParameterizedTest
    @CsvSource({"60", "120", "200", "300"})
    void whatStandsStillMayBeTakenOver(double box) {
        Rigs rigs = twoLenses(box);
        Rig shorter = rig(rigs, "short");
        Rig longer = rig(rigs, "long");
        Clearances fresh = Clearances.of(longer, TOLERANCE);
        Clearances taken = Clearances.of(shorter, TOLERANCE).with(longer, TOLERANCE);
        assertEquals(fresh.clashes(), taken.clashes());
        assertEquals(fresh.intrusions(), taken.intrusions());
        for (var part : longer.attached()) {
            assertEquals(fresh.matterOf(part.id()).size(), taken.matterOf(part.id()).size(), part.id());
            assertEquals(fresh.roomsOf(part.id()), taken.roomsOf(part.id()), part.id());
        }
    }

    /** After a slide is moved, what hangs on it is looked at anew. */
    @Test
    void aPartThatMovedIsLookedAtAnew() {
        Rig near = rig(twoLenses(60), "long");
        Rig far = rig(twoLenses(300), "long");
        Clearances fresh = Clearances.of(far, TOLERANCE);
        Clearances before = Clearances.of(near, TOLERANCE);
        Clearances taken = before.with(far, TOLERANCE);
        assertNotEquals(before.matterOf("box").get(0).bounds(), fresh.matterOf("box").get(0).bounds());
        assertEquals(fresh.matterOf("box").get(0).bounds(), taken.matterOf("box").get(0).bounds());
        assertEquals(fresh.clashes(), taken.clashes());
        assertEquals(fresh.intrusions(), taken.intrusions());
    }

    /** What stands in a room names each part once, by id, whatever the order of the pieces. */
    @Test
    void aRoomNamesItsPartsInOrder() {
        Rig rig = rig(twoLenses(120), "long");
        Clearances all = Clearances.of(rig, TOLERANCE);
        List<String> in = all.standIn(all.matterOf("lens-long"), java.util.Set.of("lens-long"), TOLERANCE);
        assertEquals(in.stream().sorted().distinct().toList(), in);
    }
}
