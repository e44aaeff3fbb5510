package wideharbor.core.maker;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.FreeId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/** Makes a part of a template, what was answered, and faces that somebody pointed at; judges it at once. */
public final class PartMaker {
    /** Faces nearer than this to each other, mm, and looking the same way, are one face told twice. */
    private static final double SAME_PLACE = 3;

    /** A face farther than this outside the part, mm, is on nothing. */
    private static final double OFF = 1;

    private static final int LONGEST_ID = 40;
    private static final int MOST_FACES = 24;

    private static final Set<Category> HELD_BY_NOTHING =
            Set.of(Category.CABLE, Category.CASE, Category.TOOL, Category.MEDIA);

    /** What every part is asked; a part that nobody can name is described by what was measured. */
    public static final List<Ask> COMMON = List.of(
            Ask.text("name", "Name", "as on the part; empty while nobody knows it", "")
                    .optionally(),
            Ask.text("maker", "Maker", "who made it, or the house; empty while nobody knows", "")
                    .optionally(),
            Ask.number(
                            "mass",
                            "Mass",
                            "on a scale, with its screws; empty when it was not weighed",
                            "g",
                            0,
                            0.5,
                            60_000)
                    .optionally());

    private PartMaker() {}

    /**
     * The part as far as it goes, and what is doubtful about it.
     *
     * @param type drawn with what the template begins with where something is still to be said
     */
    public record Made(ItemType type, List<Doubt> doubts) {
        public Made {
            doubts = List.copyOf(doubts);
        }

        public boolean isReady() {
            return doubts.stream().noneMatch(Doubt::blocks);
        }
    }

    /** {@code taken}: ids of parts on file; a new part gets one that none has. */
    public static Made make(
            PartTemplate template,
            Map<String, String> answers,
            List<ExtraFace> more,
            Standards standards,
            Set<String> taken) {
        Require.within("Faces beside the template's", more.size(), 0, MOST_FACES, "");
        Answers given = new Answers(
                Stream.concat(COMMON.stream(), template.asks().stream()).toList(), answers);
        Sketch sketch = template.draw(given);
        List<Doubt> doubts = new ArrayList<>(given.doubts());
        Bounds bounds = bounds(sketch);
        for (int i = 0; i < more.size(); i++) {
            add(sketch, more.get(i), i, bounds, standards, doubts);
        }
        look(template, sketch, bounds, doubts);
        Figure mass = given.known("mass")
                .<Figure>map(g -> new Figure.Known(g, g, g, Figure.Source.MEASURED, "", ""))
                .orElseGet(() -> Figure.unknown("not weighed"));
        if (mass instanceof Figure.Unknown) {
            doubts.add(new Doubt("mass", "Not weighed: balance stays undecided wherever it is on the rig.", false));
        }
        String name = given.has("name") ? given.text("name") : described(template, sketch, bounds);
        String maker = given.has("maker") ? given.text("maker") : "not identified";
        ItemType type = new ItemType(
                new TypeRef(freeId(name, taken), 1),
                maker,
                name,
                template.category(),
                sketch.capabilities(),
                List.of(new Link("main", mass, middle(template, sketch, given), sketch.shapes())),
                List.of(),
                sketch.ports(),
                sketch.sockets(),
                sketch.facets(),
                List.of());
        return new Made(type, doubts);
    }

    private static String freeId(String name, Set<String> taken) {
        String stem = Require.slug(name, LONGEST_ID);
        return FreeId.of(stem.isEmpty() ? "part" : stem, taken::contains);
    }

    /** "Not identified: riser, 80 × 10 × 90 mm": found again by what was measured. */
    private static String described(PartTemplate template, Sketch sketch, Bounds bounds) {
        String kind = template.title().toLowerCase(Locale.ROOT);
        if (sketch.shapes().isEmpty()) {
            return "Not identified: " + kind;
        }
        Vec3 size = bounds.size();
        return "Not identified: " + kind + ", " + Math.round(size.x()) + " × " + Math.round(size.y()) + " × "
                + Math.round(size.z()) + " mm";
    }

    private static Bounds bounds(Sketch sketch) {
        return sketch.shapes().stream()
                .map(s -> Solid.of(s).bounds())
                .reduce(Bounds::with)
                .orElse(new Bounds(Vec3.ZERO, Vec3.ZERO));
    }

    /** Where it balances, when that was measured; else the middle of its shapes, the larger the weightier. */
    private static Vec3 middle(PartTemplate template, Sketch sketch, Answers given) {
        if (template.asks().stream()
                .anyMatch(a -> a.id().equals("balance") && a.unit().equals("mm"))) {
            return new Vec3(0, 0, given.number("balance"));
        }
        Vec3 sum = Vec3.ZERO;
        double all = 0;
        for (Shape shape : sketch.shapes()) {
            Bounds box = Solid.of(shape).bounds();
            double volume =
                    Math.max(1, box.size().x() * box.size().y() * box.size().z());
            sum = sum.plus(box.min().plus(box.max()).times(volume / 2));
            all += volume;
        }
        return all > 0 ? sum.times(1 / all) : Vec3.ZERO;
    }

    private static void add(
            Sketch sketch, ExtraFace face, int number, Bounds bounds, Standards standards, List<Doubt> doubts) {
        String field = "faces[" + number + "]";
        Standard standard = standards.find(face.standard()).orElse(null);
        if (standard == null) {
            doubts.add(new Doubt(field, "There is no mounting standard '" + face.standard() + "'.", true));
            return;
        }
        String side = face.side().name().toLowerCase(Locale.ROOT);
        sketch.face(
                "face-" + (number + 1),
                side + ", " + standard.title(),
                face.standard(),
                standard.gendered() ? face.half() : Port.Role.EITHER,
                face.on(bounds),
                face.side().normal());
    }

    private static void look(PartTemplate template, Sketch sketch, Bounds bounds, List<Doubt> doubts) {
        List<Port> ports = sketch.ports();
        for (int i = 0; i < ports.size(); i++) {
            for (int k = i + 1; k < ports.size(); k++) {
                Port a = ports.get(i);
                Port b = ports.get(k);
                boolean same = a.at().minus(b.at()).length() < SAME_PLACE
                        && a.normal().dot(b.normal()) > 0.9
                        && !a.standard().equals(Standard.DATUM)
                        && !b.standard().equals(Standard.DATUM);
                if (same) {
                    doubts.add(new Doubt(
                            field(b), "Two faces at one place: " + a.title() + " and " + b.title() + ".", true));
                }
            }
        }
        for (Port port : ports) {
            if (port.id().startsWith("face-") && isOff(port.at(), bounds)) {
                doubts.add(new Doubt(
                        field(port),
                        "This face is " + Math.round(off(port.at(), bounds)) + " mm beside the part.",
                        true));
            }
        }
        boolean held = ports.stream().anyMatch(p -> !p.standard().equals(Standard.DATUM));
        boolean inABox = sketch.facets().stream().anyMatch(FrontFacet.Filter.class::isInstance);
        if (!held && !inABox && !HELD_BY_NOTHING.contains(template.category())) {
            doubts.add(new Doubt("", "There is no way to hold it: it has no face that anything joins.", true));
        }
        for (Socket socket : sketch.sockets()) {
            if (socket.pinOut().equals("standard")) {
                doubts.add(new Doubt("", "The wiring of " + socket.title() + " is not on file.", false));
            }
        }
    }

    private static String field(Port port) {
        return port.id().startsWith("face-")
                ? "faces[" + (Integer.parseInt(port.id().substring("face-".length())) - 1) + "]"
                : "";
    }

    private static boolean isOff(Vec3 at, Bounds bounds) {
        return off(at, bounds) > OFF;
    }

    private static double off(Vec3 at, Bounds bounds) {
        double x = Math.max(
                0, Math.max(bounds.min().x() - at.x(), at.x() - bounds.max().x()));
        double y = Math.max(
                0, Math.max(bounds.min().y() - at.y(), at.y() - bounds.max().y()));
        double z = Math.max(
                0, Math.max(bounds.min().z() - at.z(), at.z() - bounds.max().z()));
        return new Vec3(x, y, z).length();
    }

    /** The ids that the parts of a catalogue have. */
    public static Set<String> idsOf(Iterable<ItemType> all) {
        Set<String> ids = new TreeSet<>();
        all.forEach(t -> ids.add(t.ref().id()));
        return ids;
    }
}
