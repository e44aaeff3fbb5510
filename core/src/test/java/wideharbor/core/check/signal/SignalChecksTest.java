package wideharbor.core.check.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

class SignalChecksTest {
    private static Shoot shoot(Shoot.Sound sound, boolean time, Viewer... viewers) {
        return ShootBuilder.builder()
                .sound(sound)
                .timecode(time)
                .viewers(List.of(viewers))
                .build();
    }

    private static Rigs screen(double gigabits) {
        return Signals.rig()
                .with("screen", Signals.display("screen", Trust.EXPOSURE, gigabits))
                .join("j", "body:face-0", "screen:foot");
    }

    private static Rigs plugged(String output, double gigabits) {
        return screen(gigabits).cable("k", Signals.picture(), "body:" + output, "screen:sdi");
    }

    @Nested
    class Pictures {
        @Test
        void aScreenWithACableIsFine() {
            verify(Reached.pictures()).given(plugged("sdi-1", 3)).holds();
        }

        @Test
        void aDarkScreenNamesWhereTheWayEndsAndIsMendedByACable() {
            Rigs rigs = screen(3).inKit(Signals.picture(), 1);
            Finding finding = verify(Reached.pictures()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
            assertEquals("No picture reaches screen", finding.title());
            assertEquals(
                    "c-picture-800, body sdi-1 to screen",
                    verify(Reached.pictures()).given(rigs).isMendedBy("cable").title());
        }

        /** 3 Gbit/s into 1.5: the other output sends 1.5. */
        @Test
        void aSlowInputIsMendedByTheSlowerOutput() {
            verify(new PictureRate())
                    .given(plugged("sdi-1", 1.5))
                    .finds(Severity.STOP, 1.5, 3, Double.POSITIVE_INFINITY, "Gbit/s");
            assertEquals(
                    "From sdi-2 instead",
                    verify(new PictureRate())
                            .given(plugged("sdi-1", 1.5))
                            .isMendedBy("output")
                            .title());
            verify(new PictureRate()).given(plugged("sdi-2", 1.5)).holds();
        }

        @Test
        void motorsWithoutControlAreFound() {
            ItemType motor = Parts.part("motor")
                    .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .socket("drive", Socket.Direction.IN, "bus", "usual")
                    .facet(new SignalFacet.Signal("drive", Carried.LENS, false))
                    .make();
            Rigs rigs = Signals.rig().with("motor", motor).join("j", "body:face-0", "motor:foot");
            // A power socket is no signal's: the part's own socket decides what can reach it.
            verify(Reached.drives()).given(rigs).finds(Severity.CAUTION, CheckState.FOUND);
        }
    }

    @Nested
    class Looking {
        private final Viewer desk = new Viewer("Desk", Trust.EXPOSURE, false);

        @Test
        void whoJudgesExposureWantsTheLookOnce() {
            Rigs off = plugged("sdi-1", 3).shooting(shoot(Shoot.Sound.NONE, false, desk));
            assertEquals(
                    "Desk judges a picture without the look",
                    verify(new LookOnce())
                            .given(off)
                            .finds(Severity.CAUTION, CheckState.FOUND)
                            .title());
            assertEquals(
                    "Look on at body, sdi-1",
                    verify(new LookOnce()).given(off).isMendedBy("look").title());
            verify(new LookOnce())
                    .given(plugged("sdi-1", 3).set("body:sdi-1:0", 1).shooting(shoot(Shoot.Sound.NONE, false, desk)))
                    .holds();
        }

        @Test
        void twiceIsOneTooMany() {
            Rigs twice = plugged("sdi-1", 3)
                    .set("body:sdi-1:0", 1)
                    .set("screen:sdi:0", 1)
                    .shooting(shoot(Shoot.Sound.NONE, false, desk));
            assertEquals(
                    "The look is on twice for Desk",
                    verify(new LookOnce())
                            .given(twice)
                            .finds(Severity.CAUTION, CheckState.FOUND)
                            .title());
            assertEquals(2, verify(new LookOnce()).given(twice).fixes().size(), "off at either");
        }

        @Test
        void whoOnlyFramesNeedsNoLook() {
            Rigs frame = plugged("sdi-1", 3)
                    .shooting(shoot(Shoot.Sound.NONE, false, new Viewer("Agency", Trust.FRAME, false)));
            verify(new LookOnce()).given(frame).holds();
        }

        /** A box that puts no look on a picture is not told to; a file that says so is found out and mended. */
        @Test
        void aLookWhereNoneIsPutOnIsInVain() {
            Rigs vain = plugged("sdi-1", 3)
                    .with("box", Signals.converter())
                    .join("j-box", "body:face-1", "box:foot")
                    .shooting(shoot(Shoot.Sound.NONE, false, new Viewer("Agency", Trust.FRAME, false)));
            SettingKey look = SettingKey.parse("box:hdmi:0");
            EditRefused refused = assertThrows(
                    EditRefused.class,
                    () -> vain.job()
                            .gear()
                            .apply(
                                    Rigs.BUILD,
                                    List.of(Scoped.base(new Command.Set(look, 1, false))),
                                    vain.catalogue()));
            assertEquals("converter puts no look on a picture at hdmi.", refused.getMessage());
            Rigs old = vain.set(look.toString(), 1);
            Finding found = verify(new LookOnce()).given(old).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("The look is on at converter, which puts none on", found.title());
            verify(new LookOnce()).given(old).isMendedBy("look");
        }

        /** The body stands upright: a turn on the way lays the picture on its side. */
        @Test
        void aTurnTooManyIsFoundAndTakenOff() {
            Rigs turned = plugged("sdi-1", 3).set("body:sdi-1:1", 1).shooting(shoot(Shoot.Sound.NONE, false, desk));
            verify(new PictureUpright()).given(turned).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals(
                    "Not turned at body, sdi-1",
                    verify(new PictureUpright())
                            .given(turned)
                            .isMendedBy("turn")
                            .title());
            verify(new PictureUpright())
                    .given(plugged("sdi-1", 3).shooting(shoot(Shoot.Sound.NONE, false, desk)))
                    .holds();
        }

        /** Half a turn is upside down; two quarters used to count as none. */
        @Test
        void halfATurnIsUpsideDown() {
            Rigs turned = plugged("sdi-1", 3).set("body:sdi-1:1", 2).shooting(shoot(Shoot.Sound.NONE, false, desk));
            assertEquals(
                    desk.who() + " sees the picture upside down",
                    verify(new PictureUpright())
                            .given(turned)
                            .finds(Severity.CAUTION, CheckState.FOUND)
                            .title());
        }

        @Test
        void aViewerWithoutADisplayIsFoundAndOnePacked() {
            Rigs none = Signals.rig()
                    .with("link", Signals.sender("one", "5 GHz", 2))
                    .join("j", "body:face-0", "link:foot")
                    .cable("k", Signals.picture(), "body:sdi-1", "link:sdi")
                    .inKit(Signals.receiver("one"), 1)
                    .inKit(Signals.picture(), 1)
                    .knows(Signals.display("small", Trust.FRAME, 3))
                    .shooting(shoot(Shoot.Sound.NONE, false, new Viewer("Agency", Trust.FRAME, true)));
            Finding finding = verify(CheckEngine.standard().require("brief.viewers"))
                    .given(none)
                    .finds(Severity.STOP, CheckState.FOUND);
            assertEquals("Agency sees no picture", finding.title());
            assertEquals(
                    "Pack one more small",
                    verify(CheckEngine.standard().require("brief.viewers"))
                            .given(none)
                            .isMendedBy("pack")
                            .title());
        }

        @Test
        void nobodyLooksUnasked() {
            verify(CheckEngine.standard().require("brief.viewers"))
                    .given(plugged("sdi-1", 3))
                    .looksAtNothing();
        }
    }

    @Nested
    class RadioAndClamps {
        private Rigs sending(int receivers, int packed) {
            return Signals.rig()
                    .with("link", Signals.sender("one", "5 GHz", receivers))
                    .join("j", "body:face-0", "link:foot")
                    .inKit(Signals.receiver("one"), packed);
        }

        @Test
        void moreReceiversThanItServesAreCounted() {
            verify(new RadioLinks()).given(sending(2, 2)).holds();
            verify(new RadioLinks())
                    .given(sending(2, 3))
                    .finds(Severity.CAUTION, 3, Double.NEGATIVE_INFINITY, 2, "receivers");
        }

        @Test
        void twoFamiliesOnOneBandAreFound() {
            Rigs rigs = sending(2, 0)
                    .with("other", Signals.sender("two", "5 GHz", 2))
                    .join("j2", "body:face-1", "other:foot");
            assertEquals(
                    "sender-one and sender-two send on one band",
                    verify(new RadioLinks())
                            .given(rigs)
                            .finds(Severity.CAUTION, CheckState.FOUND)
                            .title());
        }

        private ItemType screenThatBreaks() {
            return Parts.part("weak")
                    .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .socket("sdi", Socket.Direction.IN, "BNC", "usual")
                    .facet(new SignalFacet.Signal("sdi", Carried.PICTURE, 3, true))
                    .make();
        }

        @Test
        void aFragilePlugWantsAClamp() {
            Rigs rigs = Signals.rig().with("weak", screenThatBreaks()).join("j", "body:face-0", "weak:foot");
            verify(new PlugClamps()).given(rigs).looksAtNothing();
            Rigs in = Signals.rig()
                    .with("weak", screenThatBreaks())
                    .join("j", "body:face-0", "weak:foot")
                    .cable("k", Signals.picture(), "body:sdi-1", "weak:sdi");
            assertTrue(verify(new PlugClamps())
                    .given(in)
                    .finds(Severity.CAUTION, CheckState.FOUND)
                    .title()
                    .contains("weak"));
            ItemType clamp = Parts.part("clamp")
                    .can(Capability.CLAMPS_PLUG)
                    .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .make();
            verify(new PlugClamps())
                    .given(in.with("clamp", clamp).join("jc", "body:face-1", "clamp:foot"))
                    .holds();
        }
    }

    @Nested
    class TimeAndSound {
        private Rigs clocked() {
            return Signals.rig().with("clock", Signals.clock()).join("j", "body:face-0", "clock:foot");
        }

        @Test
        void withOneTimeForAllTheBodyIsFed() {
            Rigs loose = clocked().knows(Signals.cable(Carried.TIME, 400)).shooting(shoot(Shoot.Sound.SEPARATE, true));
            assertEquals(
                    "body gets no time",
                    verify(new TimeFed())
                            .given(loose)
                            .finds(Severity.STOP, CheckState.FOUND)
                            .title());
            assertEquals(
                    "c-time-400, clock tc to body",
                    verify(new TimeFed()).given(loose).isMendedBy("cable").title());
            verify(new TimeFed())
                    .given(clocked()
                            .cable("k", Signals.cable(Carried.TIME, 400), "clock:tc", "body:tc")
                            .shooting(shoot(Shoot.Sound.SEPARATE, true)))
                    .holds();
            verify(new TimeFed()).given(clocked()).looksAtNothing();
        }

        private Rigs heard(int channels, boolean plugged, Shoot.Sound sound) {
            Rigs rigs = Signals.rig()
                    .with("mic", Signals.microphone(channels, true))
                    .join("j", "body:face-0", "mic:foot")
                    .knows(Signals.cable(Carried.SOUND, 600))
                    .shooting(shoot(sound, false));
            return plugged ? rigs.cable("k", Signals.cable(Carried.SOUND, 600), "mic:out", "body:audio") : rigs;
        }

        @Test
        void aLooseMicrophoneWeighsByWhoHasTheSound() {
            assertEquals(
                    "mic goes nowhere",
                    verify(new SoundFed())
                            .given(heard(1, false, Shoot.Sound.CAMERA))
                            .finds(Severity.STOP, CheckState.FOUND)
                            .title());
            verify(new SoundFed())
                    .given(heard(1, false, Shoot.Sound.SEPARATE))
                    .finds(Severity.CAUTION, CheckState.FOUND);
            verify(new SoundFed()).given(heard(1, false, Shoot.Sound.CAMERA)).isMendedBy("cable");
            verify(new SoundFed()).given(heard(1, true, Shoot.Sound.CAMERA)).holds();
        }

        /** Four capsules into an input of two. */
        @Test
        void tooFewChannelsAreCounted() {
            verify(new SoundFed())
                    .given(heard(4, true, Shoot.Sound.CAMERA))
                    .finds(Severity.STOP, 2, 4, Double.POSITIVE_INFINITY, "channels");
        }
    }

    /** Kept apart, the sound is found again by what the camera heard: a note while nothing is plugged. */
    @Test
    void soundKeptApartWantsAScratchTrack() {
        Finding note = verify(new SoundFed())
                .given(Signals.rig().shooting(shoot(Shoot.Sound.SEPARATE, false)))
                .finds(Severity.NOTE, CheckState.FOUND);
        assertTrue(note.title().contains("scratch"), note.title());
        verify(new SoundFed()).given(Signals.rig()).looksAtNothing();
    }

    private static Rigs buttoned() {
        ItemType handle = Parts.part("handle")
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket(new Socket(
                        "run",
                        "run",
                        Socket.Kind.DATA,
                        Socket.Direction.OUT,
                        "TRIGGER",
                        "usual",
                        Vec3.ZERO,
                        Optional.empty()))
                .facet(new SignalFacet.Signal("run", Carried.TRIGGER, false))
                .make();
        ItemType recorder = Parts.part("recorder")
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket(new Socket(
                        "start",
                        "start",
                        Socket.Kind.DATA,
                        Socket.Direction.IN,
                        "TRIGGER",
                        "usual",
                        Vec3.ZERO,
                        Optional.empty()))
                .facet(new SignalFacet.Signal("start", Carried.TRIGGER, false))
                .make();
        return Signals.rig()
                .with("handle", handle)
                .with("recorder", recorder)
                .join("j1", "body:face-0", "handle:foot")
                .join("j2", "body:face-1", "recorder:foot");
    }

    @Test
    void aRunButtonIsPluggedOrFound() {
        Rigs loose = buttoned().knows(Signals.cable(Carried.TRIGGER, 500));
        assertEquals(
                "The run button of handle is plugged nowhere",
                verify(new Triggered())
                        .given(loose)
                        .finds(Severity.CAUTION, CheckState.FOUND)
                        .title());
        assertEquals(
                "c-trigger-500, handle run to recorder",
                verify(new Triggered()).given(loose).isMendedBy("cable").title());
        verify(new Triggered())
                .given(buttoned().cable("k", Signals.cable(Carried.TRIGGER, 500), "handle:run", "recorder:start"))
                .holds();
        verify(new Triggered()).given(Signals.rig()).looksAtNothing();
    }

    /** 10 up and two straight plugs of 45, a tenth to spare: 110 mm. */
    @Test
    void aCableThatDoesNotReachIsReplacedByALongerOne() {
        Rigs rigs = Signals.rig()
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j", "body:face-1", "screen:foot")
                .cable("k", Signals.cable(Carried.PICTURE, 100), "body:sdi-1", "screen:sdi")
                .inKit(Signals.picture(), 1);
        verify(new CableLength()).given(rigs).finds(Severity.CAUTION, 100, 110, Double.POSITIVE_INFINITY, "mm");
        assertEquals(
                "c-picture-800 in its place",
                verify(new CableLength()).given(rigs).isMendedBy("cable").title());
    }
}
