package wideharbor.core.media;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import wideharbor.core.job.Job;

/**
 * The fewest cards of one type with which nothing ever waits, were there no others.
 *
 * @param most where all that is not exact is at its worst
 */
public record CardsWanted(CardStock type, int cards, int most) {
    /** More than anybody carries. */
    private static final int MOST_CARDS = 80;

    private static final double ROUNDING = 1e-6;

    /**
     * Of the type that is packed most, by the readers of this day.
     *
     * @param fewerSlots of the readers that are not there
     * @return empty where no number is enough, or no size is on file
     */
    public static Optional<CardsWanted> of(Job job, MediaDay day, int fewerSlots) {
        int slots = Math.max(0, day.readers().size() - fewerSlots);
        Search search = new Search(job, day, day.readers().subList(0, slots));
        return MediaDay.most(day.cards()).flatMap(search::of);
    }

    private record Search(Job job, MediaDay day, List<ReaderSlot> by) {
        Optional<CardsWanted> of(CardStock type) {
            OptionalInt middle = fewest(type, End.MIDDLE);
            OptionalInt worst = fewest(type, End.WORST);
            return middle.isPresent() && worst.isPresent()
                    ? Optional.of(
                            new CardsWanted(type, middle.getAsInt(), Math.max(middle.getAsInt(), worst.getAsInt())))
                    : Optional.empty();
        }

        /** With one more card nothing waits longer: the fewest is found by halving. */
        private OptionalInt fewest(CardStock type, End end) {
            if (waits(type.of(MOST_CARDS), end)) {
                return OptionalInt.empty();
            }
            int low = 0;
            int high = MOST_CARDS;
            while (high - low > 1) {
                int half = (low + high) / 2;
                if (waits(type.of(half), end)) {
                    low = half;
                } else {
                    high = half;
                }
            }
            return OptionalInt.of(high);
        }

        private boolean waits(CardStock type, End end) {
            return CardRun.of(job, day.recorders(), List.of(type), by, day.day(), end)
                            .waited()
                    > ROUNDING;
        }
    }
}
