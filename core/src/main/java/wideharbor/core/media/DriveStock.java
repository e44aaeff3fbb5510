package wideharbor.core.media;

import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Ranged;

/** So many drives of one type in the kit. */
public record DriveStock(ItemType type, MediaFacet.Drive drive, int count) {

    public Optional<Ranged> gigabytes() {
        return MediaFacet.known(drive.gigabytes());
    }

    /** All drives that are packed. */
    public static List<DriveStock> packed(Job job) {
        return job.gear().kit().counts().entrySet().stream()
                .flatMap(e -> {
                    ItemType type = job.catalogue().require(e.getKey());
                    return type.facet(MediaFacet.Drive.class).stream().map(d -> new DriveStock(type, d, e.getValue()));
                })
                .toList();
    }
}
