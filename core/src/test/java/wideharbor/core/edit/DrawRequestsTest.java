package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scope;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** What a meter showed off a battery becomes an edit. */
class DrawRequestsTest {
    private static Rigs lamp() {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(40), Figure.maker(40)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in");
    }

    private static Prepared prepared(Rigs rigs, String part, double watts, double plusMinus) {
        RigAnalysis analysis = rigs.analysis();
        return new FigureRequest.Draws(PlacementId.of(part), watts, plusMinus)
                .prepare(analysis, EditRequestTest.OCCASION);
    }

    /** It is kept of the configuration that was measured, with what hung there. */
    @Test
    void aReadingIsAnEditOfTheConfiguration() {
        Prepared prepared = prepared(lamp(), "battery", 44, 1);
        assertEquals("Measured off battery-100: 44 W", prepared.summary());
        Command.Draw draw = (Command.Draw) prepared.commands().get(0).command();
        assertEquals(
                new Drawn(44, 1, "p-1", "2026-11-28T10:00:00Z", "lamp@1 in"),
                draw.drawn().orElseThrow());
        assertTrue(prepared.commands().get(0).scope() instanceof Scope.InConfiguration);
        Command.Draw back = (Command.Draw)
                prepared(lamp(), "battery", 0, 0).commands().get(0).command();
        assertEquals(List.of(), back.drawn().stream().toList());
    }

    @Test
    void whatCannotBeMeasuredIsSaid() {
        assertTrue(assertThrows(EditRefused.class, () -> prepared(lamp(), "lamp", 44, 1))
                .getMessage()
                .contains("lamp is no battery that feeds this rig"));
        assertTrue(assertThrows(EditRefused.class, () -> prepared(Bag.powered(), "battery", 44, 1))
                .getMessage()
                .contains("Nothing hangs on battery-100"));
        assertThrows(IllegalArgumentException.class, () -> prepared(lamp(), "battery", 5001, 1));
        assertThrows(IllegalArgumentException.class, () -> prepared(lamp(), "battery", 10, 11));
    }
}
