package wideharbor.core.id;

import java.util.function.Predicate;

/** An id that nothing has yet. */
public final class FreeId {
    private FreeId() {}

    /** The stem, or the stem with the lowest number from 2 on that is free. */
    public static String of(String stem, Predicate<String> taken) {
        String id = stem;
        for (int n = 2; taken.test(id); n++) {
            id = stem + "-" + n;
        }
        return id;
    }
}
