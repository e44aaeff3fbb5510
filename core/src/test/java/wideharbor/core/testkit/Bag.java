package wideharbor.core.testkit;

import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.Optional;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;

/** A small bag of parts with round figures, worked with by hand in the tests. */
public final class Bag {
    private Bag() {}

    /** Base 66 below the axis, at z −80; 3000 g at z −90. */
    public static ItemType body() {
        return part("body")
                .is(Category.BODY)
                .weighs(3000, new Vec3(0, 0, -90))
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .face("base", Role.B, new Vec3(0, -66, -80), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("top", Role.B, new Vec3(0, 70, -80), Vec3.UP, Vec3.FORWARD, 0, Parts.pins(Port.Pins.Kind.HOLES))
                .face("side", Role.B, new Vec3(60, 0, -80), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .facet(new OpticalFacet.Camera("mount", 6))
                .make();
    }

    public static ItemType quick(double thick) {
        return part("quick")
                .is(Category.PLATE)
                .weighs(400, new Vec3(0, -thick / 2, 0))
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .face("bottom", Role.B, new Vec3(0, -thick, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
    }

    /** Rods 6 below its top face; dovetail clamp 100 long, 24 below. */
    public static ItemType bridge() {
        return part("bridge")
                .is(Category.PLATE)
                .weighs(800, new Vec3(0, -12, 0))
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -6, 0), DOWN, 100)
                .clamp("bottom", "dovetail-narrow", Role.B, new Vec3(0, -24, 0), DOWN, 100)
                .make();
    }

    public static ItemType rods(int length) {
        return rods("rods-" + length, "rod-15-lw", 15, length);
    }

    public static ItemType rods(String id, String standard, double diameter, int length) {
        return part(id).is(Category.ROD)
                .weighs(300, new Vec3(0, 0, length / 2.0))
                .carrier("rods", standard, Role.A, Vec3.ZERO, Vec3.UP, 0, length)
                .facet(new RiggingFacet.Rods("rods", diameter, length))
                .make();
    }

    /** Made for an axis 85 over the rods; clamp 20 long. */
    public static ItemType box() {
        return part("box")
                .is(Category.MATTE_BOX)
                .weighs(600, Vec3.ZERO)
                .can(Capability.RIDES_ON_AXIS)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, 0), DOWN, 20)
                .make();
    }

    /** Rail from −150 to 150; 1000 g at its middle. */
    public static ItemType dovetail() {
        return part("dovetail")
                .is(Category.DOVETAIL)
                .weighs(1000, Vec3.ZERO)
                .carrier("rail", "dovetail-narrow", Role.A, Vec3.ZERO, Vec3.UP, -150, 150)
                .port("bottom", "flat-base", Role.A, new Vec3(0, -10, 0), DOWN, Vec3.FORWARD)
                .make();
    }

    /** Tilt axis 50 under its top; balanced within 5 mm. */
    public static ItemType head() {
        return part("head")
                .is(Category.HEAD)
                .weighs(6000, new Vec3(0, -50, 0))
                .port("top", "flat-base", Role.B, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                .port("tilt", "datum", Role.EITHER, new Vec3(0, -50, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("tilt", 2000, 20_000, 5))
                .make();
    }

    public static ItemType lens(String id, double grams, double centre, double length) {
        return part(id).is(Category.LENS)
                .weighs(grams, new Vec3(0, 0, centre))
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .carrier("barrel", "lens-brace", Role.B, new Vec3(0, -45, 120), DOWN, -30, 30)
                .facet(new OpticalFacet.Lens("mount", 50, 2, length, 100, 1, Optional.empty()))
                .make();
    }

    /** Cradle 20 over the rods, up to 40 higher. */
    public static ItemType lensSupport() {
        return part("support")
                .is(Category.LENS_SUPPORT)
                .weighs(200, Vec3.ZERO)
                .can(Capability.BRACES_LENS)
                .can(Capability.RIDES_ON_AXIS)
                .clamp("rods", "rod-15-lw", Role.B, Vec3.ZERO, DOWN, 20)
                .moving(
                        "cradle",
                        "lens-brace",
                        Role.A,
                        new Vec3(0, 20, 0),
                        Vec3.UP,
                        Vec3.FORWARD,
                        new Freedom.Slide("height", Freedom.Axis.N, 0, 40, 0))
                .make();
    }

    public static ItemType spacer(String id, double height, boolean shim) {
        return part(id).is(shim ? Category.SHIM : Category.RISER)
                .weighs(20, Vec3.ZERO)
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .face("bottom", Role.B, new Vec3(0, -height, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .facet(new RiggingFacet.Spacer("top", "bottom", height, shim))
                .make();
    }

    /** 14.4 V nominal, 12 at the end, 16.8 full; 150 W continuous; loses nothing inside, to reckon by hand. */
    public static ItemType battery(String id, Figure wattHours) {
        return part(id).is(Category.BATTERY)
                .weighs(1000, Vec3.ZERO)
                .port("plug", "v-mount", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new PowerFacet.Battery("plug", wattHours, 1, 16.8, 14.4, 12, 150, 200, Optional.of(0.0)))
                .make();
    }

    /** Two outputs of the same socket: 50 W and 5 A continuous, 70 W peak. */
    public static ItemType plate() {
        return part("plate")
                .is(Category.POWER)
                .weighs(300, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 2, Port.Pins.NONE)
                .port("battery", "v-mount", Role.A, new Vec3(0, 0, -20), BACK, Vec3.UP)
                .socket("out-1", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .socket("out-2", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerOutput("out-1", 0, 1, 50, 70, 5))
                .facet(new PowerFacet.PowerOutput("out-2", 0, 1, 50, 70, 5))
                .make();
    }

    /** 11 to 17 V. */
    public static ItemType device(String id, Figure watts, Figure peak) {
        return part(id).weighs(500, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 11, 17, 1, watts, peak, 0))
                .make();
    }

    public static ItemType cable(String id, String pinOut, double ohmPerMetre, double length) {
        PowerFacet.CableEnd end = new PowerFacet.CableEnd("circular 2-pin", pinOut, true, false);
        return part(id).is(Category.CABLE)
                .weighs(40, Vec3.ZERO)
                .facet(new PowerFacet.Cable(end, end, Socket.Kind.POWER, ohmPerMetre, length))
                .make();
    }

    /** Body, quick plate of 11, bridge plate, rods with their rear end at z −130, matte box clamped at 200 on them. */
    public static Rigs onRods(int rodLength) {
        return Rigs.rig()
                .with("body", body())
                .with("quick", quick(11))
                .with("bridge", bridge())
                .with("rods", rods(rodLength))
                .with("box", box())
                .join("j-quick", "body:base", "quick:top")
                .join("j-bridge", "quick:bottom", "bridge:top")
                .join("j-rods", "bridge:rods", "rods:rods")
                .join("j-box", "rods:rods", "box:rods")
                .set("rods:rods:0", -50)
                .set("box:rods:0", 200)
                .on("none");
    }

    /** Body on quick plate, bridge plate, dovetail and head. */
    public static ItemType keys(String... sizes) {
        return part("keys")
                .facet(new RiggingFacet.Tool(java.util.List.of(sizes)))
                .make();
    }

    public static Rigs onHead() {
        return Rigs.rig()
                .with("body", body())
                .with("quick", quick(11))
                .with("bridge", bridge())
                .with("dovetail", dovetail())
                .with("head", head())
                .join("j-quick", "body:base", "quick:top")
                .join("j-bridge", "quick:bottom", "bridge:top")
                .join("j-dovetail", "bridge:bottom", "dovetail:rail")
                .join("j-head", "dovetail:bottom", "head:top")
                .inKit(keys("hex 3/16 in"), 1)
                .on("head");
    }

    /** Body, plate and one 100 Wh battery on it; devices and cables are added by the test. */
    public static Rigs powered() {
        return Rigs.rig()
                .with("body", body())
                .with("plate", plate())
                .with("battery", battery("battery-100", Figure.maker(100)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .on("none");
    }

    /** Takes 9 to 30 V and gives 12 V at 0.9, 40 W; takes 1 W itself. */
    public static ItemType regulator(String id) {
        return part(id).is(Category.POWER)
                .weighs(100, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .socket("out", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 9, 30, 1, Figure.maker(1), Figure.maker(1), 0))
                .facet(new PowerFacet.PowerOutput("out", 12, 0.9, 40, 60, 4, Optional.of(0.0)))
                .make();
    }

    /** A device of 30 W with a bay for a small battery; starts in 20 s. */
    public static ItemType withBay(String id) {
        return part(id).weighs(500, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .port("bay", "slide-pack", Role.A, new Vec3(0, 0, -20), BACK, Vec3.UP)
                .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                .facet(new PowerFacet.PowerInput("in", 11, 17, 10, Figure.maker(30), Figure.maker(40), 20))
                .facet(new PowerFacet.InnerBay("bay"))
                .make();
    }

    public static ItemType pack() {
        return part("pack")
                .is(Category.BATTERY)
                .weighs(200, Vec3.ZERO)
                .port("plug", "slide-pack", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new PowerFacet.Battery("plug", Figure.maker(37), 1, 8.4, 7.2, 6, 60, 80, Optional.of(0.0)))
                .make();
    }
}
