package wideharbor.core.check.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** A plug has room of its own length and width before its socket, whichever way it looks. */
class PlugRoomTest {
    private static final PowerFacet.CableEnd STRAIGHT = end("1+ 2−", false);

    private static PowerFacet.CableEnd end(String pinOut, boolean rightAngle) {
        return new PowerFacet.CableEnd("circular 2-pin", pinOut, true, rightAngle);
    }

    private static ItemType lead(String id, PowerFacet.CableEnd a, PowerFacet.CableEnd b, double length) {
        return Parts.part(id)
                .is(Category.CABLE)
                .facet(new PowerFacet.Cable(a, b, Socket.Kind.POWER, 0.1, length))
                .make();
    }

    /** A body without matter whose socket looks one way, and a block of ten each way around a middle. */
    private static Rigs before(Vec3 out, Vec3 middle, ItemType lead) {
        Vec3 five = new Vec3(5, 5, 5);
        return Rigs.rig()
                .with(
                        "body",
                        Parts.part("body")
                                .face("far", Port.Role.B, new Vec3(0, 500, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                                .plug("out", Socket.Direction.OUT, Vec3.ZERO, out)
                                .make())
                .with(
                        "block",
                        Parts.part("block")
                                .shaped(new Shape.Box(middle.minus(five), middle.plus(five), Shape.Use.SOLID))
                                .face(
                                        "foot",
                                        Port.Role.A,
                                        new Vec3(0, 500, 0),
                                        Parts.DOWN,
                                        Vec3.FORWARD,
                                        2,
                                        Port.Pins.NONE)
                                .socket(new Socket(
                                        "in",
                                        "in",
                                        Socket.Kind.POWER,
                                        Socket.Direction.IN,
                                        "circular 2-pin",
                                        "1+ 2−",
                                        new Vec3(0, 900, 0),
                                        Optional.empty()))
                                .make())
                .join("j", "body:far", "block:foot")
                .cable("k", lead, "body:out", "block:in")
                .on("none");
    }

    /**
     * 45 long and 14 wide: a block whose near face is at 44 or whose side is at 6 stands in it; at 46 or 8 it does not.
     */
    @ParameterizedTest
    @CsvSource({
        "1, 0, 0, 48, 0, 0, true",
        "1, 0, 0, 51, 0, 0, false",
        "-1, 0, 0, -48, 0, 0, true",
        "-1, 0, 0, 48, 0, 0, false",
        "0, 1, 0, 0, 48, 0, true",
        "0, 1, 0, 0, 51, 0, false",
        "0, 0, -1, 0, 0, -48, true",
        "0, 0, -1, 0, 0, -51, false",
        "1, 0, 0, 20, 10, 0, true",
        "1, 0, 0, 20, -10, 0, true",
        "1, 0, 0, 20, 13, 0, false",
        "1, 0, 0, 20, -13, 0, false",
        "1, 0, 0, 20, 0, 10, true",
        "1, 0, 0, 20, 0, -13, false",
        "0, 1, 0, 10, 20, 0, true",
        "0, 1, 0, 13, 20, 0, false",
        "0, 1, 0, 0, 20, 13, false",
        "0, 0, 1, 0, 10, 20, true",
        "0, 0, 1, 13, 0, 20, false",
        "0, 0, 1, -10, 0, 20, true"
    })
    void theRoomIsTakenTheWayThePlugComesOut(
            double x, double y, double z, double atX, double atY, double atZ, boolean stands) {
        Rigs rigs = before(new Vec3(x, y, z), new Vec3(atX, atY, atZ), lead("lead", STRAIGHT, STRAIGHT, 300));
        if (stands) {
            verify(new PlugRoom()).given(rigs).finds(Severity.CAUTION, CheckState.FOUND);
        } else {
            verify(new PlugRoom()).given(rigs).holds();
        }
    }

    @Test
    void itSaysWhatStandsThereAndHowMuchIsNeeded() {
        Finding finding = verify(new PlugRoom())
                .given(before(Vec3.LEFT, new Vec3(30, 0, 0), lead("lead", STRAIGHT, STRAIGHT, 300)))
                .finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals("block stands where the plug at out goes", finding.title());
        assertEquals(new Evidence.Statement("block within 45 mm", "45 mm for a straight plug"), finding.evidence());
        assertEquals("out of body: the plug would be bent at its boot.", finding.why());
    }

    /** Right-angle plugs on the same pins and no shorter: another wiring and a shorter lead are no remedy. */
    @Test
    void theSameLeadWithARightAngleIsOffered() {
        ItemType now = lead("lead", STRAIGHT, STRAIGHT, 300);
        PowerFacet.CableEnd bent = end("1+ 2−", true);
        Rigs rigs = before(Vec3.LEFT, new Vec3(40, 0, 0), now)
                .knows(lead("bent", bent, STRAIGHT, 300))
                .knows(lead("other-end", STRAIGHT, bent, 400))
                .knows(lead("short", bent, bent, 200))
                .knows(lead("swapped", end("1− 2+", true), STRAIGHT, 300))
                .knows(lead("swapped-end", bent, end("1− 2+", true), 300))
                .knows(lead("straight", STRAIGHT, STRAIGHT, 500));
        PlugRoom check = new PlugRoom();
        Finding finding = verify(check).given(rigs).finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals(
                List.of("bent in its place", "other-end in its place"),
                check.candidates(finding, rigs.analysis()).stream()
                        .map(c -> c.title())
                        .sorted()
                        .toList());
        assertEquals(
                "bent in its place",
                verify(check).given(rigs).isMendedBy("cable").title());
    }
}
