package wideharbor.core.maker;

import static wideharbor.core.maker.Choices.asks;
import static wideharbor.core.maker.Choices.width;
import static wideharbor.core.maker.Sketch.BACK;
import static wideharbor.core.maker.Sketch.DOWN;
import static wideharbor.core.maker.Sketch.at;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;

/** Lenses, what stands before them, and what turns their rings. */
final class FrontTemplates {
    /** Teeth of film gears. */
    private static final double MODULE = 0.8;

    private static final double LENS_FACE = 8;
    private static final double DRIVE_FACE = 10;
    private static final double FOCUS_TURN = 280;
    private static final double TRAYS_APART = 14;

    /** Filters by what their trays leave free. */
    private enum FilterSize {
        FIELD_4X565("4 × 5.65 in", 130, 98),
        FIELD_4X4("4 × 4 in", 95, 95),
        FIELD_66X66("6.6 × 6.6 in", 158, 158);

        private final String title;
        private final double width;
        private final double height;

        FilterSize(String title, double width, double height) {
            this.title = title;
            this.width = width;
            this.height = height;
        }
    }

    private static final List<Ask.Option> FILTERS = Stream.of(FilterSize.values())
            .map(f -> new Ask.Option(f.name(), f.title))
            .toList();

    static final List<PartTemplate> ALL = List.of(
            new PartTemplate(
                    "lens",
                    "Lens",
                    "Stand it on its front cap; all lengths are from the flange of its mount.",
                    Category.LENS,
                    asks(
                            Ask.choice("mount", "Mount", "as on the label", Choices.MOUNTS),
                            Ask.number(
                                    "focal",
                                    "Focal length",
                                    "on the barrel; of a zoom the shortest, where it sees widest",
                                    "mm",
                                    50,
                                    2,
                                    2000),
                            Ask.number("stop", "T-stop", "on the barrel, the widest", "", 2, 0.7, 32),
                            Ask.mm("length", "Length", "flange to the front rim", 130, 10, 900),
                            Ask.mm("diameter", "Barrel", "across, where it is thickest", 110, 20, 350),
                            Ask.mm("front", "Front diameter", "outside of the front rim", 114, 20, 350),
                            Ask.number("squeeze", "Squeeze", "1 where it does not squeeze", "", 1, 1, 2)
                                    .optionally(),
                            Ask.mm(
                                            "close",
                                            "Closest focus",
                                            "on the scale, from the sensor; empty when unreadable",
                                            600,
                                            20,
                                            20_000)
                                    .optionally(),
                            Ask.mm(
                                            "circle",
                                            "Image circle",
                                            "its maker says it, or the format it covers; the diagonal of that",
                                            43,
                                            4,
                                            150)
                                    .optionally(),
                            Ask.mm(
                                            "pupil",
                                            "Pupil behind the rim",
                                            "look in from the front: how far behind the rim the iris seems to be",
                                            45,
                                            0,
                                            600)
                                    .optionally(),
                            Ask.number("longest", "Longest focal length", "of a zoom", "mm", 100, 2, 3000)
                                    .optionally(),
                            Ask.mm("gear", "Focus gear", "over its teeth", 92, 20, 350)
                                    .optionally(),
                            Ask.mm("gearAt", "Focus gear at", "from the flange to the middle of its teeth", 60, 1, 800)
                                    .optionally(),
                            Ask.mm("balance", "Balances at", "from the flange, on a finger", 55, 1, 800)),
                    FrontTemplates::lens),
            new PartTemplate(
                    "matte-box",
                    "Matte box on rods",
                    "Measure from the rear face; the middle of its opening stands on the axis.",
                    Category.MATTE_BOX,
                    asks(
                            width(190),
                            Ask.mm("height", "Height", "bottom to top", 150, 40, 400),
                            Ask.mm("length", "Depth", "rear face to the mouth, hood off", 90, 10, 400),
                            Ask.choice("rods", "Rods", "which it sits on", Choices.RODS),
                            Ask.mm(
                                    "over",
                                    "Middle of the opening over the rods",
                                    "middle of a rod to the middle of the opening",
                                    85,
                                    20,
                                    250),
                            Ask.mm("opening", "Rear opening", "diameter it takes", 143, 40, 250),
                            Ask.choice("takes", "Filters", "the trays it takes", FILTERS),
                            Ask.number("stages", "Stages", "trays one after the other", "", 2, 1, 4)
                                    .optionally(),
                            Ask.mm("first", "First tray at", "rear face to the middle of the nearest tray", 20, 1, 200)
                                    .optionally(),
                            Ask.mm("apart", "Trays apart", "middle to middle", 14, 3, 80)
                                    .optionally(),
                            Ask.mm("mouthWide", "Mouth, width", "free inside, at the outermost edge", 190, 30, 600)
                                    .optionally(),
                            Ask.mm("mouthHigh", "Mouth, height", "free inside, at the outermost edge", 130, 30, 600)
                                    .optionally()),
                    FrontTemplates::matteBox),
            new PartTemplate(
                    "motor",
                    "Lens motor on rods",
                    "Drives a ring of the lens.",
                    Category.OTHER,
                    asks(
                            width(45),
                            Ask.mm("height", "Height", "rod to the far end", 90, 20, 250),
                            Ask.mm("length", "Length along the rods", "what it grips", 24, 5, 120),
                            Ask.choice(
                                    "rods",
                                    "Rods",
                                    "which it sits on",
                                    Choices.with(new Ask.Option("rod-15-single", "one 15 mm rod"), Choices.RODS)),
                            Ask.number("teeth", "Teeth of its gear", "count them", "", 40, 6, 200)
                                    .optionally(),
                            Ask.mm("arm", "Arm", "middle of the rod to the middle of the gear", 35, 0, 200)
                                    .optionally(),
                            Ask.mm("gearAt", "Gear ahead of the clamp", "clamp's middle to the teeth's", 30, 0, 150)
                                    .optionally(),
                            Ask.number("torque", "Torque", "in its papers", "N·m", 0.8, 0.01, 20)
                                    .optionally()),
                    FrontTemplates::motor));

    private FrontTemplates() {}

    private static Figure figure(Answers a, String ask) {
        return a.known(ask).map(Figure::maker).orElseGet(() -> Figure.unknown("not measured"));
    }

    private static Sketch lens(Answers a) {
        double length = a.number("length");
        double barrel = a.number("diameter");
        double rim = Math.min(12, length / 4);
        Sketch sketch = new Sketch()
                .cylinder(Vec3.ZERO, at(0, 0, length - rim), barrel)
                .cylinder(at(0, 0, length - rim), at(0, 0, length), a.number("front"))
                .face("mount", a.titled("mount") + " mount", a.text("mount"), Role.B, Vec3.ZERO, BACK)
                .carrier(
                        "barrel",
                        "underside of the barrel",
                        "lens-brace",
                        Role.B,
                        at(0, -barrel / 2, length * 0.55),
                        DOWN,
                        new Span(-length / 4, length / 4))
                .facet(new OpticalFacet.Lens(
                        "mount",
                        a.number("focal"),
                        a.number("stop"),
                        length,
                        a.number("front"),
                        a.number("squeeze"),
                        a.known("close")))
                .facet(new FrontFacet.Light(
                        figure(a, "pupil"), Optional.empty(), figure(a, "circle"), a.known("longest")));
        if (a.known("gear").isPresent() && a.known("gearAt").isPresent()) {
            sketch.facet(new FrontFacet.Gear(
                    FrontFacet.Ring.FOCUS,
                    a.number("gear"),
                    MODULE,
                    a.number("gearAt"),
                    LENS_FACE,
                    FOCUS_TURN,
                    Figure.unknown("not measured")));
        }
        return sketch;
    }

    private static Sketch matteBox(Answers a) {
        double high = a.number("height");
        double deep = a.number("length");
        double wide = a.number("width");
        double open = Math.min(a.number("opening"), Math.min(wide, high) - 4);
        double over = a.number("over");
        Sketch sketch = new Sketch()
                .ring(Vec3.ZERO, at(0, 0, Math.min(12, deep / 2)), Math.min(wide, high), open)
                .box(wide, 4, deep, at(0, -high / 2, deep / 2))
                .box(wide, 4, deep, at(0, high / 2 - 4, deep / 2))
                .box(4, high, deep, at(-wide / 2 + 2, -high / 2, deep / 2))
                .box(4, high, deep, at(wide / 2 - 2, -high / 2, deep / 2))
                .clamp("rods", "rod clamps", a.text("rods"), at(0, -over, 12), DOWN, 24)
                .can(Capability.RIDES_ON_AXIS, Capability.SHADES_LENS);
        List<FrontFacet.Opening> openings = openings(a, deep);
        if (!openings.isEmpty()) {
            sketch.facet(new FrontFacet.MatteBox(openings, open, Optional.empty()));
        }
        return sketch;
    }

    private static List<FrontFacet.Opening> openings(Answers a, double deep) {
        List<FrontFacet.Opening> all = new ArrayList<>();
        FilterSize filter = FilterSize.valueOf(a.text("takes"));
        a.known("first").ifPresent(first -> {
            int stages = a.known("stages").map(n -> (int) Math.round(n)).orElse(1);
            for (int i = 0; i < stages; i++) {
                all.add(new FrontFacet.Opening(
                        "Stage " + (i + 1),
                        FrontFacet.OpeningKind.STAGE,
                        first + i * a.known("apart").orElse(TRAYS_APART),
                        filter.width,
                        filter.height,
                        false,
                        filter.title));
            }
        });
        a.known("mouthWide")
                .flatMap(w -> a.known("mouthHigh")
                        .map(h -> new FrontFacet.Opening("Mouth", FrontFacet.OpeningKind.MOUTH, deep, w, h, false, "")))
                .ifPresent(all::add);
        return all;
    }

    private static Sketch motor(Answers a) {
        Sketch sketch = new Sketch()
                .box(a.number("width"), a.number("height"), a.number("length"), Vec3.ZERO)
                .clamp("rods", "rod clamp", a.text("rods"), Vec3.ZERO, DOWN, a.number("length"))
                .can(Capability.DRIVES_LENS);
        if (Stream.of("teeth", "arm", "gearAt").allMatch(ask -> a.known(ask).isPresent())) {
            sketch.facet(new FrontFacet.Drive(
                    MODULE, a.count("teeth"), DRIVE_FACE, a.number("arm"), a.number("gearAt"), a.known("torque")));
        }
        return sketch;
    }
}
