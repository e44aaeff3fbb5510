package wideharbor.app.media;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import wideharbor.app.web.FactView;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.id.BuildId;
import wideharbor.core.media.CardsWanted;
import wideharbor.core.media.Roll;
import wideharbor.core.media.RollLog;
import wideharbor.core.media.Stretch;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;
import wideharbor.core.sheet.MediaSheet;

/** What the Media screen is answered with; minutes from the beginning of the day, GB of 10⁹ bytes, MB/s. */
final class MediaViews {
    private MediaViews() {}

    /** {@code plan} is empty while the brief names no recording mode of a body, or no day. */
    record Media(Optional<MediaPlan> plan) {}

    record MediaPlan(
            List<MediaBody> bodies,
            List<MediaCard> cards,
            List<MediaReader> readers,
            List<MediaDrive> drives,
            List<DayStretch> day,
            List<Roll> rolls,
            FactView waits,
            Optional<Double> firstWait,
            FactView late,
            Optional<WantedCards> wanted,
            Optional<WantedCards> wantedWithout,
            double gigabytes,
            Span gigabytesRange,
            int days,
            int copies,
            Optional<FactView> room) {
        static MediaPlan of(MediaSheet s) {
            return new MediaPlan(
                    s.bodies().stream().map(MediaBody::of).toList(),
                    s.cards().stream().map(MediaCard::of).toList(),
                    s.readers().stream()
                            .map(r -> new MediaReader(
                                    r.name(),
                                    r.kinds(),
                                    r.slots(),
                                    r.megabytes().map(Ranged::value)))
                            .toList(),
                    s.drives().stream()
                            .map(d -> new MediaDrive(
                                    d.name(), d.count(), d.gigabytes().map(Ranged::value)))
                            .toList(),
                    s.day().stream().map(DayStretch::of).toList(),
                    s.rolls(),
                    FactView.atMost(s.waits()),
                    s.firstWait(),
                    FactView.atMost(s.late()),
                    s.wanted().map(WantedCards::of),
                    s.wantedWithout().map(WantedCards::of),
                    s.gigabytes().value(),
                    s.gigabytes().range(),
                    s.days(),
                    s.copies(),
                    s.room().map(FactView::atLeast));
        }
    }

    record MediaBody(
            BuildId build,
            String title,
            String mode,
            Optional<Double> fps,
            Optional<Double> reckoned,
            double megabits,
            Optional<Arrangement> arrangement,
            List<String> kinds,
            double gigabytes,
            Optional<Double> minutesEach) {
        static MediaBody of(MediaSheet.BodyRow b) {
            return new MediaBody(
                    b.build(),
                    b.title(),
                    b.mode(),
                    b.fps(),
                    b.reckoned(),
                    b.megabits(),
                    b.arrangement(),
                    b.kinds(),
                    b.gigabytes().value(),
                    b.minutesEach().map(Ranged::value));
        }
    }

    record MediaCard(
            String name,
            String kind,
            int count,
            Optional<Double> gigabytes,
            FactView writes,
            Optional<Double> reads,
            boolean goesIn) {
        static MediaCard of(MediaSheet.CardRow c) {
            return new MediaCard(
                    c.name(),
                    c.kind(),
                    c.count(),
                    c.gigabytes().map(Ranged::value),
                    FactView.atLeast(c.writes()),
                    c.reads().map(Ranged::value),
                    c.goesIn());
        }
    }

    record MediaReader(String name, List<String> kinds, int slots, Optional<Double> megabytes) {}

    record MediaDrive(String name, int count, Optional<Double> gigabytes) {}

    record DayStretch(String what, double fromMinute, double toMinute, double rolled, Span rolledRange, boolean told) {
        static DayStretch of(Stretch s) {
            return new DayStretch(
                    s.what(),
                    s.fromMinute(),
                    s.toMinute(),
                    s.rolled().value(),
                    s.rolled().range(),
                    s.told());
        }
    }

    record WantedCards(String name, int packed, int cards, int most) {
        static WantedCards of(CardsWanted w) {
            return new WantedCards(w.type().type().name(), w.type().count(), w.cards(), w.most());
        }
    }

    record RollStep(RollLog.Stage stage, String who, Instant at) {}

    /** {@code next}, {@code before}: the stages to which it can go from where it is. */
    record RollLine(
            String id,
            String name,
            BuildId build,
            String card,
            String mode,
            RollLog.Stage stage,
            Optional<RollLog.Stage> next,
            Optional<RollLog.Stage> before,
            List<RollStep> steps) {}
}
