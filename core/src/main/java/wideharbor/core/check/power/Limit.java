package wideharbor.core.check.power;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.check.About;
import wideharbor.core.check.Results;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;

/** One of several limits of a thing that draws power, with how it is told where it is passed. */
record Limit(Judgement fact, About about, String title, String why) {

    /** The first that is passed; where none is, the first that may be. One finding, for one cause. */
    static void judge(List<Limit> limits, String decider, Results results) {
        Limit told = Stream.of(CheckState.FOUND, CheckState.UNDECIDED)
                .flatMap(state -> limits.stream().filter(l -> l.fact().state() == state))
                .findFirst()
                .orElse(limits.get(0));
        results.judge(told.fact(), new Told(told.about(), told.title(), told.why(), decider, "draw"));
    }
}
