package wideharbor.format;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Link;
import wideharbor.core.quantity.Figure;

/** A part as the cells of its row. */
final class PartCells {
    private final JsonMapper mapper;

    PartCells(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** In the order of the columns. */
    List<String> of(ItemType type) {
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
        return CatalogueCsv.COLUMNS.stream().map(c -> cell.getOrDefault(c, "")).toList();
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

    static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
