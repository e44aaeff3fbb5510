package wideharbor.core.testkit;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.id.PlacementId;

/** Ids as a test writes them. */
public final class Ids {
    private Ids() {}

    public static Set<PlacementId> parts(String... ids) {
        Set<PlacementId> all = new LinkedHashSet<>();
        for (String id : ids) {
            all.add(PlacementId.of(id));
        }
        return all;
    }

    public static List<PlacementId> list(String... ids) {
        return Arrays.stream(ids).map(PlacementId::of).toList();
    }

    public static Set<String> texts(Iterable<PlacementId> ids) {
        Set<String> all = new LinkedHashSet<>();
        ids.forEach(id -> all.add(id.toString()));
        return all;
    }
}
