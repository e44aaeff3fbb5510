package wideharbor.core.media;

import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;

/**
 * How a packed card keeps up with a recording mode: it must write the mode's rate and a margin, MB/s; and it lasts GB ·
 * 8000 · usable share / (Mbit/s · 60) minutes.
 *
 * @param minutes that one card lasts; empty while its size is not on file
 */
public record CardRate(ItemType card, Shoot.Recording mode, Judgement speed, Optional<Ranged> minutes) {
    private static final double ROUNDING = 1e-9;

    /** Every card type that is packed, whose figures are on file or not. */
    public static List<CardRate> of(Job job, Shoot.Recording mode) {
        return job.gear().kit().counts().keySet().stream()
                .map(t -> job.catalogue().require(t))
                .filter(t -> t.can(Capability.KEEPS_RECORDING))
                .map(t -> of(job, t, mode))
                .toList();
    }

    private static CardRate of(Job job, ItemType card, Shoot.Recording mode) {
        Optional<MediaFacet.Card> facet = card.facet(MediaFacet.Card.class);
        Optional<Ranged> writes = facet.flatMap(f -> known(f.writeMegabytes()));
        double needed = CardSums.leastWrite(mode.megabits(), job.rules().value(Rule.CARD_SPEED));
        Judgement speed = Judgement.atLeast(writes.orElse(Ranged.of(0)), needed, ROUNDING, "MB/s");
        double usable = job.rules().value(Rule.CARD_USABLE);
        return new CardRate(
                card,
                mode,
                writes.isPresent() ? speed : speed.unknown(),
                facet.flatMap(f -> known(f.gigabytes()))
                        .map(gb -> gb.map(g -> CardSums.minutes(g * usable, mode.megabits()))));
    }

    private static Optional<Ranged> known(Figure figure) {
        return figure instanceof Figure.Known k
                ? Optional.of(Ranged.of(k.value(), k.low(), k.high()))
                : Optional.empty();
    }
}
