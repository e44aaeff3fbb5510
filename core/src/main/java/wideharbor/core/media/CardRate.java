package wideharbor.core.media;

import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.job.Job;
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

    /** Every card type that is packed and goes into what records the mode, whose figures are on file or not. */
    public static List<CardRate> of(Job job, Shoot.Recording mode) {
        List<Recorder> bodies = Recorder.bodies(job, mode);
        return CardStock.packed(job).stream()
                .filter(c -> bodies.isEmpty() || bodies.stream().anyMatch(c::mayGoInto))
                .map(c -> of(job, c, mode, bodies))
                .toList();
    }

    private static CardRate of(Job job, CardStock card, Shoot.Recording mode, List<Recorder> bodies) {
        double megabits = bodies.stream()
                .filter(card::mayGoInto)
                .mapToDouble(Recorder::megabitsEach)
                .max()
                .orElse(mode.megabits());
        Optional<Ranged> writes = MediaFacet.known(card.told().writeMegabytes());
        double needed = CardSums.leastWrite(megabits, job.rules().value(Rule.CARD_SPEED));
        Judgement speed = Judgement.atLeast(writes.orElse(Ranged.of(0)), needed, ROUNDING, "MB/s");
        double usable = job.rules().value(Rule.CARD_USABLE);
        return new CardRate(
                card.type(),
                mode,
                writes.isPresent() ? speed : speed.unknown(),
                card.gigabytes().map(gb -> gb.map(g -> CardSums.minutes(g * usable, megabits))));
    }
}
