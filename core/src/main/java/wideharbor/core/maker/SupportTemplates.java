package wideharbor.core.maker;

import static wideharbor.core.maker.Choices.asks;
import static wideharbor.core.maker.Choices.width;
import static wideharbor.core.maker.Sketch.BACK;
import static wideharbor.core.maker.Sketch.DOWN;
import static wideharbor.core.maker.Sketch.at;

import java.util.List;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.standard.Standard;

/** What is about a lens, what carries a rig, and what goes along. */
final class SupportTemplates {
    static final List<PartTemplate> ALL = List.of(
            new PartTemplate(
                    "lens-adapter",
                    "Lens adapter",
                    "Between a body's mount and a lens of another.",
                    Category.ADAPTER,
                    asks(
                            Ask.choice("body", "Goes on", "the body's mount", Choices.MOUNTS)
                                    .from("mount-fenn"),
                            Ask.choice("lens", "Takes", "the lens's mount", Choices.MOUNTS),
                            Ask.mm("length", "Flange to flange", "with a caliper, to a hundredth", 24, 0.5, 120),
                            Ask.choice("bodyLock", "Held on the body by", "try to turn it with a hand", Choices.LOCKS),
                            Ask.choice("lensLock", "Holds the lens by", "try to turn the lens", Choices.LOCKS),
                            Ask.mm("diameter", "Diameter", "over all", 80, 20, 160)),
                    SupportTemplates::adapter),
            new PartTemplate(
                    "lens-support",
                    "Lens support",
                    "A cradle on the rods under the barrel.",
                    Category.LENS_SUPPORT,
                    asks(
                            Ask.choice("rods", "Rods", "which it sits on", Choices.RODS),
                            width(80),
                            Ask.mm("grip", "Length along the rods", "what it grips", 24, 5, 120),
                            Ask.mm("low", "Cradle over the rods, lowest", "middle of a rod to the cradle", 25, 1, 200),
                            Ask.mm(
                                    "high",
                                    "Cradle over the rods, highest",
                                    "middle of a rod to the cradle",
                                    60,
                                    1,
                                    250)),
                    SupportTemplates::support),
            new PartTemplate(
                    "head",
                    "Fluid head",
                    "Level it. What it carries and balances is in its book.",
                    Category.HEAD,
                    asks(
                            width(160),
                            Ask.mm("height", "Height", "underside to the top plate", 190, 40, 500),
                            Ask.mm("length", "Length", "back to front, without the pan bar", 180, 40, 500),
                            Ask.choice("top", "Top plate", "what stands on it", Choices.FACES)
                                    .from("flat-base"),
                            Ask.choice("bowl", "Below", "what it goes into", Choices.BOWLS),
                            Ask.mm(
                                    "tilt",
                                    "Tilt axis under the top plate",
                                    "rule to the middle of the axis",
                                    60,
                                    0,
                                    300),
                            Ask.number("least", "Carries at least", "in its book", "kg", 2, 0, 100),
                            Ask.number("most", "Carries at most", "in its book", "kg", 15, 0.5, 200),
                            Ask.number(
                                            "balance",
                                            "Counterbalance at most",
                                            "kg times mm over the tilt axis, in its book",
                                            "kg·mm",
                                            2000,
                                            10,
                                            60_000)
                                    .optionally()),
                    SupportTemplates::head),
            new PartTemplate(
                    "legs",
                    "Legs or hi-hat",
                    "Stand them as they will stand, on level ground.",
                    Category.LEGS,
                    asks(
                            Ask.choice("bowl", "Bowl", "what the head goes into", Choices.BOWLS),
                            Ask.mm("height", "Height", "ground to the rim of the bowl", 900, 50, 2500),
                            Ask.mm("radius", "Feet", "from under the middle to a foot", 450, 50, 2000),
                            Ask.number("feet", "How many feet", "count them", "feet", 3, 3, 4)),
                    SupportTemplates::legs),
            new PartTemplate(
                    "pad",
                    "Shoulder pad under rods",
                    "The rods go through it or lie on it; it lies on the shoulder.",
                    Category.SHOULDER,
                    asks(
                            width(120),
                            Ask.mm("height", "Height", "shoulder to the middle of the rods", 60, 10, 200),
                            Ask.mm("length", "Length along the rods", "what it grips", 120, 20, 300),
                            Ask.choice("rods", "Rods", "which it sits on", Choices.RODS)),
                    SupportTemplates::pad),
            new PartTemplate(
                    "case",
                    "Case",
                    "Measure inside, between the foam where it is cut.",
                    Category.CASE,
                    asks(
                            Ask.mm("width", "Width inside", "across", 400, 50, 2000),
                            Ask.mm("height", "Height inside", "bottom to lid", 250, 30, 1200),
                            Ask.mm("length", "Length inside", "along", 600, 50, 2500),
                            Ask.number("most", "May hold", "by its maker, or what two carry", "kg", 25, 1, 200)),
                    SupportTemplates::caseOf),
            new PartTemplate(
                    "keys",
                    "Keys or drivers",
                    "A roll or set: which sizes it has.",
                    Category.TOOL,
                    asks(Ask.text(
                            "sizes",
                            "Sizes",
                            "as screws write them, with commas: hex 4 mm, hex 5/32 in, flat blade",
                            "hex 3 mm, hex 4 mm")),
                    SupportTemplates::keys));

    private SupportTemplates() {}

    private static Sketch adapter(Answers a) {
        double length = a.number("length");
        return new Sketch()
                .ring(Vec3.ZERO, at(0, 0, length), a.number("diameter"), Math.min(50, a.number("diameter") - 4))
                .face("body", a.titled("body") + ", to the body", a.text("body"), Role.B, Vec3.ZERO, BACK)
                .face(
                        "lens",
                        a.titled("lens") + ", for the lens",
                        a.text("lens"),
                        Role.A,
                        at(0, 0, length),
                        Vec3.FORWARD)
                .facet(new OpticalFacet.LensAdapter(
                        "body",
                        "lens",
                        length,
                        Standard.Lock.valueOf(a.text("bodyLock")),
                        Standard.Lock.valueOf(a.text("lensLock")),
                        1,
                        0,
                        OpticalFacet.MountSpeech.NONE,
                        OpticalFacet.Autofocus.LOST))
                .can(Capability.ADAPTS);
    }

    private static Sketch support(Answers a) {
        double low = a.number("low");
        double high = Math.max(low, a.number("high"));
        return new Sketch()
                .box(a.number("width"), Math.max(4, low), a.number("grip"), Vec3.ZERO)
                .clamp("rods", "rod clamps", a.text("rods"), Vec3.ZERO, DOWN, a.number("grip"))
                .moving(
                        "cradle",
                        "cradle",
                        "lens-brace",
                        Role.A,
                        at(0, low, 0),
                        Vec3.UP,
                        new Freedom.Slide("height", Freedom.Axis.N, 0, high - low, 0))
                .can(Capability.BRACES_LENS, Capability.RIDES_ON_AXIS);
    }

    private static Sketch head(Answers a) {
        double high = a.number("height");
        double tilt = a.number("tilt");
        Sketch sketch = new Sketch()
                .box(a.number("width"), 16, a.number("length"), at(0, -16, 0))
                .box(a.number("width") * 0.7, Math.max(1, high - 16), a.number("length") * 0.7, at(0, -high, 0))
                .face("top", "top plate, " + a.titled("top"), a.text("top"), Role.B, Vec3.ZERO, Vec3.UP)
                .face("bowl", a.titled("bowl"), a.text("bowl"), Role.A, at(0, -high, 0), DOWN)
                .datum(at(0, -tilt, 0), Vec3.UP)
                .facet(new SupportFacet.Support(
                        "datum",
                        a.number("least") * 1000,
                        Math.max(a.number("least"), a.number("most")) * 1000,
                        8,
                        SupportFacet.Support.Way.TILTS))
                .can(Capability.CARRIES_CAMERA);
        a.known("balance").ifPresent(b -> sketch.facet(new SupportFacet.Counterbalance(0, b)));
        return sketch;
    }

    private static Sketch legs(Answers a) {
        double high = a.number("height");
        double out = a.number("radius");
        int feet = a.count("feet");
        Sketch sketch = new Sketch()
                .cylinder(at(0, -Math.min(26, high / 2), 0), Vec3.ZERO, 180)
                .face("bowl", a.titled("bowl"), a.text("bowl"), Role.B, Vec3.ZERO, Vec3.UP)
                .facet(new SupportFacet.Feet(out, feet))
                .can(Capability.CARRIES_CAMERA);
        for (int i = 0; i < feet; i++) {
            double turn = 2 * Math.PI * i / feet;
            Vec3 to = at(Math.sin(turn) * out, -high, Math.cos(turn) * out);
            sketch.cylinder(at(Math.sin(turn) * 60, -20, Math.cos(turn) * 60), to, 28);
        }
        return sketch;
    }

    private static Sketch pad(Answers a) {
        double high = a.number("height");
        return new Sketch()
                .box(a.number("width"), high, a.number("length"), at(0, -high, 0))
                .clamp("rods", "rod clamps", a.text("rods"), Vec3.ZERO, DOWN, a.number("length"))
                .datum(at(0, -high, 0), Vec3.UP)
                .facet(new SupportFacet.Support("datum", 0, 40_000, 30, SupportFacet.Support.Way.SHOULDER))
                .facet(new SupportFacet.Pad(Vec3.LEFT))
                .can(Capability.SHOULDERS);
    }

    private static Sketch caseOf(Answers a) {
        double wide = a.number("width");
        double high = a.number("height");
        double deep = a.number("length");
        return new Sketch()
                .box(wide + 40, high + 40, deep + 40, Vec3.ZERO)
                .facet(new RiggingFacet.Room(wide, high, deep, a.number("most") * 1000, 0));
    }

    private static Sketch keys(Answers a) {
        List<String> sizes = java.util.Arrays.stream(a.text("sizes").split(","))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
        return new Sketch()
                .box(90, 20, 130, Vec3.ZERO)
                .facet(new RiggingFacet.Tool(sizes.isEmpty() ? List.of("hex 4 mm") : sizes));
    }
}
