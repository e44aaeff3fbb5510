package wideharbor.app.catalog;

import static wideharbor.app.drawing.DrawingView.flat;
import static wideharbor.app.drawing.DrawingView.round;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import wideharbor.app.web.Named;
import wideharbor.core.balance.Mass;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.CrossFit;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.LookSearch;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.Socket;
import wideharbor.core.drawing.PartDrawing;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.plates.PlateStacks;
import wideharbor.core.quantity.Figure;

/** What the catalogue's endpoints answer with. */
final class CatalogueViews {
    private CatalogueViews() {}

    /** @param held how many parts came in and wait to be looked at */
    record PartPage(
            int total, int from, List<PartLine> lines, List<Category> categories, List<Named> standards, int held) {}

    /** Width, height and length of the box around a part, mm; {@code by} says what a search by look matched. */
    record PartLine(
            String ref,
            String name,
            String maker,
            Category category,
            Figure mass,
            double width,
            double height,
            double length,
            int ports,
            List<String> by,
            Standing standing) {
        static PartLine of(ItemType type, List<String> by, Standing standing) {
            Vec3 size = LookSearch.size(type);
            return new PartLine(
                    type.ref().toString(),
                    type.name(),
                    type.maker(),
                    type.category(),
                    Mass.ofType(type),
                    size.x(),
                    size.y(),
                    size.z(),
                    type.ports().size(),
                    by,
                    standing);
        }
    }

    record PartSheet(
            String ref,
            List<String> revisions,
            String name,
            String maker,
            Category category,
            Set<Capability> capabilities,
            Figure mass,
            double width,
            double height,
            double length,
            List<PortLine> ports,
            List<SocketLine> sockets,
            List<FacetLine> facets,
            List<RelationLine> relations,
            List<PartUse> usedIn,
            List<String> falseFriends,
            Standing standing) {}

    /** One place at which two parts differ, as the file names it; empty where one has nothing there. */
    record PartDifference(String place, String before, String after) {}

    record PortLine(
            String id,
            String title,
            String standard,
            String role,
            String occupancy,
            String pins,
            String screws,
            String worked,
            String rating,
            String freedoms,
            String mark) {
        static PortLine of(Port p, Catalogue catalogue) {
            return new PortLine(
                    p.id(),
                    p.title(),
                    catalogue.standards().require(p.standard()).title(),
                    p.role() == Port.Role.EITHER ? "either" : p.role().name(),
                    p.occupancy() instanceof Port.Occupancy.Interval i
                            ? "carries along " + plain(i.toMm() - i.fromMm()) + " mm"
                            : p.engagementMm() > 0 ? "grips " + plain(p.engagementMm()) + " mm" : "one",
                    p.pins().kind() == Port.Pins.Kind.NONE
                            ? "none"
                            : p.pins().count() + " " + word(p.pins().kind()) + ", Ø "
                                    + plain(p.pins().diameterMm()) + ", "
                                    + plain(p.pins().spacingMm()) + " apart",
                    String.join(
                            "; ",
                            p.screws().stream()
                                    .map(s -> s.count() + " × " + s.thread() + (s.captive() ? ", captive" : ", loose")
                                            + ", " + String.join(" or ", s.keys()))
                                    .toList()),
                    word(p.working().way())
                            + (p.working().secured() ? ", secured" : "")
                            + (p.working().stages() > 1 ? ", " + p.working().stages() + " stages" : ""),
                    rating(p.rating()),
                    String.join(
                            "; ",
                            p.freedoms().stream()
                                    .map(f -> f.title() + " " + plain(f.range().from()) + " to "
                                            + plain(f.range().to()) + " " + f.unit())
                                    .toList()),
                    p.mark());
        }

        private static String rating(Port.Rating rating) {
            return Stream.of(
                            rating.loadGrams().map(g -> plain(g / 1000) + " kg"),
                            rating.momentNm().map(m -> plain(m) + " N·m"))
                    .flatMap(Optional::stream)
                    .collect(Collectors.joining(", "));
        }
    }

    /** What a part wants of another: the word, the other by name (and its ref when it is a part), and why. */
    record RelationLine(Relation.Kind kind, String other, String ref, String why) {}

    /** Which parts of a body go on which bodies. */
    record CrossFitTable(List<Named> bodies, List<CrossFitLine> lines) {}

    record CrossFitLine(String ref, String name, Category category, List<CrossFitCell> cells) {
        static CrossFitLine of(CrossFit.Line line) {
            return new CrossFitLine(
                    line.part().ref().toString(),
                    line.part().name(),
                    line.part().category(),
                    line.cells().stream()
                            .map(c -> new CrossFitCell(c.how(), c.through()))
                            .toList());
        }
    }

    record CrossFitCell(CrossFit.How how, String through) {}

    /** What plate stacks can be asked between. */
    record StackEnds(List<Named> bodies, List<Named> supports, List<Named> rods) {}

    record StackLine(
            List<Named> plates,
            String bodyPort,
            double axisHeightMm,
            double asideMm,
            double heightMm,
            double massGrams,
            int releases,
            boolean toolFree,
            boolean twistProof,
            List<RodsLine> rods,
            List<String> blocks,
            List<String> alike) {
        static StackLine of(PlateStacks.Stack s) {
            return new StackLine(
                    s.chain().links().stream()
                            .map(l -> new Named(
                                    l.type().ref().toString(), l.type().name()))
                            .toList(),
                    s.bodyPort(),
                    round(s.axisHeightMm()),
                    round(s.asideMm()),
                    round(s.chain().heightMm()),
                    s.chain().massGrams(),
                    s.releases(),
                    s.chain().toolFree(),
                    s.chain().twistProof(),
                    s.rods().stream()
                            .map(r -> new RodsLine(r.plate(), r.standard(), round(r.heightMm()), r.neededMm(), r.met()))
                            .toList(),
                    s.blocks(),
                    s.alike());
        }
    }

    record RodsLine(String plate, String standard, double heightMm, double neededMm, boolean met) {}

    record SocketLine(
            String id, String title, Socket.Kind kind, Socket.Direction direction, String connector, String pinOut) {}

    /** A facet as it is on file: its kind and its figures by name. */
    record FacetLine(String kind, List<Pair> figures) {}

    record Pair(String name, String value) {
        static List<Pair> of(JsonNode node) {
            return node.properties().stream()
                    .filter(e -> !e.getKey().equals("type"))
                    .map(e -> new Pair(
                            e.getKey(),
                            e.getValue().isValueNode()
                                    ? e.getValue().asString()
                                    : e.getValue().toString()))
                    .toList();
        }
    }

    record PartUse(String job, String title, String where) {}

    record PartText(String text) {}

    record PartSketch(View view, List<PartOutline> outlines, List<PartMark> ports, List<PartMark> sockets) {
        static PartSketch of(PartDrawing d) {
            return new PartSketch(
                    d.view(),
                    d.outlines().stream()
                            .map(o -> new PartOutline(flat(o.border()), flat(o.bore()), o.use()))
                            .toList(),
                    d.ports().stream().map(PartMark::of).toList(),
                    d.sockets().stream().map(PartMark::of).toList());
        }
    }

    record PartOutline(List<Double> border, List<Double> bore, Shape.Use use) {}

    record PartMark(String id, String title, List<Double> at, List<Double> out) {
        static PartMark of(PartDrawing.Mark m) {
            return new PartMark(m.id(), m.title(), flat(List.of(m.at())), flat(List.of(m.out())));
        }
    }

    /** In the sentences of a port. */
    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String plain(double value) {
        double rounded = Math.round(value * 100) / 100.0;
        return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
    }
}
