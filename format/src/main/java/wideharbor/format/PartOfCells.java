package wideharbor.format;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;

/** A row's cells as the tree of a part, as package files have it. */
final class PartOfCells {
    private static final List<String> CATEGORIES =
            Arrays.stream(Category.values()).map(Enum::name).toList();
    private static final List<String> CAPABILITIES =
            Arrays.stream(Capability.values()).map(Enum::name).toList();

    private final JsonMapper mapper;

    PartOfCells(JsonMapper mapper) {
        this.mapper = mapper;
    }

    ObjectNode tree(CsvRow cells) {
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

    private ObjectNode mainLink(CsvRow cells) {
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
    private JsonNode box(CsvRow cells) {
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

    private static void mass(CsvRow cells, ObjectNode link) {
        if (cells.text("mass_g").isEmpty()) {
            String why = cells.text("mass_unknown");
            link.putObject("massGrams").put("unknown", why.isEmpty() ? "not in the list" : why);
            return;
        }
        double value = cells.number("mass_g", 0);
        if (value < 0) {
            cells.problem("mass_g", "must not be negative, but was " + PartCells.plain(value));
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
}
