package wideharbor.core.media;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.Build;
import wideharbor.core.build.Placement;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;

/**
 * A body or a recorder on its rig, and what it records: of several modes that are asked the one that fills most.
 *
 * @param letter what its rolls begin with: the body's, and P on a recorder beside it
 * @param asked what the brief asks of the body; empty of a recorder beside it, which records what it does
 * @param mode as the part has it on file
 * @param megabits the higher of what the brief reckons with and what the part is said to write at these frames
 */
public record Recorder(
        BuildId build,
        PlacementId part,
        String title,
        String letter,
        Optional<MediaFacet.Slots> slots,
        Optional<Shoot.Recording> asked,
        Optional<MediaFacet.Mode> mode,
        double megabits) {

    /** Every body of which a mode is asked, and every recorder on such a body. */
    public static List<Recorder> of(Job job) {
        List<Recorder> all = new ArrayList<>();
        for (Build build : job.gear().builds()) {
            if (job.brief().asks().shoot().recordings().stream().noneMatch(r -> r.isFor(build.id()))) {
                continue;
            }
            for (Placement placement : build.base().placements()) {
                ItemType type = job.catalogue().require(placement.type());
                if (placement.id().equals(build.base().root())) {
                    body(job, build, placement, type).ifPresent(all::add);
                } else if (type.facet(MediaFacet.Slots.class).isPresent()) {
                    beside(build, placement, type).ifPresent(all::add);
                }
            }
        }
        return List.copyOf(all);
    }

    private static Optional<Recorder> body(Job job, Build build, Placement placement, ItemType type) {
        return job.brief().asks().shoot().recordings().stream()
                .filter(r -> r.isFor(build.id()))
                .map(r -> body(build, placement.id(), type, r))
                .max(Comparator.comparingDouble(Recorder::megabits));
    }

    private static Recorder body(Build build, PlacementId root, ItemType type, Shoot.Recording asked) {
        return new Recorder(
                build.id(),
                root,
                build.title(),
                RollLog.letter(build.id()),
                type.facet(MediaFacet.Slots.class),
                Optional.of(asked),
                modeOf(type, asked),
                rate(type, asked));
    }

    /** The bodies that are to record this mode, whatever else they record. */
    static List<Recorder> bodies(Job job, Shoot.Recording mode) {
        return job.gear().builds().stream()
                .filter(b -> mode.isFor(b.id()))
                .flatMap(b -> b.base().placement(b.base().root()).stream()
                        .map(p -> body(b, p.id(), job.catalogue().require(p.type()), mode)))
                .toList();
    }

    private static Optional<Recorder> beside(Build build, Placement placement, ItemType type) {
        return type.facet(MediaFacet.Modes.class).stream()
                .flatMap(m -> m.modes().stream())
                .max(Comparator.comparingDouble(MediaFacet.Mode::megabits))
                .map(m -> new Recorder(
                        build.id(),
                        placement.id(),
                        type.name() + ", " + build.title(),
                        RollLog.letter(build.id()) + "P",
                        type.facet(MediaFacet.Slots.class),
                        Optional.empty(),
                        Optional.of(m),
                        m.megabits()));
    }

    /** A body's mode as it has it on file. */
    public static Optional<MediaFacet.Mode> modeOf(ItemType body, Shoot.Recording asked) {
        return body.facet(MediaFacet.Modes.class).flatMap(m -> m.named(asked.mode()));
    }

    /** The modes that are asked of a body and that it has on file. */
    public static List<MediaFacet.Mode> modesAsked(Job job, BuildId build, ItemType body) {
        return job.brief().asks().shoot().recordings().stream()
                .filter(r -> r.isFor(build))
                .flatMap(r -> modeOf(body, r).stream())
                .distinct()
                .toList();
    }

    /** What a body is said to write in a mode, Mbit/s; at most frames where nobody said how many. */
    public static Optional<Double> said(ItemType body, Shoot.Recording asked) {
        return modeOf(body, asked).map(m -> m.megabitsAt(asked.fps().orElse(m.atFps())));
    }

    private static double rate(ItemType body, Shoot.Recording asked) {
        return Math.max(asked.megabits(), said(body, asked).orElse(0.0));
    }

    /** Cards that are in it at a time and come out together. */
    public int together() {
        return slots.map(MediaFacet.Slots::together).orElse(1);
    }

    /** What one of its cards must take, Mbit/s. */
    public double megabitsEach() {
        return isPair() ? megabits / 2 : megabits;
    }

    public boolean isPair() {
        return slots.filter(s -> s.arrangement() == Arrangement.PAIR).isPresent();
    }

    /** Whether a card goes in; undecided, which is empty, while either kind is not on file. */
    public Optional<Boolean> takes(MediaFacet.Card card) {
        return slots.isEmpty() || card.kind().isEmpty()
                ? Optional.empty()
                : Optional.of(slots.get().kinds().contains(card.kind()));
    }
}
