package wideharbor.core.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.build.CableRun;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** The way of a cable, by hand. */
class CableScheduleTest {
    private static final Dressing HOUSE = new Dressing(45, 20, 45);

    private static Socket socket(String id, Socket.Direction way, Vec3 at, Vec3 out) {
        return new Socket(
                id,
                id,
                Socket.Kind.PICTURE,
                way,
                "BNC",
                "usual",
                at,
                Optional.of(out).filter(v -> !v.equals(Vec3.ZERO)));
    }

    private static ItemType cable(double length, boolean rightAngle) {
        PowerFacet.CableEnd end = new PowerFacet.CableEnd("BNC", "usual", true, rightAngle);
        return Parts.part("c-" + (int) length + (rightAngle ? "-ra" : ""))
                .is(Category.CABLE)
                .weighs(40, Vec3.ZERO)
                .facet(new PowerFacet.Cable(end, end, Socket.Kind.PICTURE, 0, length))
                .make();
    }

    /**
     * A socket at the body's back that looks back; an arm at its left that turns about the left axis, 100 ahead of
     * which a screen hangs.
     */
    private static Rigs rig(double length, boolean rightAngle, double fromDegrees, double toDegrees) {
        ItemType body = Parts.part("body")
                .is(Category.BODY)
                .weighs(3000, Vec3.ZERO)
                .socket(socket("out", Socket.Direction.OUT, new Vec3(0, 0, -100), Parts.BACK))
                .face("side", Port.Role.B, new Vec3(50, 0, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .face("top", Port.Role.B, new Vec3(0, 60, -50), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        ItemType screen = Parts.part("screen")
                .is(Category.MONITOR)
                .weighs(500, Vec3.ZERO)
                .moving(
                        "foot",
                        "thread-3-8",
                        Port.Role.A,
                        Vec3.ZERO,
                        Parts.RIGHT,
                        Vec3.UP,
                        new Freedom.Rotate("turn", Freedom.Axis.N, fromDegrees, toDegrees, 0))
                .socket(socket("in", Socket.Direction.IN, new Vec3(0, 0, 100), Vec3.ZERO))
                .make();
        ItemType clip = Parts.part("clip")
                .weighs(10, new Vec3(0, 10, 0))
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("screen", screen)
                .with("clip", clip)
                .join("j", "body:side", "screen:foot")
                .join("c", "body:top", "clip:foot")
                .cable("k", cable(length, rightAngle), "body:out", "screen:in")
                .on("none");
    }

    private static CableSchedule.Row row(Rigs rigs) {
        return CableSchedule.of(rigs.analysis().rig(), HOUSE).get(0);
    }

    /**
     * From (0, 0, −145) at the end of the plug to (50, 0, 100): 50 across and 245 along; the other plug's way is not on
     * file, so its 45 count without being drawn: (45 + 295 + 45) · 1.1 = 423.5.
     */
    @Test
    void outOfTheSocketAlongTheAxesAndIn() {
        CableSchedule.Row row = row(rig(430, false, 0, 0));
        assertEquals(423.5, row.neededMm(), 1e-6);
        assertFalse(row.isTooShort());
        assertEquals(new Vec3(0, 0, -145), row.way().get(1));
        assertEquals(new Vec3(50, 0, 100), row.way().get(row.way().size() - 1));
    }

    /** Right-angle plugs take 20 each: (20 + 50 + 220 + 20) · 1.1 = 341. */
    @Test
    void aRightAngleIsShorter() {
        assertEquals(341, row(rig(430, true, 0, 0)).neededMm(), 1e-6);
    }

    /**
     * Along the clip, whose middle is at (0, 70, −50): 70 up and 95 along to it, then 50 across, 70 down and 150 along:
     * (45 + 165 + 270 + 45) · 1.1 = 577.5.
     */
    @Test
    void ledAlongAPartItIsLonger() {
        Rigs rigs =
                rig(430, false, 0, 0).laid("k", new CableRun.Laid(List.of(PlacementId.of("clip")), PlacementId.NONE));
        assertEquals(577.5, row(rigs).neededMm(), 1e-6);
        assertTrue(row(rigs).isTooShort());
        assertTrue(row(rigs).way().contains(new Vec3(0, 70, -50)));
        verify(CheckEngine.standard().require("cables.length"))
                .given(rigs)
                .finds(Severity.CAUTION, 430, 577.5, Double.POSITIVE_INFINITY, "mm");
    }

    /**
     * Turned by 45° about the axis to the left the socket goes from (50, 0, 100) to (50, ∓70.7, 70.7): 50 across, 70.7
     * in height and 215.7 along: (45 + 336.4 + 45) · 1.1 = 469.06. As it stands 430 mm reach, turned they do not: a
     * note.
     */
    @Test
    void whatIsTurnedMayPullIt() {
        Rigs rigs = rig(430, false, -90, 90);
        CableSchedule.Row row = row(rigs);
        double turned = (90 + 50 + 100 * Math.sqrt(0.5) + 145 + 100 * Math.sqrt(0.5)) * 1.1;
        assertEquals(turned, row.turnedMm(), 1e-6);
        assertEquals("screen", row.turned());
        assertTrue(row.isTautWhenTurned());
        verify(CheckEngine.standard().require("cables.length"))
                .given(rigs)
                .finds(Severity.NOTE, 430, turned, Double.POSITIVE_INFINITY, "mm");
        verify(CheckEngine.standard().require("cables.length"))
                .given(rig(480, false, -90, 90))
                .holds();
    }

    /** Turned by 90° it ends where it asks for no more than level, 423.5; on the way, at 45°, it asks for 469. */
    @Test
    void theWorstOfTheWayCountsNotItsEnd() {
        double worst = (90 + 50 + 100 * Math.sqrt(0.5) + 145 + 100 * Math.sqrt(0.5)) * 1.1;
        CableSchedule.Row row = CableSchedule.of(
                        rig(430, false, -90, 90).analysis().rig(), new Dressing(45, 20, 90))
                .get(0);
        assertEquals(worst, row.turnedMm(), 1e-6);
        assertTrue(row.isTautWhenTurned());
    }

    /** The house turns by 45°, this one only goes to 20. */
    @Test
    void noFurtherThanItGoes() {
        double at = Math.toRadians(20);
        double turned = (90 + 50 + 100 * Math.sin(at) + 145 + 100 * Math.cos(at)) * 1.1;
        assertEquals(turned, row(rig(430, false, -20, 20)).turnedMm(), 1e-6);
    }

    /**
     * A displacement is what the rig itself would do: set to the value and resolved anew, every moved part stands
     * there.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261126})
    void aDisplacementIsWhatTheRigWouldDo(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 20; i++) {
            double now = random.nextInt(180) - 90;
            double then = random.nextInt(180) - 90;
            Rig rig = rig(430, false, -90, 90)
                    .set("screen:foot:0", now)
                    .analysis()
                    .rig();
            Rig set = rig(430, false, -90, 90)
                    .set("screen:foot:0", then)
                    .analysis()
                    .rig();
            Motion motion = rig.motions().get(0);
            Vec3 moved = new Moved(rig, motion)
                    .displacement(then)
                    .apply(rig.require(PlacementId.of("screen")).socketAt("in"));
            assertEquals(
                    0,
                    moved.minus(set.require(PlacementId.of("screen")).socketAt("in"))
                            .length(),
                    1e-9,
                    "seed " + seed + ", from " + now + " to " + then);
            assertEquals(Ids.parts("screen"), new Moved(rig, motion).parts());
        }
    }

    /** The same through a hinge inside a part, and what hangs beyond it goes along. */
    @Test
    void aHingeMovesWhatHangsBeyondIt() {
        ItemType arm = Parts.part("arm")
                .link("main", 100, Vec3.ZERO)
                .link("tip", 100, new Vec3(0, 0, 50))
                .hinge(
                        "elbow",
                        "main",
                        "tip",
                        new Vec3(0, 0, 80),
                        new Freedom.Rotate("elbow", Freedom.Axis.R, -90, 90, 0))
                .port(PortBuilder.builder()
                        .id("foot")
                        .title("foot")
                        .standard("thread-3-8")
                        .role(Port.Role.A)
                        .link("main")
                        .at(Vec3.ZERO)
                        .normal(Parts.BACK)
                        .up(Vec3.UP)
                        .build())
                .port(PortBuilder.builder()
                        .id("end")
                        .title("end")
                        .standard("thread-3-8")
                        .role(Port.Role.B)
                        .link("tip")
                        .at(new Vec3(0, 0, 60))
                        .normal(Vec3.FORWARD)
                        .up(Vec3.UP)
                        .build())
                .make();
        ItemType body = Parts.part("body")
                .weighs(1, Vec3.ZERO)
                .face("front", Port.Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE)
                .make();
        ItemType lamp = Parts.part("lamp")
                .weighs(1, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.BACK, Vec3.UP, 2, Port.Pins.NONE)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", body)
                .with("arm", arm)
                .with("lamp", lamp)
                .join("a", "body:front", "arm:foot")
                .join("l", "arm:end", "lamp:foot")
                .on("none");
        Rig straight = rigs.analysis().rig();
        Rig bent = rigs.set("arm:elbow:0", 30).analysis().rig();
        Motion elbow = straight.motions().stream()
                .filter(m -> m.joint().isEmpty())
                .findFirst()
                .orElseThrow();
        assertEquals(Ids.parts("lamp"), new Moved(straight, elbow).parts());
        Vec3 moved = new Moved(straight, elbow)
                .displacement(30)
                .apply(straight.require(PlacementId.of("lamp")).pose().at());
        assertEquals(
                0, moved.minus(bent.require(PlacementId.of("lamp")).pose().at()).length(), 1e-9);
    }
}
