package wideharbor.core.check.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

/** Remedies that put a part on the rig, cabled and fed. */
class PlacedRemediesTest {
    private static ItemType face(Parts part) {
        return part.weighs(60, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .make();
    }

    @Test
    void anotherPlugIsReachedThroughAConverterThatIsFed() {
        Rigs rigs = Signals.powered()
                .with("screen", Signals.otherPlug("screen"))
                .join("j-screen", "body:face-0", "screen:foot")
                .cable("k-screen", Signals.power(), "plate:out-1", "screen:power")
                .inKit(Signals.converter(), 1)
                .inKit(Signals.picture(), 1)
                .inKit(Signals.hdmi(), 1);
        verify(Reached.pictures()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        var fix = verify(Reached.pictures()).given(rigs).isMendedBy("converter");
        assertEquals("converter on body, body sdi-1 to screen: face-1 of body, out-2 of plate", fix.title());
        assertTrue(
                fix.raised().titles().stream().noneMatch(t -> t.contains("no power")),
                fix.raised().toString());
    }

    /** Without a cable for the second half it is no remedy; nor without an outlet that feeds it. */
    @Test
    void aConverterThatCannotBeCabledIsNotOffered() {
        Rigs rigs = Signals.powered()
                .with("screen", Signals.otherPlug("screen"))
                .join("j-screen", "body:face-0", "screen:foot")
                .cable("k-screen", Signals.power(), "plate:out-1", "screen:power")
                .inKit(Signals.converter(), 1)
                .inKit(Signals.picture(), 1);
        assertEquals(List.of(), verify(Reached.pictures()).given(rigs).fixes());
    }

    @Test
    void aViewerByRadioGetsATransmitterOnTheRig() {
        Rigs rigs = Signals.powered()
                .inKit(Signals.sender("G", "5 GHz", 2), 1)
                .inKit(Signals.receiver("G"), 1)
                .inKit(Signals.display("hand", Trust.FRAME, 3), 1)
                .inKit(Signals.picture(), 2)
                .shooting(ShootBuilder.builder()
                        .viewers(List.of(new Viewer("Director", Trust.FRAME, true)))
                        .build());
        verify(CheckEngine.standard().require("brief.viewers")).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        assertTrue(verify(CheckEngine.standard().require("brief.viewers"))
                .given(rigs)
                .isMendedBy("transmitter")
                .title()
                .startsWith("sender-G on body, fed by sdi-"));
    }

    @Nested
    class Clamps {
        private final ItemType fragile = Signals.body();

        /** The body's SDI 1 breaks when its plug is pulled. */
        private Rigs plugged() {
            ItemType body = ItemTypeBuilder.builder(fragile)
                    .facets(fragile.facets().stream()
                            .map(f -> f instanceof SignalFacet.Signal s
                                            && s.socket().equals("sdi-1")
                                    ? new SignalFacet.Signal("sdi-1", Carried.PICTURE, 12, true)
                                    : f)
                            .toList())
                    .build();
            return Rigs.rig()
                    .with("body", body)
                    .with("screen", Signals.display("screen", Trust.FRAME, 3))
                    .join("j", "body:face-0", "screen:foot")
                    .cable("k", Signals.picture(), "body:sdi-1", "screen:sdi")
                    .on("none");
        }

        @Test
        void isPutOnThePart() {
            ItemType clamp = face(Parts.part("clamp").is(Category.BRACKET).can(Capability.CLAMPS_PLUG));
            verify(new PlugClamps()).given(plugged()).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals(
                    "clamp on body: face-1 of body",
                    verify(new PlugClamps())
                            .given(plugged().inKit(clamp, 1))
                            .isMendedBy("clamp")
                            .title());
        }
    }

    @Nested
    class Radio {
        private Rigs sending(ItemType other) {
            return Signals.rig()
                    .with("tx", Signals.sender("G", "5 GHz", 1))
                    .join("j", "body:face-0", "tx:foot")
                    .cable("k", Signals.picture(), "body:sdi-1", "tx:sdi")
                    .inKit(Signals.receiver("G"), 2)
                    .inKit(other, 1);
        }

        private ItemType four() {
            ItemType like = Signals.sender("G", "6 GHz", 4);
            return ItemTypeBuilder.builder(like)
                    .ref(Parts.ref("sender-four"))
                    .name("sender-four")
                    .build();
        }

        /** Two receivers packed, one served. */
        @Test
        void oneThatServesMoreTakesItsPlace() {
            verify(new RadioLinks())
                    .given(sending(four()))
                    .finds(Severity.CAUTION, 2, Double.NEGATIVE_INFINITY, 1, "receivers");
            assertEquals(
                    "sender-four in place of sender-G",
                    verify(new RadioLinks())
                            .given(sending(four()))
                            .isMendedBy("transmitter")
                            .title());
        }

        /** Of another family nobody would hear it. */
        @Test
        void anotherFamilyDoesNot() {
            assertEquals(
                    List.of(),
                    verify(new RadioLinks())
                            .given(sending(Signals.sender("H", "6 GHz", 4)))
                            .fixes());
        }
    }

    @Nested
    class Locks {
        private ItemType tap(String id, boolean locks, double length) {
            PowerFacet.CableEnd end = new PowerFacet.CableEnd("circular 2-pin", "1+ 2−", locks, false);
            return Parts.part(id)
                    .is(Category.CABLE)
                    .weighs(40, Vec3.ZERO)
                    .facet(new PowerFacet.Cable(end, end, Socket.Kind.POWER, 0.02, length))
                    .make();
        }

        private Rigs fed(ItemType cable) {
            return Signals.powered()
                    .with("tx", Signals.sender("G", "5 GHz", 2))
                    .join("j", "body:face-0", "tx:foot")
                    .cable("k", Signals.picture(), "body:sdi-1", "tx:sdi")
                    .cable("p", cable, "plate:out-1", "tx:power");
        }

        @Test
        void aTransmitterIsNotFedByAPlugThatFallsOut() {
            var finding =
                    verify(new PlugLocks()).given(fed(tap("loose", false, 500))).finds(Severity.NOTE, CheckState.FOUND);
            assertEquals("The feed of sender-G does not lock", finding.title());
            verify(new PlugLocks()).given(fed(tap("firm", true, 500))).holds();
        }

        @Test
        void oneThatLocksAndIsNoShorterTakesItsPlace() {
            Rigs rigs = fed(tap("loose", false, 1200))
                    .inKit(tap("firm-short", true, 900), 1)
                    .inKit(tap("firm-long", true, 1300), 1);
            assertEquals(
                    "firm-long in its place",
                    verify(new PlugLocks()).given(rigs).isMendedBy("cable").title());
        }

        @Test
        void aScreenOfItsOwnMayHangOnAnything() {
            Rigs rigs = Signals.powered()
                    .with("screen", Signals.display("screen", Trust.FRAME, 3))
                    .join("j", "body:face-0", "screen:foot")
                    .cable("p", tap("loose", false, 500), "plate:out-1", "screen:power");
            verify(new PlugLocks()).given(rigs).holds();
        }
    }

    @Nested
    class Network {
        private Parts box(String id, Socket.Direction way) {
            return Parts.part(id)
                    .socket(new Socket(
                            "lan", "lan", Socket.Kind.DATA, way, "RJ45", "network", Vec3.ZERO, Optional.empty()))
                    .facet(new SignalFacet.Signal("lan", Carried.NETWORK, false));
        }

        private ItemType lan() {
            PowerFacet.CableEnd end = new PowerFacet.CableEnd("RJ45", "network", true, false);
            return Parts.part("c-lan")
                    .is(Category.CABLE)
                    .weighs(40, Vec3.ZERO)
                    .facet(new PowerFacet.Cable(end, end, Socket.Kind.DATA, 0, 500))
                    .make();
        }

        @Test
        void whatIsSteeredOverItIsOnIt() {
            Rigs rigs = Signals.rig()
                    .with("panel", face(box("panel", Socket.Direction.OUT)))
                    .with("iris", face(box("iris", Socket.Direction.IN)))
                    .join("j", "body:face-0", "panel:foot")
                    .join("k", "body:face-1", "iris:foot")
                    .inKit(lan(), 1);
            assertEquals(
                    "No network reaches iris",
                    verify(Reached.networks())
                            .given(rigs)
                            .finds(Severity.CAUTION, CheckState.FOUND)
                            .title());
            verify(Reached.networks()).given(rigs).isMendedBy("cable");
            verify(Reached.networks())
                    .given(rigs.cable("n", lan(), "panel:lan", "iris:lan"))
                    .holds();
        }
    }
}
