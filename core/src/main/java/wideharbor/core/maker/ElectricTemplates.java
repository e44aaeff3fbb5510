package wideharbor.core.maker;

import static wideharbor.core.maker.Choices.asks;
import static wideharbor.core.maker.Choices.height;
import static wideharbor.core.maker.Choices.length;
import static wideharbor.core.maker.Choices.width;
import static wideharbor.core.maker.Sketch.BACK;
import static wideharbor.core.maker.Sketch.DOWN;
import static wideharbor.core.maker.Sketch.at;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Contacts;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.Socket.Direction;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;

/** What takes, gives or leads power and picture. */
final class ElectricTemplates {
    private static final String SDI = "BNC|SDI 75 Ω";

    static final List<PartTemplate> ALL = List.of(
            new PartTemplate(
                            "body",
                            "Camera body",
                            "Stand it on its base, lens mount to the front. Lengths are from the flange of the mount.",
                            Category.BODY,
                            electric(
                                    width(120),
                                    height(130),
                                    Ask.mm(
                                            "length",
                                            "Length behind the mount",
                                            "flange to the rear face",
                                            170,
                                            40,
                                            500),
                                    Ask.mm(
                                            "axis",
                                            "Middle of the mount over the base",
                                            "base to the middle of the mount",
                                            65,
                                            15,
                                            200),
                                    Ask.choice("mount", "Lens mount", "as on the label", Choices.MOUNTS),
                                    Ask.number(
                                            "mountNm",
                                            "Mount carries",
                                            "moment by its maker, without a support",
                                            "N·m",
                                            6,
                                            0.5,
                                            60),
                                    Ask.choice(
                                            "base", "Thread in the base", "what a plate screws into", Choices.THREADS),
                                    Ask.mm(
                                            "baseBack",
                                            "That thread behind the mount",
                                            "flange to the thread",
                                            80,
                                            0,
                                            400),
                                    Ask.choice(
                                            "battery",
                                            "Battery plate at the rear",
                                            "what is built in; it feeds the body through its contacts",
                                            Choices.with(new Ask.Option("none", "none"), Choices.BATTERIES)),
                                    Ask.mm(
                                                    "recordedWide",
                                                    "Recorded width",
                                                    "of the sensor, in the mode that is shot",
                                                    28,
                                                    3,
                                                    80)
                                            .optionally(),
                                    Ask.mm("recordedHigh", "Recorded height", "of the sensor, in that mode", 16, 3, 80)
                                            .optionally(),
                                    Ask.number("sdi", "SDI outputs", "how many", "sockets", 1, 0, 4)
                                            .optionally()),
                            ElectricTemplates::body)
                    .asking(MediaTemplates.OF_A_BODY),
            new PartTemplate(
                    "monitor",
                    "Monitor",
                    "Hold it with the screen towards you: width and height as you see them.",
                    Category.MONITOR,
                    electric(
                            width(180),
                            height(115),
                            Ask.mm("length", "Depth", "screen to back", 30, 8, 150),
                            thread(),
                            trust(),
                            Ask.choice("look", "Can it show a look", "a table loaded into it", Choices.YES_NO)),
                    ElectricTemplates::monitor),
            new PartTemplate(
                    "finder",
                    "Viewfinder",
                    "The eyepiece looks back at you.",
                    Category.VIEWFINDER,
                    electric(
                            width(55),
                            height(60),
                            Ask.mm("length", "Length", "eyepiece to the front", 130, 30, 300),
                            thread(),
                            trust()),
                    ElectricTemplates::finder),
            new PartTemplate(
                    "battery",
                    "Battery",
                    "All of it is on the label. Check for damage, a swollen case or bent contacts first.",
                    Category.BATTERY,
                    asks(
                            width(100),
                            height(140),
                            Ask.mm("length", "Depth", "contacts to the back", 60, 10, 200),
                            Ask.choice("plate", "Fits on", "its contact face", Choices.BATTERIES),
                            Ask.number("wh", "Capacity", "on the label, in watt-hours", "Wh", 98, 5, 1000),
                            Ask.number("volts", "Nominal volts", "on the label", "V", 14.4, 3, 60),
                            Ask.number(
                                    "watts",
                                    "Most it gives",
                                    "continuous, on the label or by its maker",
                                    "W",
                                    140,
                                    5,
                                    2000)),
                    ElectricTemplates::battery),
            new PartTemplate(
                    "power-plate",
                    "Battery plate with outputs",
                    "Screwed to a cage or rods; the battery goes on its back.",
                    Category.POWER,
                    asks(
                            width(90),
                            height(120),
                            Ask.mm("length", "Depth", "front face to the battery", 20, 5, 120),
                            Ask.choice("battery", "Takes", "which battery", Choices.BATTERIES),
                            Ask.choice("face", "Front face", "what it is screwed to", Choices.THREADS)
                                    .from("m4-pair"),
                            Ask.choice("plug", "Its outputs", "which socket", Choices.POWER)
                                    .from("D-tap|centre −, top +"),
                            Ask.number("outputs", "How many outputs", "count them", "sockets", 2, 0, 8),
                            Ask.number("watts", "Most of each", "continuous", "W", 50, 1, 500),
                            Ask.number("amps", "Fuse of each", "amperes", "A", 5, 0.5, 50)),
                    ElectricTemplates::powerPlate),
            new PartTemplate(
                    "transmitter",
                    "Picture transmitter",
                    "A box with an aerial; measure without the aerial.",
                    Category.TRANSMISSION,
                    radioAsks("what its receivers answer to, on the label"),
                    a -> radio(a, true)),
            new PartTemplate(
                    "receiver",
                    "Picture receiver",
                    "A box with an aerial; measure without the aerial.",
                    Category.TRANSMISSION,
                    radioAsks("what its transmitter is called, on the label"),
                    a -> radio(a, false)),
            new PartTemplate(
                    "cable",
                    "Power cable",
                    "Lay it straight; a meter at both ends tells which pin goes where.",
                    Category.CABLE,
                    asks(
                            Ask.choice("a", "One end", "its plug", Choices.POWER),
                            Ask.choice("b", "Other end", "its plug", Choices.POWER)
                                    .from("D-tap|centre −, top +"),
                            Ask.mm("length", "Length", "plug to plug", 500, 50, 50_000),
                            Ask.number("ohm", "Resistance", "there and back, for each metre", "Ω/m", 0.05, 0.001, 5)
                                    .optionally()),
                    ElectricTemplates::powerCable),
            new PartTemplate(
                    "sdi",
                    "SDI cable",
                    "BNC at both ends.",
                    Category.CABLE,
                    asks(Ask.mm("length", "Length", "plug to plug", 500, 50, 100_000)),
                    ElectricTemplates::sdiCable),
            new PartTemplate(
                    "box",
                    "Box that takes power",
                    "Recorder, receiver, router, lens control: anything that is screwed on and fed.",
                    Category.OTHER,
                    electric(width(80), height(40), length(110), thread()),
                    ElectricTemplates::box));

    private ElectricTemplates() {}

    private static Ask thread() {
        return Ask.choice("thread", "Thread below", "what it is held by", Choices.THREADS)
                .from("thread-1-4");
    }

    private static Ask trust() {
        return Ask.choice(
                "trust",
                "Good for",
                "what the house trusts it with",
                Choices.options("FRAME", "framing", "FOCUS", "focus", "EXPOSURE", "exposure", "COLOUR", "colour"));
    }

    /** With what every fed part is asked. */
    private static List<Ask> electric(Ask... own) {
        List<Ask> all = new ArrayList<>(List.of(own));
        all.add(Ask.choice("plug", "Power socket", "which plug goes in", Choices.POWER));
        all.add(Ask.number("least", "Least volts", "on the label", "V", 11, 3, 60));
        all.add(Ask.number("most", "Most volts", "on the label", "V", 17, 3, 60));
        all.add(Ask.number("watts", "Takes when it works", "by a watt meter, or on the label", "W", 15, 0.1, 500));
        all.add(Ask.number("peak", "Takes at most", "while it starts; empty when nobody saw it", "W", 20, 0.1, 800)
                .optionally());
        return all;
    }

    private static List<Ask> radioAsks(String family) {
        return electric(
                width(70),
                height(30),
                length(110),
                thread(),
                Ask.text("family", "Family", family, "house set 1"),
                Ask.text("band", "Band", "on the label", "5 GHz"));
    }

    private static Sketch fed(Sketch sketch, Answers a, Vec3 at, Vec3 out) {
        double watts = a.number("watts");
        Figure peak = a.known("peak").<Figure>map(Figure::maker).orElseGet(() -> Figure.unknown("not measured"));
        return sketch.socket("power", "power", Socket.Kind.POWER, Direction.IN, a.text("plug"), at, out)
                .facet(new PowerFacet.PowerInput(
                        "power",
                        a.number("least"),
                        Math.max(a.number("least"), a.number("most")),
                        watts,
                        Figure.maker(watts),
                        peak,
                        0));
    }

    /** Both of width and height are on file, or neither is. */
    private static OpticalFacet.Camera camera(Answers a) {
        return a.known("recordedWide")
                .flatMap(w -> a.known("recordedHigh").map(h -> new OpticalFacet.Camera.Window(w, h)))
                .map(window -> new OpticalFacet.Camera("mount", a.number("mountNm"), window))
                .orElseGet(() -> new OpticalFacet.Camera("mount", a.number("mountNm")));
    }

    private static Sketch body(Answers a) {
        double wide = a.number("width");
        double high = a.number("height");
        double deep = a.number("length");
        double base = -a.number("axis");
        Sketch sketch = new Sketch()
                .box(wide, high, Math.max(1, deep - 10), at(0, base, -10 - Math.max(1, deep - 10) / 2))
                .ring(at(0, 0, -10), Vec3.ZERO, 76, 54)
                .face("mount", a.titled("mount") + " mount", a.text("mount"), Role.A, Vec3.ZERO, Vec3.FORWARD)
                .face(
                        "base",
                        "base, " + a.titled("base"),
                        a.text("base"),
                        Role.B,
                        at(0, base, -a.number("baseBack")),
                        DOWN)
                .face("top", "top, 1/4-20 thread", "thread-1-4", Role.B, at(0, base + high, -deep / 2), Vec3.UP)
                .facet(camera(a));
        MediaTemplates.onBody(sketch, a);
        fed(sketch, a, at(wide / 4, base + high / 3, -deep), BACK);
        if (!a.is("battery", "none")) {
            // A battery straight on the body feeds it through that face; then no cable does.
            sketch.face(
                            "battery",
                            a.titled("battery") + " plate",
                            a.text("battery"),
                            Role.A,
                            at(0, base + high / 2, -deep),
                            BACK)
                    .facet(new Contacts("battery", List.of("power")));
        }
        for (int i = 1; i <= a.count("sdi"); i++) {
            pictureOut(sketch, i, at(-wide / 2, base + 15.0 * i, -deep + 20));
        }
        return sketch;
    }

    private static void pictureOut(Sketch sketch, int nth, Vec3 at) {
        String id = "sdi-" + nth;
        sketch.socket(id, "SDI " + nth, Socket.Kind.PICTURE, Direction.OUT, SDI, at, Sketch.RIGHT)
                .facet(new SignalFacet.PictureOut(id, 3, true))
                .facet(new SignalFacet.Signal(id, SignalFacet.Carried.PICTURE, 3, false));
    }

    private static Sketch shows(Sketch sketch, Answers a, boolean look, Vec3 at) {
        return sketch.socket("sdi", "SDI in", Socket.Kind.PICTURE, Direction.IN, SDI, at, DOWN)
                .facet(new SignalFacet.Signal("sdi", SignalFacet.Carried.PICTURE, 3, false))
                .facet(new SignalFacet.Display(
                        SignalFacet.Trust.valueOf(a.text("trust")), look, SignalFacet.Tube.NONE));
    }

    private static Sketch monitor(Answers a) {
        double high = a.number("height");
        double deep = a.number("length");
        Sketch sketch = new Sketch()
                .box(a.number("width"), high, deep, Vec3.ZERO)
                .onThread(a)
                .can(Capability.SHOWS_PICTURE);
        fed(sketch, a, at(20, 10, deep / 2), Vec3.FORWARD);
        return shows(sketch, a, a.is("look", "yes"), at(-20, 0, 0));
    }

    private static Sketch finder(Answers a) {
        double deep = a.number("length");
        Sketch sketch = new Sketch()
                .box(a.number("width"), a.number("height"), deep, Vec3.ZERO)
                .onThread(a)
                .can(Capability.SHOWS_PICTURE, Capability.FINDS_PICTURE);
        fed(sketch, a, at(0, 10, deep / 2), Vec3.FORWARD);
        return shows(sketch, a, false, at(10, 0, 0));
    }

    private static Sketch battery(Answers a) {
        double deep = a.number("length");
        double volts = a.number("volts");
        double watts = a.number("watts");
        return new Sketch()
                .box(a.number("width"), a.number("height"), deep, at(0, -a.number("height") / 2, -deep / 2))
                .face("plate", a.titled("plate"), a.text("plate"), Role.B, Vec3.ZERO, Vec3.FORWARD)
                // Lithium-ion: full at 4.2, empty at 3.0 V a cell of 3.6 V.
                .facet(new PowerFacet.Battery(
                        "plate",
                        Figure.maker(a.number("wh")),
                        1,
                        volts * 4.2 / 3.6,
                        volts,
                        volts * 3.0 / 3.6,
                        watts,
                        watts));
    }

    private static Sketch powerPlate(Answers a) {
        double wide = a.number("width");
        double high = a.number("height");
        double deep = a.number("length");
        Sketch sketch = new Sketch()
                .box(wide, high, deep, at(0, -high / 2, -deep / 2))
                .face("foot", "front, " + a.titled("face"), a.text("face"), Role.A, Vec3.ZERO, Vec3.FORWARD)
                .face("battery", a.titled("battery"), a.text("battery"), Role.A, at(0, 0, -deep), BACK);
        for (int i = 1; i <= a.count("outputs"); i++) {
            sketch.socket(
                            "out-" + i,
                            "output " + i,
                            Socket.Kind.POWER,
                            Direction.OUT,
                            a.text("plug"),
                            at(wide / 2, high / 2 - 14.0 * i, -deep / 2),
                            Vec3.LEFT)
                    .facet(new PowerFacet.PowerOutput(
                            "out-" + i, 0, 1, a.number("watts"), a.number("watts"), a.number("amps")));
        }
        return sketch;
    }

    private static Sketch radio(Answers a, boolean sends) {
        Sketch sketch = box(a).can(sends ? Capability.SENDS_PICTURE : Capability.RECEIVES_PICTURE);
        return sketch.socket(
                        "sdi",
                        sends ? "SDI in" : "SDI out",
                        Socket.Kind.PICTURE,
                        sends ? Direction.IN : Direction.OUT,
                        SDI,
                        at(0, a.number("height") / 2, a.number("length") / 2),
                        Vec3.FORWARD)
                .facet(new SignalFacet.Signal("sdi", SignalFacet.Carried.PICTURE, 3, false))
                .facet(new SignalFacet.Radio(
                        sends, "sdi", SignalFacet.Carried.PICTURE, a.text("family"), a.text("band"), 1));
    }

    private static Sketch box(Answers a) {
        Sketch sketch = new Sketch()
                .box(a.number("width"), a.number("height"), a.number("length"), Vec3.ZERO)
                .onThread(a);
        return fed(sketch, a, at(0, a.number("height") / 2, -a.number("length") / 2), BACK);
    }

    private static PowerFacet.CableEnd end(String plug) {
        String[] both = plug.split("\\|", 2);
        return new PowerFacet.CableEnd(both[0], both[1], false, false);
    }

    private static Sketch powerCable(Answers a) {
        return new Sketch()
                .facet(new PowerFacet.Cable(
                        end(a.text("a")), end(a.text("b")), Socket.Kind.POWER, a.number("ohm"), a.number("length")));
    }

    private static Sketch sdiCable(Answers a) {
        return new Sketch().facet(new PowerFacet.Cable(end(SDI), end(SDI), Socket.Kind.PICTURE, 0, a.number("length")));
    }
}
