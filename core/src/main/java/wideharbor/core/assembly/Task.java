package wideharbor.core.assembly;

import java.util.List;
import java.util.Optional;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;

/**
 * One thing to do, before anything is said of when.
 *
 * @param key the same as long as it is the same thing: kind and id
 * @param part that is handled; empty for a cable and for what concerns the whole rig
 * @param joints that are closed in it, the one that carries the part first
 * @param side where the hand is
 * @param turned whether the rig lies turned over while it is done, as long as it is not on its support
 * @param keys one for each kind of screw that is worked
 * @param minutes estimated, without fetching tools and going round
 */
record Task(
        String key,
        Act act,
        Optional<PlacementId> part,
        Optional<CableId> cable,
        List<Joint> joints,
        List<Port.Screw> screws,
        Side side,
        boolean turned,
        List<String> keys,
        double minutes) {
    Task {
        joints = List.copyOf(joints);
        screws = List.copyOf(screws);
        keys = List.copyOf(keys);
    }

    /** The same, with other minutes. */
    Task taking(double other) {
        return new Task(key, act, part, cable, joints, screws, side, turned, keys, other);
    }

    boolean isFit() {
        return act == Act.FIT || act == Act.LAY || act == Act.STAND;
    }
}
