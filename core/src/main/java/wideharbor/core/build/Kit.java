package wideharbor.core.build;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import wideharbor.core.catalog.TypeRef;

/** What the package holds beside what is on the rig: spare batteries, shims, risers, rods, cables. Counts by type. */
public record Kit(Map<TypeRef, Integer> counts) {
    public Kit {
        counts = Collections.unmodifiableMap(new LinkedHashMap<>(counts));
        counts.forEach((type, count) -> {
            if (count < 0 || count > 10_000) {
                throw new IllegalArgumentException(
                        "The kit's count of " + type + " must lie from 0 to 10000, but was " + count);
            }
        });
    }

    public int count(TypeRef type) {
        return counts.getOrDefault(type, 0);
    }

    Kit with(TypeRef type, int change) {
        Map<TypeRef, Integer> next = new LinkedHashMap<>(counts);
        int count = count(type) + change;
        if (count < 0) {
            throw new EditRefused(
                    "The kit holds " + count(type) + " of " + type + "; " + -change + " cannot be taken.");
        }
        if (count == 0) {
            next.remove(type);
        } else {
            next.put(type, count);
        }
        return new Kit(next);
    }
}
