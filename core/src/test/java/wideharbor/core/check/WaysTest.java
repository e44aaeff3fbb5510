package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference;
import wideharbor.core.brief.Preferences;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class WaysTest {
    /** What holds something up, tips, falls, burns or hurts: no way of working makes it weigh less. */
    private static final Set<String> SAFETY = Set.of(
            "mount.held",
            "rails.stop",
            "joints.twist",
            "ports.load",
            "arms.rating",
            "balance.tipping",
            "balance.hang",
            "access.interference",
            "power.volts",
            "power.output",
            "power.battery",
            "cables.plugs",
            "lens.support");

    private static Rigs asking(Map<String, String> ways) {
        return Bag.onRods(300)
                .asking(AsksBuilder.builder()
                        .spares(List.of(new Asks.Spare("ROD", 1)))
                        .ways(ways)
                        .build());
    }

    @Test
    void anAnswerGivesACheckAnotherWeightAndTheFindingSaysWhich() {
        verify(CheckEngine.standard().require("package.spares"))
                .given(asking(Map.of()))
                .finds(Severity.CAUTION, CheckState.FOUND);
        Finding firm = verify(CheckEngine.standard().require("package.spares"))
                .given(asking(Map.of("spares", "firm")))
                .finds(Severity.STOP, CheckState.FOUND);
        assertTrue(firm.why().endsWith("What is a missing spare? A reason to stay (job)."), firm.why());
    }

    @Test
    void theJobStandsBeforeTheHouseAndANumberBeforeBoth() {
        HouseRules house = HouseRules.DEFAULTS.inHouse(Map.of("rods-straight", "fine"), Map.of());
        assertEquals(0.3, house.value(Rule.ROD_SAG));
        assertEquals(1.0, house.forJob(Map.of("rods-straight", "rough")).value(Rule.ROD_SAG));
        HouseRules own = new HouseRules(
                Map.of(Rule.ROD_SAG, 0.7), new Preferences(Map.of("rods-straight", "fine"), Map.of(), Map.of()));
        assertEquals(0.7, own.value(Rule.ROD_SAG));
        assertEquals(0.5, HouseRules.DEFAULTS.value(Rule.ROD_SAG));
    }

    @Test
    void theOperatorStandsBetweenHouseAndJob() {
        Preferences ways = new Preferences(Map.of("hands", "more"), Map.of("hands", "little"), Map.of());
        assertEquals(8, new HouseRules(Map.of(), ways).value(Rule.HAND_CAUTION));
        assertEquals(
                Preferences.From.OPERATOR,
                ways.chosen(Preferences.find("hands").orElseThrow()).from());
        assertEquals(15, new HouseRules(Map.of(), ways.ofJob(Map.of("hands", "usual"))).value(Rule.HAND_CAUTION));
        assertEquals(25, new HouseRules(Map.of(), ways.ofPerson(Map.of())).value(Rule.HAND_CAUTION));
    }

    @Test
    void everyAnswerButTheFirstChangesSomethingThatExists() {
        Set<String> checks = new HashSet<>();
        CheckEngine.standard().checks().forEach(c -> checks.add(c.card().id()));
        Set<String> ids = new HashSet<>();
        for (Preference way : Preferences.ALL) {
            assertTrue(ids.add(way.id()), way.id());
            assertEquals(List.of(), way.standard().effects(), way.id() + ": the first answer leaves all as it is");
            for (Preference.Option option :
                    way.options().subList(1, way.options().size())) {
                assertTrue(!option.effects().isEmpty(), way.id() + "/" + option.id());
                for (Preference.Effect effect : option.effects()) {
                    if (effect instanceof Preference.Effect.Weighs w) {
                        assertTrue(checks.contains(w.check()), w.check());
                        assertTrue(!SAFETY.contains(w.check()), "no way reaches " + w.check());
                    } else if (effect instanceof Preference.Effect.Figure f) {
                        new HouseRules(Map.of(f.rule(), f.value()));
                    }
                }
            }
        }
    }

    @Test
    void unknownWaysAndAnswersAreNamed() {
        assertTrue(assertThrows(
                        IllegalArgumentException.class,
                        () -> new Preferences(Map.of("colour", "red"), Map.of(), Map.of()))
                .getMessage()
                .contains("there are only rod-class"));
        assertTrue(assertThrows(
                        IllegalArgumentException.class,
                        () -> new Preferences(Map.of(), Map.of(), Map.of("spares", "maybe")))
                .getMessage()
                .contains("there are only read, firm"));
    }
}
