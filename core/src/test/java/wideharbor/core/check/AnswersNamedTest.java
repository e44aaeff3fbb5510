package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference;
import wideharbor.core.brief.Preferences;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Pins;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A figure that an answer on the ways of working sets is judged by, and the finding says whose answer that was. */
class AnswersNamedTest {
    /** Of a time that decides on a second body no check tells: the changeover's screen does. */
    private static final Set<Rule> SHOWN_ELSEWHERE = EnumSet.of(Rule.TWIN_MINUTES);

    @Test
    void everyFigureThatAnAnswerSetsIsSomeChecks() {
        Set<Rule> judgedBy = CheckEngine.standard().checks().stream()
                .flatMap(c -> c.card().rules().stream())
                .collect(Collectors.toSet());
        Set<Rule> set = Preferences.ALL.stream()
                .flatMap(way -> way.options().stream())
                .flatMap(o -> o.effects().stream())
                .filter(Preference.Effect.Figure.class::isInstance)
                .map(e -> ((Preference.Effect.Figure) e).rule())
                .filter(r -> !SHOWN_ELSEWHERE.contains(r))
                .collect(Collectors.toSet());
        assertEquals(set, judgedBy);
    }

    /** Hook 100 + 40 over the centre at 20, 5 ahead: atan(5 / 120) = 2.4°, within 3 and over the 1.5 of who minds. */
    private static Rigs hung() {
        ItemType hook = part("hook")
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 30_000, 15, Way.HANGS))
                .make();
        ItemType body = part("body")
                .weighs(8000, new Vec3(0, 20, 5))
                .face("top", Role.B, new Vec3(0, 100, 0), Vec3.UP, Vec3.FORWARD, 0, Pins.NONE)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("s", hook)
                .join("j", "body:top", "s:foot")
                .on("s");
    }

    private static List<Finding> of(String check, Rigs rigs) {
        return new CheckEngine(List.of(CheckEngine.standard().require(check)))
                .check(rigs.job())
                .findings();
    }

    private static Map<String, String> answer(Rule rule, double value) {
        for (Preference way : Preferences.ALL) {
            for (Preference.Option option : way.options()) {
                if (option.effects().contains(new Preference.Effect.Figure(rule, value))) {
                    return Map.of(way.id(), option.id());
                }
            }
        }
        throw new AssertionError("no answer sets " + rule);
    }

    @Test
    void theAnswerIsNamed() {
        assertEquals(List.of(), of("balance.hang", hung()));
        List<Finding> found = of("balance.hang", hung().working(answer(Rule.HANG_TILT, 1.5)));
        assertEquals(1, found.size());
        assertTrue(found.get(0).why().endsWith("(job)."), found.get(0).why());
    }

    /** What the house wrote itself is no answer's. */
    @Test
    void aFigureOfTheHouseNamesNoAnswer() {
        List<Finding> found =
                of("balance.hang", hung().working(answer(Rule.HANG_TILT, 1.5)).rule(Rule.HANG_TILT, 2));
        assertEquals(1, found.size());
        assertFalse(found.get(0).why().contains("(job)"), found.get(0).why());
    }

    /**
     * 100 Wh · 0.9 / 30 W = 3 h of four: too little, and enough of one that is off between set-ups, 0.7 of the time.
     */
    @Test
    void offBetweenSetUpsCountsInAWrittenDayToo() {
        assertEquals(1, of("power.runtime", fourHours(Map.of())).size());
        assertEquals(List.of(), of("power.runtime", fourHours(answer(Rule.ON_SHARE, 0.7))));
    }

    private static Rigs fourHours(Map<String, String> ways) {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(30), Figure.maker(30)))
                .join("j-lamp", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .asking(AsksBuilder.builder()
                        .ways(ways)
                        .shoot(ShootBuilder.builder()
                                .day(List.of(new DayBlock("day", DayBlock.State.ON, 4, 25, false, List.of())))
                                .build())
                        .build());
    }
}
