package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

class SignalSheetTest {
    /** A clock into the body, the body to a screen and to a sender, a display by radio beside the rig. */
    private static Rigs village() {
        return Signals.rig()
                .with("screen", Signals.display("screen", Trust.EXPOSURE, 3))
                .with("link", Signals.sender("one", "5 GHz", 2))
                .with("clock", Signals.clock())
                .join("j1", "body:face-1", "screen:foot")
                .join("j2", "body:face-2", "link:foot")
                .join("j3", "body:face-3", "clock:foot")
                .cable("k1", Signals.picture(), "body:sdi-1", "screen:sdi")
                .cable("k2", Signals.picture(), "body:sdi-2", "link:sdi")
                .cable("k3", Signals.cable(Carried.TIME, 400), "clock:tc", "body:tc")
                .inKit(Signals.display("small", Trust.FRAME, 3), 1)
                .inKit(Signals.receiver("one"), 1)
                .inKit(Signals.picture(), 1)
                .set("body:sdi-1:0", 1)
                .shooting(ShootBuilder.builder()
                        .timecode(true)
                        .viewers(List.of(
                                new Viewer("Agency", Trust.FRAME, true), new Viewer("Desk", Trust.EXPOSURE, false)))
                        .build());
    }

    private static SignalSheet.BoxRow box(SignalSheet sheet, String id) {
        return sheet.boxes().stream()
                .filter(b -> b.id().equals(PlacementId.of(id)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void boxesStandInColumnsFromWhereTheSignalBegins() {
        SignalSheet sheet = SignalSheet.of(village().analysis());
        assertEquals(0, box(sheet, "clock").column());
        assertEquals(1, box(sheet, "body").column());
        assertEquals(2, box(sheet, "link").column());
        assertEquals(3, box(sheet, "receiver-1").column());
        assertEquals(4, box(sheet, "display-1").column());
        assertFalse(box(sheet, "display-1").onRig());
        assertEquals(20, box(sheet, "clock").ownCellHours());
    }

    @Test
    void eachBoxTellsWhatGoesWithIt() {
        SignalSheet sheet = SignalSheet.of(village().analysis());
        assertEquals(List.of("Agency"), box(sheet, "link").blind());
        assertEquals(
                List.of("Agency sees nothing"),
                box(sheet, "link").lost().stream()
                        .filter(l -> l.contains("sees"))
                        .toList());
        assertEquals(
                List.of("Agency sees nothing", "Desk sees nothing"),
                box(sheet, "body").lost().stream()
                        .filter(l -> l.contains("sees"))
                        .toList());
        assertEquals(List.of("body loses its time"), box(sheet, "clock").lost());
    }

    /** What passes a box as through a wire goes on when the box is dark: nobody loses the picture behind it. */
    @Test
    void aWireThroughADarkBoxBlindsNobody() {
        for (boolean live : new boolean[] {true, false}) {
            Rigs rigs = Signals.rig()
                    .with("loop", Signals.loop("loop", live))
                    .with("screen", Signals.display("screen", Trust.FRAME, 3))
                    .join("j1", "body:face-1", "loop:foot")
                    .join("j2", "body:face-2", "screen:foot")
                    .cable("k1", Signals.picture(), "body:sdi-1", "loop:in")
                    .cable("k2", Signals.picture(), "loop:out", "screen:sdi")
                    .shooting(ShootBuilder.builder()
                            .viewers(List.of(new Viewer("Agency", Trust.FRAME, false)))
                            .build());
            assertEquals(
                    live ? List.of("Agency") : List.of(),
                    box(SignalSheet.of(rigs.analysis()), "loop").blind());
        }
    }

    @Test
    void seatsTellTheirWayLookAndRate() {
        SignalSheet sheet = SignalSheet.of(village().analysis());
        SignalSheet.SeatRow agency = sheet.seats().get(0);
        assertTrue(agency.reached());
        assertEquals(1.5, agency.rate(), "sdi-2 sends 1.5");
        assertEquals(List.of("body", "sender-one", "receiver-one of Agency", "small of Agency"), agency.way());
        assertEquals(List.of("body"), sheet.seats().get(1).looks());
        assertEquals("clock", sheet.time().get(0).from());
    }

    /** Outputs and displays that carry a picture may be switched; what is beside the rig is not in the build. */
    @Test
    void switchesAreThoseOfTheRig() {
        List<SignalSheet.SwitchRow> rows = SignalSheet.of(village().analysis()).switches();
        assertEquals(
                List.of("body sdi-1", "screen sdi", "body sdi-2"),
                rows.stream().map(r -> r.box() + " " + r.socket()).toList());
        assertTrue(rows.get(0).look());
        assertEquals(List.of("screen:sdi:0"), rows.get(1).lookKey());
    }

    /** A switch takes what it can mean and nothing else. */
    @Test
    void aValueWithoutSenseIsRefused() {
        Rigs rigs = village();
        var gear = rigs.job().gear();
        List<Scoped> sideways = List.of(Scoped.base(new Command.Set(SettingKey.parse("body:sdi-1:1"), 3, false)));
        assertEquals(
                3,
                gear.apply(Rigs.BUILD, sideways, rigs.catalogue())
                        .after()
                        .build(Rigs.BUILD)
                        .base()
                        .value(SettingKey.parse("body:sdi-1:1")));
        for (double nonsense : new double[] {4, -1, 0.5}) {
            List<Scoped> edit =
                    List.of(Scoped.base(new Command.Set(SettingKey.parse("body:sdi-1:1"), nonsense, false)));
            String why = org.junit.jupiter.api.Assertions.assertThrows(
                            EditRefused.class, () -> gear.apply(Rigs.BUILD, edit, rigs.catalogue()))
                    .getMessage();
            assertTrue(why.contains("0 to 3"), why);
        }
    }

    /** Each cable is drawn from socket to socket with what it needs and has. */
    @Test
    void cablesAreDrawnOnTheirWays() {
        Drawing drawing = Drawing.of(village().analysis(), View.RIGHT);
        assertEquals(3, drawing.cables().size());
        Drawing.Cable first = drawing.cables().get(0);
        assertEquals(Ids.list("body", "screen"), first.ends());
        assertTrue(first.met());
        assertTrue(first.words().endsWith("of 800 mm"), first.words());
        assertEquals(6, first.way().size());
    }
}
