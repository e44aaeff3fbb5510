package wideharbor.core.testkit;

import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.quantity.Figure;

/** Cards, readers and drives with round figures, for a body that takes slabs. */
public final class Cards {
    public static final String SLAB = "slab";

    private Cards() {}

    public static ItemType card(String id, double gigabytes) {
        return card(id, SLAB, Figure.maker(gigabytes), Figure.maker(600));
    }

    public static ItemType card(String id, String kind, Figure gigabytes, Figure reads) {
        return part(id).can(Capability.KEEPS_RECORDING)
                .facet(new MediaFacet.Card(kind, gigabytes, Figure.maker(500), reads))
                .make();
    }

    public static ItemType reader(int slots, double megabytes) {
        return part("reader")
                .facet(new MediaFacet.Reader(List.of(SLAB), slots, Figure.maker(megabytes)))
                .make();
    }

    public static ItemType drive(double gigabytes) {
        return part("drive")
                .facet(new MediaFacet.Drive(Figure.maker(gigabytes), Figure.maker(1000)))
                .make();
    }

    /** A body of one window, 4096 of width; 1600 Mbit/s at 50 frames, 60 at most. */
    public static ItemType body(Arrangement arrangement) {
        return part("recording-body")
                .facet(new MediaFacet.Slots(List.of(SLAB), arrangement))
                .facet(new MediaFacet.Modes(List.of(new MediaFacet.Mode("4K raw", 26, 14, 60, 1600, 50))))
                .make();
    }

    /** Eight hours on, so many minutes of them recorded, at 1600 Mbit/s. */
    public static Rigs rolling(Arrangement arrangement, Optional<Double> minutes) {
        return Rigs.rig().with("body", body(arrangement)).shooting(shoot(new Shoot.Recording("4K raw", 1600), minutes));
    }

    public static Shoot shoot(Shoot.Recording mode, Optional<Double> minutes) {
        return ShootBuilder.builder()
                .recordings(List.of(mode))
                .day(List.of(new DayBlock("day", DayBlock.State.ON, 8, 20, false, minutes, List.of())))
                .build();
    }
}
