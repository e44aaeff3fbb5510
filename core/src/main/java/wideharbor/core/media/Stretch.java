package wideharbor.core.media;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Ranged;

/**
 * A stretch of the day on the clock that begins with the day.
 *
 * @param rolled minutes that each body records in it
 * @param told whether the brief says so; else it is the house's share of the time on
 */
public record Stretch(String what, double fromMinute, double toMinute, Ranged rolled, boolean told) {
    /** The written day; where nobody wrote one, the brief's hours on in one stretch. */
    public static List<Stretch> of(Job job) {
        Brief brief = job.brief();
        List<DayBlock> day = brief.asks().shoot().day();
        if (day.isEmpty()) {
            day = brief.hoursOn() > 0
                    ? List.of(
                            new DayBlock("on", DayBlock.State.ON, Math.min(24, brief.hoursOn()), 20, false, List.of()))
                    : List.of();
        }
        List<Stretch> all = new ArrayList<>();
        double at = 0;
        for (DayBlock block : day) {
            double minutes = block.hours() * 60;
            all.add(new Stretch(
                    block.what(),
                    at,
                    at + minutes,
                    block.rolledMinutes()
                            .map(Ranged::of)
                            .orElseGet(() -> share(block, job.rules().value(Rule.ROLLED_SHARE))),
                    block.rolledMinutes().isPresent() || block.state() != DayBlock.State.ON));
            at += minutes;
        }
        return List.copyOf(all);
    }

    private static Ranged share(DayBlock block, double share) {
        double minutes = block.hours() * 60;
        return block.state() == DayBlock.State.ON
                ? Ranged.estimated(minutes * share).min(Ranged.of(minutes))
                : Ranged.of(0);
    }

    public double minutes() {
        return toMinute - fromMinute;
    }
}
