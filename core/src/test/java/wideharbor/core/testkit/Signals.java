package wideharbor.core.testkit;

import static wideharbor.core.testkit.Parts.part;

import java.util.Optional;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Pins;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.catalog.SignalFacet.Tube;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;

/** A small village: a body with two outputs, displays, a radio link, time and sound, and the cables between them. */
public final class Signals {
    private static final int FACES = 8;

    private Signals() {}

    private static Socket socket(String id, Socket.Kind kind, Socket.Direction direction, String connector, Vec3 at) {
        return new Socket(id, id, kind, direction, connector, "usual", at, Optional.empty());
    }

    private static Parts in(Parts part, String id, Carried carried, double gigabits) {
        return part.socket(socket(id, kind(carried), Socket.Direction.IN, plug(carried), Vec3.ZERO))
                .facet(new SignalFacet.Signal(id, carried, Optional.of(gigabits).filter(g -> g > 0), false));
    }

    private static Parts out(Parts part, String id, Carried carried, double gigabits) {
        return part.socket(socket(id, kind(carried), Socket.Direction.OUT, plug(carried), Vec3.ZERO))
                .facet(new SignalFacet.Signal(id, carried, Optional.of(gigabits).filter(g -> g > 0), false));
    }

    private static Socket.Kind kind(Carried carried) {
        return carried == Carried.PICTURE ? Socket.Kind.PICTURE : Socket.Kind.DATA;
    }

    private static String plug(Carried carried) {
        return carried == Carried.PICTURE ? "BNC" : carried.name();
    }

    /** Sends 3 Gbit/s at two outputs, takes time and two channels of sound with power on the line. */
    public static ItemType body(Facet... more) {
        Parts body = part("body").is(Category.BODY).weighs(3000, Vec3.ZERO);
        out(body, "sdi-1", Carried.PICTURE, 12).facet(new SignalFacet.PictureOut("sdi-1", 3, true));
        out(body, "sdi-2", Carried.PICTURE, 12).facet(new SignalFacet.PictureOut("sdi-2", 1.5, true));
        out(body, "finder", Carried.FINDER, 0);
        in(body, "tc", Carried.TIME, 0);
        in(body, "audio", Carried.SOUND, 0).facet(new SignalFacet.SoundPort("audio", false, 2, true));
        body.socket("power", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("power", 11, 17, 1, Figure.maker(30), Figure.maker(40), 0));
        for (int i = 0; i < FACES; i++) {
            body.face("face-" + i, Role.B, new Vec3(0, 10 * i, 0), Vec3.LEFT, Vec3.UP, 0, Pins.NONE);
        }
        for (Facet facet : more) {
            body.facet(facet);
        }
        return body.make();
    }

    private static Parts device(String id) {
        return part(id).weighs(500, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Pins.NONE)
                .socket("power", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("power", 11, 17, 1, Figure.maker(8), Figure.maker(10), 0));
    }

    public static ItemType display(String id, Trust trust, double gigabits) {
        return in(device(id).is(Category.MONITOR).can(Capability.SHOWS_PICTURE), "sdi", Carried.PICTURE, gigabits)
                .facet(new SignalFacet.Display(trust, true, Tube.NONE))
                .make();
    }

    public static ItemType finder(Tube tube) {
        return in(device("finder").is(Category.VIEWFINDER).can(Capability.FINDS_PICTURE), "bus", Carried.FINDER, 0)
                .facet(new SignalFacet.Display(Trust.FOCUS, false, tube))
                .make();
    }

    /** Gives out what it takes in: as a wire, or only while it has power. */
    public static ItemType loop(String id, boolean live) {
        Parts loop = in(device(id), "in", Carried.PICTURE, 3);
        return out(loop, "out", Carried.PICTURE, 3)
                .facet(new SignalFacet.Passage("in", "out", live))
                .make();
    }

    public static ItemType sender(String family, String band, int receivers) {
        return in(device("sender-" + family).can(Capability.SENDS_PICTURE), "sdi", Carried.PICTURE, 3)
                .facet(new SignalFacet.Radio(true, "sdi", Carried.PICTURE, family, band, receivers))
                .make();
    }

    public static ItemType receiver(String family) {
        return out(device("receiver-" + family).can(Capability.RECEIVES_PICTURE), "sdi", Carried.PICTURE, 3)
                .facet(new SignalFacet.Radio(false, "sdi", Carried.PICTURE, family, "5 GHz", 0))
                .make();
    }

    /** A display that hears the sender itself. */
    public static ItemType hearing(String id, Trust trust, String family) {
        return in(device(id).is(Category.MONITOR).can(Capability.SHOWS_PICTURE), "sdi", Carried.PICTURE, 3)
                .facet(new SignalFacet.Display(trust, true, Tube.NONE))
                .facet(new SignalFacet.Radio(false, "sdi", Carried.PICTURE, family, "5 GHz", 0))
                .make();
    }

    /** A plate for a battery with five outlets, off the rig. */
    public static ItemType supply() {
        return plate();
    }

    /** Keeps time on its own cells. */
    public static ItemType clock() {
        Parts clock = part("clock")
                .can(Capability.KEEPS_TIME)
                .weighs(50, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Pins.NONE);
        return out(clock, "tc", Carried.TIME, 0)
                .facet(new SignalFacet.OwnCells(20))
                .make();
    }

    public static ItemType microphone(int channels, boolean phantom) {
        Parts mic = part("mic")
                .can(Capability.HEARS)
                .weighs(100, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Pins.NONE);
        return out(mic, "out", Carried.SOUND, 0)
                .facet(new SignalFacet.SoundPort("out", true, channels, phantom))
                .make();
    }

    public static ItemType cable(Carried carried, double lengthMm) {
        PowerFacet.CableEnd end = new PowerFacet.CableEnd(plug(carried), "usual", true, false);
        return part("c-" + carried.name().toLowerCase(java.util.Locale.ROOT) + "-" + (int) lengthMm)
                .is(Category.CABLE)
                .weighs(40, Vec3.ZERO)
                .facet(new PowerFacet.Cable(end, end, kind(carried), 0, lengthMm))
                .make();
    }

    public static ItemType picture() {
        return cable(Carried.PICTURE, 800);
    }

    public static ItemType power() {
        return Bag.cable("c-power", "1+ 2−", 0.02, 800);
    }

    /** Takes a picture by one plug and gives it out by another, only while it has power. */
    public static ItemType converter() {
        Parts converter = in(device("converter"), "in", Carried.PICTURE, 3);
        return converter
                .socket(socket("hdmi", Socket.Kind.PICTURE, Socket.Direction.OUT, "HDMI", Vec3.ZERO))
                .facet(new SignalFacet.Signal("hdmi", Carried.PICTURE, 3, false))
                .facet(new SignalFacet.Passage("in", "hdmi", true))
                .make();
    }

    /** A display that takes a picture by another plug than bodies give. */
    public static ItemType otherPlug(String id) {
        return device(id)
                .is(Category.MONITOR)
                .socket(socket("hdmi", Socket.Kind.PICTURE, Socket.Direction.IN, "HDMI", Vec3.ZERO))
                .facet(new SignalFacet.Signal("hdmi", Carried.PICTURE, 3, false))
                .facet(new SignalFacet.Display(Trust.FRAME, true, Tube.NONE))
                .make();
    }

    public static ItemType hdmi() {
        PowerFacet.CableEnd end = new PowerFacet.CableEnd("HDMI", "usual", false, false);
        return part("c-hdmi")
                .is(Category.CABLE)
                .weighs(40, Vec3.ZERO)
                .facet(new PowerFacet.Cable(end, end, Socket.Kind.PICTURE, 0, 500))
                .make();
    }

    /** Bodies feed on nothing in these; this one comes with a battery, so that what is put on the rig can be fed. */
    public static Rigs powered() {
        return Rigs.rig()
                .with("body", body())
                .with("plate", plate())
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .join("j-plate", "body:face-7", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .cable("k-body", power(), "plate:out-0", "body:power")
                .inKit(power(), 6)
                .inKit(Bag.keys("hex 3/16 in"), 1)
                .day(25, 0.5)
                .on("none");
    }

    private static ItemType plate() {
        Parts plate = part("plate")
                .weighs(300, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Pins.NONE)
                .port("battery", "v-mount", Role.A, new Vec3(0, 0, -20), Parts.BACK, Vec3.UP);
        for (int i = 0; i < 5; i++) {
            plate.socket("out-" + i, Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                    .facet(new PowerFacet.PowerOutput("out-" + i, 0, 1, 50, 70, 5));
        }
        return plate.make();
    }

    /** The body alone, on nothing. */
    public static Rigs rig(Facet... more) {
        return Rigs.rig().with("body", body(more)).on("none");
    }
}
