package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BriefBuilder;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.id.LensId;
import wideharbor.core.testkit.Bag;

/** What a brief does not say is told, with what holds until somebody says it. */
class UnansweredTest {
    /** It names an operator, and neither lenses, masses, day, viewers nor modes. */
    private static final Brief PLAIN = Bag.onHead().job().brief();

    private static List<String> open(Brief brief) {
        return Unanswered.of(brief).stream().map(Unanswered::what).toList();
    }

    private static Brief crewed(String operator, Optional<Double> heightMm, String puller) {
        Brief.Crew.Side right = Brief.Crew.Side.RIGHT;
        Profile asked = Profile.UNASKED;
        Profile profile = new Profile(heightMm, asked.hand(), asked.screen(), asked.grips(), asked.reason());
        return BriefBuilder.builder(PLAIN)
                .crew(new Brief.Crew(operator, right, right, puller, "", profile))
                .build();
    }

    @Test
    void isToldWithWhatHoldsMeanwhile() {
        assertEquals(
                List.of(
                        "the day in blocks",
                        "how heavy it may be",
                        "the lens set",
                        "who else looks",
                        "the operator’s height",
                        "who pulls focus",
                        "the recording mode"),
                open(PLAIN));
        assertEquals(
                "batteries last the hours on, end to end",
                Unanswered.of(PLAIN).get(0).until());
    }

    @Test
    void isNothingWhereAllIsSaid() {
        Shoot shoot = ShootBuilder.builder()
                .day(List.of(new DayBlock("Deck", DayBlock.State.ON, 3, -4, false, Optional.of(60.0), List.of())))
                .viewers(List.of(new Shoot.Viewer("Director", Trust.FRAME, true)))
                .recordings(List.of(new Shoot.Recording("4K, 25 frames", 800)))
                .focus(Shoot.Focus.REMOTE)
                .build();
        Brief full = BriefBuilder.builder(crewed("Ines Varga", Optional.of(1680.0), "Tomas Reedholt"))
                .massFloorGrams(9_000)
                .lenses(List.of(LensId.of("a40")))
                .asks(AsksBuilder.builder().shoot(shoot).build())
                .build();
        assertEquals(List.of(), open(full));
    }

    /** The eye's place comes from a height alone: it can be asked before anybody has a name. */
    @Test
    void ofTheCrewIsEachByItself() {
        List<String> nameless = open(crewed(" ", Optional.of(1680.0), "Tomas Reedholt"));
        assertEquals(
                List.of(
                        "the day in blocks",
                        "how heavy it may be",
                        "the lens set",
                        "who else looks",
                        "who operates",
                        "the recording mode"),
                nameless);
    }
}
