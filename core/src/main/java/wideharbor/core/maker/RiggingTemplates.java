package wideharbor.core.maker;

import static wideharbor.core.maker.Choices.asks;
import static wideharbor.core.maker.Choices.height;
import static wideharbor.core.maker.Choices.length;
import static wideharbor.core.maker.Choices.width;
import static wideharbor.core.maker.Sketch.DOWN;
import static wideharbor.core.maker.Sketch.at;

import java.util.List;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Span;

/** What is built onto a cage, a handle or rods. Parts with a foot have their origin in its middle. */
final class RiggingTemplates {
    static final List<PartTemplate> ALL = List.of(
            new PartTemplate(
                    "rods",
                    "Pair of rods",
                    "Two rods of one length; measure one.",
                    Category.ROD,
                    asks(
                            Ask.choice("rods", "Rods", "diameter, and middle to middle", Choices.RODS),
                            Ask.mm("length", "Length", "end to end, with a rule", 300, 20, 2000),
                            material(),
                            Ask.mm("wall", "Wall", "of a tube, at its end; 0 when solid", 2, 0, 9.5)
                                    .optionally()),
                    RiggingTemplates::rodPair),
            new PartTemplate(
                    "rod",
                    "Single rod",
                    "One round bar of 15 mm.",
                    Category.ROD,
                    asks(
                            Ask.mm("length", "Length", "end to end, with a rule", 150, 20, 1000),
                            material(),
                            Ask.mm("wall", "Wall", "of a tube, at its end; 0 when solid", 2, 0, 7.4)
                                    .optionally()),
                    RiggingTemplates::singleRod),
            new PartTemplate(
                    "rod-clamp",
                    "Rod clamp",
                    "Grips rods and gives a face to hang something on.",
                    Category.ADAPTER,
                    asks(
                            width(80),
                            height(30),
                            Ask.mm("length", "Length along the rods", "what it grips", 24, 5, 200),
                            Ask.choice(
                                    "rods",
                                    "Rods",
                                    "which it grips",
                                    Choices.with(new Ask.Option("rod-15-single", "one 15 mm rod"), Choices.RODS)),
                            Ask.choice("face", "Face on top", "what it gives", Choices.FACES),
                            Ask.choice("half", "Its half on top", "what the clamp itself has there", Choices.HALVES)),
                    RiggingTemplates::rodClamp),
            new PartTemplate(
                    "bracket",
                    "Bracket or adapter with two faces",
                    "Any small part with a face to hold it and a face that holds: straight through, or at a "
                            + "right angle.",
                    Category.BRACKET,
                    asks(
                            width(40),
                            height(40),
                            length(30),
                            Ask.choice("foot", "Face that holds it", "below, when it stands on it", Choices.FACES),
                            Ask.choice("footHalf", "Its half there", "what the part itself has", Choices.HALVES)
                                    .from("A"),
                            Ask.choice("top", "Face that holds something", "what it gives", Choices.FACES),
                            Ask.choice("topHalf", "Its half there", "what the part itself has", Choices.HALVES),
                            Ask.choice(
                                    "where",
                                    "Where that face looks",
                                    "when it stands on its foot",
                                    Choices.options("up", "up", "front", "to the front", "left", "to camera left"))),
                    RiggingTemplates::bracket),
            new PartTemplate(
                    "cage",
                    "Cage part or top plate",
                    "A plate on a body with many holes: add its other faces by clicking on the drawing.",
                    Category.CAGE,
                    asks(
                            width(100),
                            height(12),
                            length(120),
                            Ask.choice("foot", "Face below", "what it is screwed to", Choices.FACES),
                            Ask.choice("footHalf", "Its half below", "what the part itself has", Choices.HALVES)
                                    .from("A"),
                            Ask.number("screws", "Screws below", "how many hold it", "screws", 2, 1, 8)
                                    .optionally()),
                    RiggingTemplates::cage),
            new PartTemplate(
                    "handle",
                    "Top handle",
                    "Measure with its foot down and the grip along the camera.",
                    Category.HANDLE,
                    asks(
                            width(35),
                            Ask.mm("height", "Height", "foot to the top of the grip", 90, 20, 300),
                            length(180),
                            Ask.choice("foot", "Face below", "what it is fixed to", Choices.FACES),
                            Ask.choice("footHalf", "Its half below", "what the handle itself has", Choices.HALVES)
                                    .from("A"),
                            Ask.number("screws", "Screws below", "how many hold it", "screws", 2, 1, 4)
                                    .optionally(),
                            Ask.choice("front", "Thread at the front", "for a monitor", Choices.THREADS)
                                    .from("thread-1-4")),
                    RiggingTemplates::handle),
            new PartTemplate(
                    "grip",
                    "Side grip",
                    "One hand's grip on a rosette or a rail.",
                    Category.HANDLE,
                    asks(
                            Ask.mm("diameter", "Thickness", "across the grip", 40, 15, 90),
                            Ask.mm("height", "Length of the grip", "what the hand holds", 120, 50, 250),
                            Ask.choice("foot", "Face that holds it", "at its upper end", Choices.FACES)
                                    .from("rosette-31.8"),
                            Ask.choice("footHalf", "Its half there", "what the grip itself has", Choices.HALVES)),
                    RiggingTemplates::grip),
            new PartTemplate(
                    "arm",
                    "Arm that is set by hand",
                    "Two ends and a knob. Measure end to end when it is straight.",
                    Category.ARM,
                    asks(
                            Ask.mm("length", "Length", "end to end, straight", 180, 40, 800),
                            Ask.mm("diameter", "Thickness", "of its joints", 30, 8, 90),
                            Ask.choice("ends", "Both ends", "what they screw into", Choices.THREADS)
                                    .from("thread-1-4"),
                            Ask.number(
                                            "bears",
                                            "Holds when level",
                                            "moment by its maker; empty when not on file",
                                            "N·m",
                                            2,
                                            0.1,
                                            60)
                                    .optionally()),
                    RiggingTemplates::arm));

    private RiggingTemplates() {}

    private static Ask material() {
        return Ask.choice(
                "material",
                "Material",
                "a magnet tells steel; carbon is dull and light",
                Choices.options("ALUMINIUM", "aluminium", "STEEL", "steel", "CARBON", "carbon"));
    }

    private static double wall(Answers a, double diameter) {
        double wall = a.number("wall");
        return wall <= 0 ? diameter / 2 : Math.min(wall, diameter / 2);
    }

    private static Sketch rodPair(Answers a) {
        String standard = a.text("rods");
        double diameter = standard.equals("rod-19-studio") ? 19 : 15;
        double half = (standard.equals("rod-15-lw") ? 60 : standard.equals("rod-15-studio") ? 100 : 104) / 2.0;
        double length = a.number("length");
        return new Sketch()
                .cylinder(at(-half, 0, 0), at(-half, 0, length), diameter)
                .cylinder(at(half, 0, 0), at(half, 0, length), diameter)
                .carrier("rods", "rods", standard, Role.A, Vec3.ZERO, Vec3.UP, new Span(0, length))
                .facet(new RiggingFacet.Rods(
                        "rods",
                        diameter,
                        length,
                        wall(a, diameter),
                        RiggingFacet.Rods.Material.valueOf(a.text("material"))));
    }

    private static Sketch singleRod(Answers a) {
        double length = a.number("length");
        return new Sketch()
                .cylinder(Vec3.ZERO, at(0, 0, length), 15)
                .carrier("rods", "rod", "rod-15-single", Role.A, Vec3.ZERO, Vec3.UP, new Span(0, length))
                .facet(new RiggingFacet.Rods(
                        "rods", 15, length, wall(a, 15), RiggingFacet.Rods.Material.valueOf(a.text("material"))));
    }

    private static Sketch rodClamp(Answers a) {
        double high = a.number("height");
        return new Sketch()
                .box(a.number("width"), high, a.number("length"), at(0, -high / 2, 0))
                .clamp("rods", "rod clamps", a.text("rods"), Vec3.ZERO, DOWN, a.number("length"))
                .face(
                        "top",
                        "top, " + a.titled("face"),
                        a.text("face"),
                        Role.valueOf(a.text("half")),
                        at(0, high / 2, 0),
                        Vec3.UP)
                .can(Capability.ADAPTS);
    }

    private static Sketch bracket(Answers a) {
        double high = a.number("height");
        Vec3 place = switch (a.text("where")) {
            case "front" -> at(0, high / 2, a.number("length") / 2);
            case "left" -> at(a.number("width") / 2, high / 2, 0);
            default -> at(0, high, 0);
        };
        Vec3 looks = switch (a.text("where")) {
            case "front" -> Vec3.FORWARD;
            case "left" -> Vec3.LEFT;
            default -> Vec3.UP;
        };
        return new Sketch()
                .box(a.number("width"), high, a.number("length"), Vec3.ZERO)
                .asked(a, "foot", "foot, ", Vec3.ZERO, DOWN, 1)
                .asked(a, "top", "far end, ", place, looks, 1)
                .can(Capability.ADAPTS);
    }

    private static Sketch cage(Answers a) {
        return new Sketch()
                .box(a.number("width"), a.number("height"), a.number("length"), Vec3.ZERO)
                .asked(a, "foot", "underside, ", Vec3.ZERO, DOWN, a.count("screws"));
    }

    private static Sketch handle(Answers a) {
        double high = a.number("height");
        double length = a.number("length");
        double thick = a.number("width");
        return new Sketch()
                .box(thick, Math.max(1, high - thick), 24, at(0, 0, -length / 2 + 12))
                .box(thick, Math.max(1, high - thick), 24, at(0, 0, length / 2 - 12))
                .box(thick, thick, length, at(0, Math.max(1, high - thick), 0))
                .asked(a, "foot", "foot, ", Vec3.ZERO, DOWN, a.count("screws"))
                .face(
                        "front",
                        "front, " + a.titled("front"),
                        a.text("front"),
                        Role.B,
                        at(0, high - thick / 2, length / 2),
                        Vec3.FORWARD)
                .can(Capability.IS_HANDHOLD);
    }

    private static Sketch grip(Answers a) {
        double high = a.number("height");
        double thick = a.number("diameter");
        return new Sketch()
                .cylinder(at(thick / 2, -high, 0), at(thick / 2, 0, 0), thick)
                .asked(a, "foot", "", at(0, -thick / 2, 0), Sketch.RIGHT, 1)
                .can(Capability.IS_HANDHOLD);
    }

    private static Sketch arm(Answers a) {
        double length = a.number("length");
        String ends = a.titled("ends");
        Sketch sketch = new Sketch()
                .cylinder(Vec3.ZERO, at(0, length, 0), a.number("diameter"))
                .moving(
                        "base",
                        "foot, " + ends,
                        a.text("ends"),
                        Role.A,
                        Vec3.ZERO,
                        DOWN,
                        new Freedom.Rotate("lean", Freedom.Axis.R, -100, 100, 0))
                .face("tip", "tip, " + ends, a.text("ends"), Role.A, at(0, length, 0), Vec3.UP)
                .can(Capability.ADAPTS);
        a.known("bears")
                .ifPresent(nm ->
                        sketch.facet(new RiggingFacet.Arm("base", "tip", List.of(new RiggingFacet.Bears(0, nm)))));
        return sketch;
    }
}
