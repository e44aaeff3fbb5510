package wideharbor.core.media;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Ranged;

/**
 * Where one card at a time is read.
 *
 * @param megabytes in a second, while all others are in use too: of the reader, and of the slowest drive, shared by all
 *     slots; empty while the reader's is not on file
 */
public record ReaderSlot(String title, List<String> kinds, Optional<Ranged> megabytes) {
    private static final int MOST = 64;

    /** Every slot of the readers that are packed, and which cards it takes. */
    public static List<ReaderSlot> packed(Job job) {
        List<ReaderSlot> all = new ArrayList<>();
        for (Map.Entry<TypeRef, Integer> entry : job.gear().kit().counts().entrySet()) {
            ItemType type = job.catalogue().require(entry.getKey());
            type.facet(MediaFacet.Reader.class)
                    .ifPresent(r -> all.addAll(Collections.nCopies(
                            Math.min(MOST, r.slots() * entry.getValue()),
                            new ReaderSlot(type.name(), r.kinds(), MediaFacet.known(r.megabytes())))));
        }
        List<ReaderSlot> some = all.subList(0, Math.min(MOST, all.size()));
        Optional<Ranged> drive = slowest(DriveStock.packed(job));
        return some.stream()
                .map(s -> new ReaderSlot(
                        s.title,
                        s.kinds,
                        s.megabytes.map(m -> drive.map(d -> m.min(d.times(1.0 / some.size())))
                                .orElse(m))))
                .toList();
    }

    private static Optional<Ranged> slowest(List<DriveStock> drives) {
        return drives.stream()
                .flatMap(d -> MediaFacet.known(d.drive().writeMegabytes()).stream())
                .reduce(Ranged::min);
    }

    boolean takes(MediaFacet.Card card) {
        return card.kind().isEmpty() || kinds.contains(card.kind());
    }
}
