package wideharbor.core.media;

import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;

/**
 * So many cards of one type in the kit.
 *
 * @param card empty of one that is said to keep recordings and has nothing else on file
 */
public record CardStock(ItemType type, Optional<MediaFacet.Card> card, int count) {
    private static final MediaFacet.Card UNTOLD =
            new MediaFacet.Card(Figure.unknown("not on file"), Figure.unknown("not on file"));

    /** All cards that are packed, the largest first; those without a size last. */
    public static List<CardStock> packed(Job job) {
        return job.gear().kit().counts().entrySet().stream()
                .map(e -> {
                    ItemType type = job.catalogue().require(e.getKey());
                    return new CardStock(type, type.facet(MediaFacet.Card.class), e.getValue());
                })
                .filter(s -> s.card.isPresent() || s.type.can(Capability.KEEPS_RECORDING))
                .sorted((a, b) -> Double.compare(size(b), size(a)))
                .toList();
    }

    private static double size(CardStock stock) {
        return stock.gigabytes().map(Ranged::value).orElse(0.0);
    }

    public CardStock of(int other) {
        return new CardStock(type, card, other);
    }

    public Optional<Ranged> gigabytes() {
        return MediaFacet.known(told().gigabytes());
    }

    /** How fast it is read, MB/s; where only its writing is on file, no slower than that at worst. */
    public Optional<Ranged> reads() {
        Optional<Ranged> read = MediaFacet.known(told().readMegabytes());
        return read.isPresent() ? read : MediaFacet.known(told().writeMegabytes());
    }

    /** What it goes into; empty while nobody said. */
    public String kind() {
        return told().kind();
    }

    /** Whether it may go into a recorder: what is not known may. */
    public boolean mayGoInto(Recorder recorder) {
        return recorder.takes(told()).orElse(true);
    }

    MediaFacet.Card told() {
        return card.orElse(UNTOLD);
    }
}
