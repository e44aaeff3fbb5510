package wideharbor.format;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;

/**
 * The catalogue as one CSV row a part. Simple parts need only the plain columns; shapes, ports, sockets, facets and
 * parts of several links are JSON in their cells, as in package files, so that nothing is lost on the way out and in.
 */
public final class CatalogueCsv {
    static final List<String> COLUMNS = List.of(
            "id",
            "revision",
            "maker",
            "name",
            "category",
            "capabilities",
            "mass_g",
            "mass_low_g",
            "mass_high_g",
            "mass_source",
            "mass_by",
            "mass_when",
            "mass_unknown",
            "com_x_mm",
            "com_y_mm",
            "com_z_mm",
            "width_mm",
            "height_mm",
            "length_mm",
            "shapes",
            "links",
            "internal_joints",
            "ports",
            "sockets",
            "facets",
            "relations");

    private static final Set<String> NEEDED = Set.of("id", "maker", "name", "category");
    private static final List<String> CATEGORIES =
            Arrays.stream(Category.values()).map(Enum::name).toList();
    private static final List<String> CAPABILITIES =
            Arrays.stream(Capability.values()).map(Enum::name).toList();
    private static final int MOST_ROWS = 50_000;

    private final JsonMapper mapper = HarborCodec.mapper();

    /** What is wrong in a row, and in which column; row 1 is the heading. */
    public record RowProblem(long row, String column, String message) {}

    /** Parts that can be taken, and everything that is wrong. */
    public record Reading(List<ItemType> types, List<RowProblem> problems, int rows) {}

    public String write(List<ItemType> types) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            out.printRecord(COLUMNS);
            for (ItemType type : types) {
                out.printRecord(cells(type));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private List<String> cells(ItemType type) {
        Map<String, String> cell = new HashMap<>();
        cell.put("id", type.ref().id());
        cell.put("revision", Integer.toString(type.ref().revision()));
        cell.put("maker", type.maker());
        cell.put("name", type.name());
        cell.put("category", type.category().name());
        cell.put(
                "capabilities",
                String.join(" ", type.capabilities().stream().map(Enum::name).toList()));
        if (type.links().size() == 1 && type.links().get(0).id().equals("main")) {
            mainLink(type.links().get(0), cell);
        } else {
            cell.put("links", json(type.links()));
        }
        cell.put("internal_joints", json(type.internalJoints()));
        cell.put("ports", json(type.ports()));
        cell.put("sockets", json(type.sockets()));
        cell.put("facets", facets(type));
        cell.put("relations", json(type.relations()));
        return COLUMNS.stream().map(c -> cell.getOrDefault(c, "")).toList();
    }

    /** Facets are told apart by their "type", which only a list of the sealed kind writes. */
    private String facets(ItemType type) {
        JsonNode tree = mapper.valueToTree(type);
        JsonNode facets = tree.path("facets");
        return facets.isEmpty() ? "" : facets.toString();
    }

    private void mainLink(Link link, Map<String, String> cell) {
        if (link.massGrams() instanceof Figure.Known known) {
            cell.put("mass_g", plain(known.value()));
            if (!known.equals(Figure.maker(known.value()))) {
                cell.put("mass_low_g", plain(known.low()));
                cell.put("mass_high_g", plain(known.high()));
                cell.put("mass_source", known.source().name());
                cell.put("mass_by", known.by());
                cell.put("mass_when", known.when());
            }
        } else {
            cell.put("mass_unknown", ((Figure.Unknown) link.massGrams()).reason());
        }
        cell.put("com_x_mm", plain(link.centreOfMass().x()));
        cell.put("com_y_mm", plain(link.centreOfMass().y()));
        cell.put("com_z_mm", plain(link.centreOfMass().z()));
        JsonNode shapes = mapper.valueToTree(link).path("shapes");
        cell.put("shapes", shapes.isEmpty() ? "" : shapes.toString());
    }

    private String json(List<?> values) {
        return values.isEmpty()
                ? ""
                : mapper.writer().without(SerializationFeature.INDENT_OUTPUT).writeValueAsString(values);
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    /**
     * Reads every row, whatever is wrong with others. {@code progress} is told the rows done so far.
     *
     * @throws HarborFormatException when the text is no CSV with the columns needed
     */
    public Reading read(String text, IntConsumer progress, BooleanSupplier cancelled) {
        List<ItemType> types = new ArrayList<>();
        List<RowProblem> problems = new ArrayList<>();
        Map<TypeRef, Long> seen = new HashMap<>();
        int rows = 0;
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            requireColumns(parser.getHeaderNames());
            for (CSVRecord record : parser) {
                if (cancelled.getAsBoolean() || ++rows > MOST_ROWS) {
                    break;
                }
                row(record, rows + 1L, types, problems, seen);
                if (rows % 50 == 0) {
                    progress.accept(rows);
                }
            }
        } catch (IOException | java.io.UncheckedIOException | IllegalArgumentException e) {
            throw new HarborFormatException("line " + (rows + 2), "not a CSV table: " + e.getMessage());
        }
        if (rows > MOST_ROWS) {
            throw new HarborFormatException("file", "has more than " + MOST_ROWS + " rows");
        }
        progress.accept(rows);
        return new Reading(types, problems, rows);
    }

    private static void requireColumns(List<String> header) {
        for (String name : header) {
            if (!COLUMNS.contains(name)) {
                throw new HarborFormatException(
                        "heading", "column '" + name + "' is not known; known are " + String.join(", ", COLUMNS));
            }
        }
        for (String name : NEEDED) {
            if (!header.contains(name)) {
                throw new HarborFormatException("heading", "column '" + name + "' is missing");
            }
        }
    }

    private void row(
            CSVRecord record, long row, List<ItemType> types, List<RowProblem> problems, Map<TypeRef, Long> seen) {
        Row cells = new Row(record, row, problems);
        if (!record.isConsistent()) {
            problems.add(new RowProblem(
                    row,
                    "",
                    "has " + record.size() + " cells where the heading has "
                            + record.getParser().getHeaderNames().size()));
            return;
        }
        int before = problems.size();
        ObjectNode tree = tree(cells);
        if (problems.size() > before) {
            return;
        }
        try {
            Defaults.itemType(tree);
            ItemType type = mapper.treeToValue(tree, ItemType.class);
            Long other = seen.putIfAbsent(type.ref(), row);
            if (other != null) {
                problems.add(new RowProblem(row, "id", type.ref() + " is in row " + other + " already"));
                return;
            }
            types.add(type);
        } catch (JacksonException e) {
            String place = Places.of(e);
            problems.add(new RowProblem(
                    row, column(place), Places.reason(e) + (place.length() > 1 ? " (" + place + ")" : "")));
        } catch (IllegalArgumentException e) {
            problems.add(new RowProblem(row, "", Words.reason(e)));
        }
    }

    /** The column that a place in the row's tree came from. */
    private static String column(String place) {
        String[] parts = place.split("/");
        String head = parts.length > 1 ? parts[1] : "";
        if (head.equals("links")) {
            return place.contains("shapes") ? "shapes" : place.contains("massGrams") ? "mass_g" : "links";
        }
        String name = head.equals("ref") ? "id" : head.equals("internalJoints") ? "internal_joints" : head;
        return COLUMNS.contains(name) ? name : "";
    }

    private ObjectNode tree(Row cells) {
        ObjectNode tree = mapper.createObjectNode();
        String revision = cells.text("revision");
        tree.put("ref", cells.text("id") + "@" + (revision.isEmpty() ? "1" : revision));
        for (String needed : new String[] {"id", "maker", "name"}) {
            if (cells.text(needed).isEmpty()) {
                cells.problem(needed, "must not be empty");
            }
        }
        tree.put("maker", cells.text("maker"));
        tree.put("name", cells.text("name"));
        tree.put("category", cells.word("category", cells.text("category"), CATEGORIES));
        var capabilities = tree.putArray("capabilities");
        for (String word : cells.text("capabilities").split("[ ;]+")) {
            if (!word.isEmpty()) {
                capabilities.add(cells.word("capabilities", word, CAPABILITIES));
            }
        }
        JsonNode links = cells.json("links", mapper);
        tree.set("links", links.isEmpty() ? mapper.createArrayNode().add(mainLink(cells)) : links);
        tree.set("internalJoints", cells.json("internal_joints", mapper));
        tree.set("ports", cells.json("ports", mapper));
        tree.set("sockets", cells.json("sockets", mapper));
        tree.set("facets", cells.json("facets", mapper));
        tree.set("relations", cells.json("relations", mapper));
        return tree;
    }

    private ObjectNode mainLink(Row cells) {
        ObjectNode link = mapper.createObjectNode();
        link.put("id", "main");
        mass(cells, link);
        var centre = link.putArray("centreOfMass");
        for (String axis : new String[] {"com_x_mm", "com_y_mm", "com_z_mm"}) {
            centre.add(cells.number(axis, 0));
        }
        JsonNode shapes = cells.json("shapes", mapper);
        link.set("shapes", shapes.isEmpty() ? box(cells) : shapes);
        return link;
    }

    /** Width, height and length alone make a plain box around the middle, standing on its underside. */
    private JsonNode box(Row cells) {
        double width = cells.number("width_mm", 0);
        double height = cells.number("height_mm", 0);
        double length = cells.number("length_mm", 0);
        var shapes = mapper.createArrayNode();
        if (width > 0 && height > 0 && length > 0) {
            ObjectNode box = shapes.addObject().put("type", "box");
            box.putArray("min").add(-width / 2).add(0.0).add(-length / 2);
            box.putArray("max").add(width / 2).add(height).add(length / 2);
        } else if (width > 0 || height > 0 || length > 0) {
            cells.problem("width_mm", "width, height and length go together, each over 0 mm");
        }
        return shapes;
    }

    private static void mass(Row cells, ObjectNode link) {
        if (cells.text("mass_g").isEmpty()) {
            String why = cells.text("mass_unknown");
            link.putObject("massGrams").put("unknown", why.isEmpty() ? "not in the list" : why);
            return;
        }
        double value = cells.number("mass_g", 0);
        if (value < 0) {
            cells.problem("mass_g", "must not be negative, but was " + plain(value));
        }
        String source = cells.text("mass_source");
        if (source.isEmpty()
                && cells.text("mass_low_g").isEmpty()
                && cells.text("mass_high_g").isEmpty()) {
            link.put("massGrams", value);
            return;
        }
        link.putObject("massGrams")
                .put("value", value)
                .put("low", cells.number("mass_low_g", value))
                .put("high", cells.number("mass_high_g", value))
                .put("source", source.isEmpty() ? "MAKER" : source.toUpperCase(Locale.ROOT))
                .put("by", cells.text("mass_by"))
                .put("when", cells.text("mass_when"));
    }

    /** One row's cells by column; what cannot be read is noted and reading goes on. */
    private static final class Row {
        private final CSVRecord record;
        private final long row;
        private final List<RowProblem> problems;
        private final Set<String> told = new LinkedHashSet<>();

        Row(CSVRecord record, long row, List<RowProblem> problems) {
            this.record = record;
            this.row = row;
            this.problems = problems;
        }

        String text(String column) {
            return record.isMapped(column) && record.isSet(column) ? record.get(column) : "";
        }

        double number(String column, double otherwise) {
            String text = text(column);
            if (text.isEmpty()) {
                return otherwise;
            }
            try {
                double value = Double.parseDouble(text);
                if (Double.isFinite(value)) {
                    return value;
                }
            } catch (NumberFormatException e) {
                // Told below, with the column.
            }
            problem(column, "'" + text + "' is not a number");
            return otherwise;
        }

        JsonNode json(String column, JsonMapper mapper) {
            String text = text(column);
            if (text.isEmpty()) {
                return mapper.createArrayNode();
            }
            try {
                JsonNode tree = mapper.readTree(text);
                if (tree.isArray()) {
                    return tree;
                }
                problem(column, "must be a JSON list");
            } catch (JacksonException e) {
                problem(column, "not valid JSON: " + e.getOriginalMessage());
            }
            return mapper.createArrayNode();
        }

        /** One of a set of words, however it is cased and spaced. */
        String word(String column, String text, List<String> known) {
            String word = text.toUpperCase(Locale.ROOT).replace(' ', '_');
            if (!known.contains(word)) {
                problem(column, "'" + text + "' is not known; known are " + String.join(", ", known));
                return known.get(0);
            }
            return word;
        }

        void problem(String column, String message) {
            if (told.add(column)) {
                problems.add(new RowProblem(row, column, message));
            }
        }
    }
}
