package wideharbor.core.check.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Profile;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Pins;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Rigs;

class RunHandTest {
    /** A button so far to camera left, on a rig carried so, whose operator runs it with a hand. */
    private static Rigs rig(double left, Way way, Brief.Crew.Side hand) {
        ItemType body = part("body")
                .face("top", Role.B, new Vec3(0, 60, 0), Vec3.UP, Vec3.FORWARD, 0, Pins.NONE)
                .face("side", Role.B, new Vec3(left, 0, 0), Vec3.LEFT, Vec3.UP, 0, Pins.NONE)
                .make();
        ItemType button = part("button")
                .face("foot", Role.A, Vec3.ZERO, wideharbor.core.testkit.Parts.RIGHT, Vec3.UP, 2, Pins.NONE)
                .socket(new Socket(
                        "run",
                        "run",
                        Socket.Kind.DATA,
                        Socket.Direction.OUT,
                        "jack",
                        "run",
                        Vec3.ZERO,
                        Optional.empty()))
                .facet(new SignalFacet.Signal("run", Carried.TRIGGER, Optional.empty(), false))
                .make();
        ItemType support = part("s")
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 30_000, 15, way))
                .make();
        Brief.Crew crew = new Brief.Crew(
                "Op",
                Brief.Crew.Side.RIGHT,
                Brief.Crew.Side.RIGHT,
                "",
                "",
                new Profile(Optional.empty(), hand, Profile.Screen.ANY, Profile.Grips.ANY, ""));
        return Rigs.rig()
                .with("body", body)
                .with("button", button)
                .with("s", support)
                .join("j", "body:side", "button:foot")
                .join("j2", "body:top", "s:foot")
                .crew(crew)
                .on("s");
    }

    @Test
    void atItsHandOrInTheMiddleItIsFine() {
        verify(new RunHand()).given(rig(80, Way.HANGS, Brief.Crew.Side.LEFT)).holds();
        verify(new RunHand()).given(rig(-80, Way.HANGS, Brief.Crew.Side.RIGHT)).holds();
        verify(new RunHand()).given(rig(40, Way.HANGS, Brief.Crew.Side.RIGHT)).holds();
    }

    @Test
    void atTheOtherItIsNoted() {
        var finding = verify(new RunHand())
                .given(rig(80, Way.HANGS, Brief.Crew.Side.RIGHT))
                .finds(Severity.NOTE, CheckState.FOUND);
        assertEquals("button is not at the right hand", finding.title());
        verify(new RunHand()).given(rig(-80, Way.PIVOT, Brief.Crew.Side.LEFT)).finds(Severity.NOTE, CheckState.FOUND);
    }

    @Test
    void onStickSomebodyWalksRoundIt() {
        verify(new RunHand()).given(rig(80, Way.TILTS, Brief.Crew.Side.RIGHT)).looksAtNothing();
    }
}
