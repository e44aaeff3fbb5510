package wideharbor.core.maker;

import java.util.List;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.geometry.Vec3;

/** What goes into a box before the lens. */
final class GlassTemplates {
    static final List<PartTemplate> ALL = List.of(new PartTemplate(
            "filter",
            "Filter",
            "Glass that goes into a box; its loss is on its edge or by its maker.",
            Category.OTHER,
            List.of(
                    Ask.choice(
                            "kind",
                            "Does what",
                            "what it is for",
                            List.of(
                                    new Ask.Option("NEUTRAL", "takes light alone"),
                                    new Ask.Option("POLARISER", "polarises"),
                                    new Ask.Option("DIFFUSION", "softens"),
                                    new Ask.Option("GRADUATED", "darkens one side"),
                                    new Ask.Option("COLOUR", "colours"),
                                    new Ask.Option("CLOSE_UP", "brings focus nearer"),
                                    new Ask.Option("CLEAR", "protects"))),
                    Ask.text("format", "Format", "written as the box's stage calls it", "4 × 5.65 in")
                            .letters(40),
                    Ask.number("stops", "Takes light", "at its densest; 0 for clear glass", "stops", 1, 0, 20),
                    Ask.mm("width", "Width", "side to side", 144, 20, 300),
                    Ask.mm("height", "Height", "bottom to top", 102, 20, 300)),
            GlassTemplates::filter));

    private GlassTemplates() {}

    private static Sketch filter(Answers a) {
        return new Sketch()
                .box(a.number("width"), a.number("height"), 4, Vec3.ZERO)
                .facet(new FrontFacet.Filter(
                        FrontFacet.FilterKind.valueOf(a.text("kind")), a.text("format"), a.number("stops")));
    }
}
