package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.Shoot;

/**
 * Something a brief does not say, and what holds until somebody says it. Nothing of it blocks: an unsaid demand is not
 * looked at, which nobody should take for one that is met.
 *
 * @param what the open question, as part of a list
 * @param until what holds meanwhile
 */
public record Unanswered(String what, String until) {
    /** The open questions of a brief, those on which most rests first. */
    public static List<Unanswered> of(Brief brief) {
        Brief.Crew crew = brief.crew();
        Shoot shoot = brief.asks().shoot();
        List<Unanswered> all = new ArrayList<>();
        when(
                brief.configurations().isEmpty(),
                "how it is worn",
                "every way that is built is judged, none is asked",
                all);
        when(brief.place().isBlank(), "where it is", "nothing hangs on it but the papers", all);
        when(shoot.day().isEmpty(), "the day in blocks", "batteries last the hours on, end to end", all);
        when(
                brief.massFloorGrams() + brief.massCeilingGrams() <= 0,
                "how heavy it may be",
                "no mass is too much or too little",
                all);
        when(brief.lenses().isEmpty(), "the lens set", "no lens has to work", all);
        when(shoot.viewers().isEmpty(), "who else looks", "no display has to be reached", all);
        when(crew.operator().isBlank(), "who operates", "the house’s ways of working hold, nobody’s own", all);
        when(
                crew.profile().heightMm().isEmpty(),
                "the operator’s height",
                "where the finder is from the eye is not looked at",
                all);
        when(
                shoot.focus() == Shoot.Focus.UNSAID && crew.focusPuller().isBlank(),
                "who pulls focus",
                "neither a drive is wanted for it nor missed",
                all);
        when(shoot.recordings().isEmpty(), "the recording mode", "none is listed to be proved", all);
        when(
                !shoot.recordings().isEmpty()
                        && shoot.day().stream()
                                .anyMatch(b -> b.state() == DayBlock.State.ON
                                        && b.rolledMinutes().isEmpty()),
                "how much is recorded in each block",
                "it is the house’s share of the hours on, half of it to half as much again",
                all);
        return List.copyOf(all);
    }

    private static void when(boolean open, String what, String until, List<Unanswered> all) {
        if (open) {
            all.add(new Unanswered(what, until));
        }
    }
}
