package wideharbor.core.maker;

import static wideharbor.core.maker.Choices.asks;
import static wideharbor.core.maker.Choices.length;
import static wideharbor.core.maker.Choices.width;
import static wideharbor.core.maker.Sketch.DOWN;
import static wideharbor.core.maker.Sketch.at;

import java.util.List;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Span;

/** What goes between a body and what carries it. The origin is the middle of the upper face. */
final class PlateTemplates {
    private static final Ask THICK =
            Ask.mm("thick", "Thickness", "between the two faces that touch, with a caliper or rule", 10, 0.1, 120);
    private static final Ask SCREWS = Ask.number(
                    "screws", "Screws on top", "how many go up into what stands on it", "screws", 2, 1, 8)
            .optionally();

    static final List<PartTemplate> ALL = List.of(
            new PartTemplate(
                    "plate",
                    "Plate with two faces",
                    "Any flat plate that joins two faces: quick plate, touch plate, wedge, adapter. Lay it "
                            + "as it is used.",
                    Category.PLATE,
                    asks(
                            width(90),
                            length(100),
                            THICK,
                            Ask.choice("top", "Face on top", "what stands on it", Choices.FACES),
                            Ask.choice("topHalf", "Its half on top", "what the plate itself has there", Choices.HALVES)
                                    .from("A"),
                            Ask.choice("bottom", "Face below", "what it stands on", Choices.FACES),
                            Ask.choice(
                                    "bottomHalf", "Its half below", "what the plate itself has there", Choices.HALVES),
                            SCREWS),
                    PlateTemplates::plate),
            new PartTemplate(
                    "riser",
                    "Riser",
                    "Lifts a body or a bracket. Measure between the faces that touch, not over the screws.",
                    Category.RISER,
                    asks(width(80), length(90), THICK.from("10"), thread(), SCREWS),
                    a -> spacer(a, false)),
            new PartTemplate(
                    "shim",
                    "Shim",
                    "A thin sheet under a foot. A caliper reads it; ten on a pile read it better.",
                    Category.SHIM,
                    asks(width(80), length(90), THICK.from("0.5"), thread(), SCREWS),
                    a -> spacer(a, true)),
            new PartTemplate(
                    "bridge",
                    "Bridge plate",
                    "Holds rods under the body and clamps the dovetail below.",
                    Category.PLATE,
                    asks(
                            width(90),
                            length(140),
                            Ask.mm("thick", "Height", "from the dovetail clamp to the upper face", 30, 5, 120),
                            Ask.choice("top", "Face on top", "what stands on it", Choices.FACES),
                            Ask.choice("rods", "Rods", "across both rods, middle to middle", Choices.RODS),
                            Ask.mm(
                                    "rodsUnder",
                                    "Middle of the rods below the upper face",
                                    "rule from the upper face to the middle of a rod",
                                    12,
                                    2,
                                    150),
                            Ask.choice("below", "Clamp below", "what it slides on", Choices.DOVETAILS)),
                    PlateTemplates::bridge),
            new PartTemplate(
                    "dovetail",
                    "Dovetail rail",
                    "The long rail that a bridge plate slides on.",
                    Category.DOVETAIL,
                    asks(
                            width(90),
                            length(300),
                            Ask.mm("thick", "Height", "underside to the upper face", 14, 3, 60),
                            Ask.choice("rail", "Rail", "which clamp slides on it", Choices.DOVETAILS),
                            Ask.mm("stop", "End stops", "from each end to where a clamp must halt; 0 without", 0, 0, 60)
                                    .optionally(),
                            Ask.choice("bottom", "Face below", "what it is screwed to", Choices.FACES)
                                    .from("flat-base"),
                            Ask.choice("bottomHalf", "Its half below", "what the rail itself has there", Choices.HALVES)
                                    .from("A")),
                    PlateTemplates::dovetail),
            new PartTemplate(
                    "bowl",
                    "Bowl adapter",
                    "Puts a head of one bowl into legs of another.",
                    Category.ADAPTER,
                    asks(
                            Ask.choice("top", "Takes", "the bowl of the head", Choices.BOWLS)
                                    .from("bowl-100"),
                            Ask.choice("bottom", "Goes into", "the bowl of the legs", Choices.BOWLS),
                            Ask.mm("diameter", "Diameter", "over all", 170, 40, 400),
                            Ask.mm("thick", "Height", "how much it lifts the head", 20, 0.5, 120)),
                    PlateTemplates::bowl));

    private PlateTemplates() {}

    private static Ask thread() {
        return Ask.choice("thread", "Screws and holes", "the thread above and below", Choices.THREADS);
    }

    private static Sketch plate(Answers a) {
        double thick = a.number("thick");
        return new Sketch()
                .box(a.number("width"), thick, a.number("length"), at(0, -thick, 0))
                .asked(a, "top", "top, ", Vec3.ZERO, Vec3.UP, a.count("screws"))
                .asked(a, "bottom", "bottom, ", at(0, -thick, 0), DOWN, 1)
                .can(Capability.ADAPTS);
    }

    private static Sketch spacer(Answers a, boolean shim) {
        double thick = a.number("thick");
        String thread = a.titled("thread");
        return new Sketch()
                .box(a.number("width"), thick, a.number("length"), at(0, -thick, 0))
                .face("top", "top, " + thread, a.text("thread"), Role.A, Vec3.ZERO, Vec3.UP, a.count("screws"))
                .face("bottom", "bottom, " + thread, a.text("thread"), Role.B, at(0, -thick, 0), DOWN)
                .facet(new RiggingFacet.Spacer("top", "bottom", thick, shim))
                .can(Capability.ADAPTS);
    }

    private static Sketch bridge(Answers a) {
        double high = a.number("thick");
        double grip = a.number("length");
        return new Sketch()
                .box(a.number("width"), high, grip, at(0, -high, 0))
                .face("top", "top, " + a.titled("top"), a.text("top"), Role.A, Vec3.ZERO, Vec3.UP, 2)
                .clamp("rods", "rod clamps", a.text("rods"), at(0, -a.number("rodsUnder"), 0), DOWN, grip)
                .clamp("bottom", "dovetail clamp", a.text("below"), at(0, -high, 0), DOWN, grip)
                .can(Capability.HOLDS_RODS);
    }

    private static Sketch dovetail(Answers a) {
        double high = a.number("thick");
        double half = a.number("length") / 2;
        return new Sketch()
                .box(a.number("width"), high, 2 * half, at(0, -high, 0))
                .carrier(
                        "rail",
                        a.titled("rail"),
                        a.text("rail"),
                        Role.A,
                        Vec3.ZERO,
                        Vec3.UP,
                        new Span(-half, half),
                        a.number("stop"))
                .asked(a, "bottom", "underside, ", at(0, -high, 0), DOWN, 1);
    }

    private static Sketch bowl(Answers a) {
        double high = a.number("thick");
        return new Sketch()
                .cylinder(at(0, -high, 0), Vec3.ZERO, a.number("diameter"))
                .face("top", a.titled("top") + " above", a.text("top"), Role.B, Vec3.ZERO, Vec3.UP)
                .face("bottom", a.titled("bottom") + " below", a.text("bottom"), Role.A, at(0, -high, 0), DOWN)
                .can(Capability.ADAPTS);
    }
}
