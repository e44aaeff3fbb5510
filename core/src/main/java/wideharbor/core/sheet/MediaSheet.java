package wideharbor.core.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;
import wideharbor.core.media.CardRate;
import wideharbor.core.media.CardStock;
import wideharbor.core.media.CardsWanted;
import wideharbor.core.media.DriveStock;
import wideharbor.core.media.MediaDay;
import wideharbor.core.media.ReaderSlot;
import wideharbor.core.media.Recorder;
import wideharbor.core.media.Roll;
import wideharbor.core.media.Stretch;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;

/**
 * What a day records and how it gets off the cards.
 *
 * @param firstWait minutes into the day at which recording waits for a card for the first time
 * @param wanted cards with which nothing waits; empty where no number is enough
 * @param wantedWithout the same with one reader's slot fewer
 * @param room for each copy, against what all days record at most; empty where no drive is packed or its size is
 *     unknown
 */
public record MediaSheet(
        List<BodyRow> bodies,
        List<CardRow> cards,
        List<ReaderRow> readers,
        List<DriveRow> drives,
        List<Stretch> day,
        List<Roll> rolls,
        Judgement waits,
        Optional<Double> firstWait,
        Judgement late,
        Optional<CardsWanted> wanted,
        Optional<CardsWanted> wantedWithout,
        Ranged gigabytes,
        int days,
        int copies,
        Optional<Judgement> room) {

    /**
     * A body or recorder.
     *
     * @param mode in words; empty of a recorder beside the body
     * @param reckoned Mbit/s of the brief, where it asks
     * @param megabits that are worked with
     */
    public record BodyRow(
            BuildId build,
            String title,
            String mode,
            Optional<Double> fps,
            Optional<Double> reckoned,
            double megabits,
            Optional<Arrangement> arrangement,
            List<String> kinds,
            Ranged gigabytes,
            Optional<Ranged> minutesEach) {}

    /** A type of card; {@code writes} against what the highest rate of a body that takes it needs, MB/s. */
    public record CardRow(
            TypeRef type,
            String name,
            String kind,
            int count,
            Optional<Ranged> gigabytes,
            Judgement writes,
            Optional<Ranged> reads,
            boolean goesIn) {}

    /** A type of reader, with all its slots. */
    public record ReaderRow(String name, List<String> kinds, int slots, Optional<Ranged> megabytes) {}

    /** A type of drive that copies go to; how much goes onto one. */
    public record DriveRow(String name, int count, Optional<Ranged> gigabytes) {}

    /** Empty while the brief names no recording mode of a body, or no day. */
    public static Optional<MediaSheet> of(Job job, MediaDay.Tried tried) {
        return MediaDay.of(job, tried).map(d -> of(job, d));
    }

    private static MediaSheet of(Job job, MediaDay day) {
        int copies = (int) Math.round(job.rules().value(Rule.COPIES));
        List<DriveStock> drives = DriveStock.packed(job);
        return new MediaSheet(
                day.recorded().stream().map(MediaSheet::body).toList(),
                day.cards().stream().map(c -> card(job, day, c)).toList(),
                readers(day.readers()),
                drives.stream()
                        .map(d -> new DriveRow(d.type().name(), d.count(), d.gigabytes()))
                        .toList(),
                day.day(),
                day.rolls(),
                day.waits(),
                day.firstWait(),
                day.late(),
                CardsWanted.of(job, day, 0),
                day.readers().isEmpty() ? Optional.empty() : CardsWanted.of(job, day, 1),
                day.gigabytes(),
                day.days(),
                copies,
                day.room(drives, copies));
    }

    private static BodyRow body(MediaDay.Recorded recorded) {
        Recorder r = recorded.recorder();
        return new BodyRow(
                r.build(),
                r.title(),
                r.asked().map(Shoot.Recording::mode).orElse(""),
                r.asked().flatMap(Shoot.Recording::fps),
                r.asked().map(Shoot.Recording::megabits),
                r.megabits(),
                r.slots().map(s -> s.arrangement()),
                r.slots().map(s -> s.kinds()).orElse(List.of()),
                recorded.gigabytes(),
                recorded.minutesEach());
    }

    private static CardRow card(Job job, MediaDay day, CardStock stock) {
        return new CardRow(
                stock.type().ref(),
                stock.type().name(),
                stock.kind(),
                stock.count(),
                stock.gigabytes(),
                worst(job, stock),
                stock.reads(),
                day.recorders().stream().anyMatch(stock::mayGoInto));
    }

    /** In the mode that asks most of it, as the check of each mode judges it. */
    private static Judgement worst(Job job, CardStock stock) {
        Judgement none = Judgement.atLeast(Ranged.of(0), 0, "MB/s").unknown();
        return job.brief().asks().shoot().recordings().stream()
                .flatMap(m -> CardRate.of(job, m).stream())
                .filter(r -> r.card().equals(stock.type()))
                .map(CardRate::speed)
                .max((a, b) -> Double.compare(a.from(), b.from()))
                .orElse(none);
    }

    private static List<ReaderRow> readers(List<ReaderSlot> slots) {
        Map<String, ReaderRow> rows = new LinkedHashMap<>();
        for (ReaderSlot slot : slots) {
            rows.merge(
                    slot.title(),
                    new ReaderRow(slot.title(), slot.kinds(), 1, slot.megabytes()),
                    (a, b) -> new ReaderRow(a.name, a.kinds, a.slots + 1, a.megabytes));
        }
        return List.copyOf(rows.values());
    }

    /** The worst of what is judged of the day. */
    public CheckState state() {
        return Judgement.worse(waits.state(), late.state());
    }
}
