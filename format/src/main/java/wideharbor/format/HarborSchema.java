package wideharbor.format;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The published JSON Schema, applied to every file that is read. */
final class HarborSchema {
    private final Schema schema;
    private final Schema type;
    private final Schema catalogue;

    HarborSchema() {
        try (InputStream in = HarborSchema.class.getResourceAsStream("/schema/harbor-2.schema.json")) {
            if (in == null) {
                throw new IllegalStateException("Internal error: the schema is missing from the program");
            }
            SchemaRegistry registry = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);
            ObjectNode whole = (ObjectNode) new JsonMapper().readTree(in);
            schema = registry.getSchema(whole);
            type = registry.getSchema(around(whole, whole.objectNode().put("$ref", "#/$defs/itemType")));
            catalogue = registry.getSchema(around(whole, catalogue(whole)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A schema of its own over the same definitions. */
    private static ObjectNode around(ObjectNode whole, ObjectNode top) {
        top.set("$defs", whole.path("$defs").deepCopy());
        return top;
    }

    private static ObjectNode catalogue(ObjectNode whole) {
        ObjectNode top = whole.objectNode().put("type", "object").put("additionalProperties", false);
        top.putArray("required").add("format").add("version").add("catalogue");
        ObjectNode properties = top.putObject("properties");
        properties.putObject("format").put("const", HarborFile.CATALOGUE);
        properties.putObject("version").put("const", HarborFile.CATALOGUE_VERSION);
        properties
                .putObject("standards")
                .put("type", "array")
                .putObject("items")
                .put("$ref", "#/$defs/standard");
        properties
                .putObject("catalogue")
                .put("type", "array")
                .putObject("items")
                .put("$ref", "#/$defs/itemType");
        return top;
    }

    private static final double FARTHEST = 1e12;

    List<HarborFormatException.Problem> typeProblems(JsonNode tree, int most) {
        return problems(type, tree, most);
    }

    List<HarborFormatException.Problem> catalogueProblems(JsonNode tree, int most) {
        return problems(catalogue, tree, most);
    }

    List<HarborFormatException.Problem> problems(JsonNode tree, int most) {
        return problems(schema, tree, most);
    }

    private static List<HarborFormatException.Problem> problems(Schema by, JsonNode tree, int most) {
        List<HarborFormatException.Problem> far = new ArrayList<>();
        farFigures(tree, "", far, most);
        if (!far.isEmpty()) {
            return far;
        }
        return by.validate(tree).stream().limit(most).map(HarborSchema::problem).toList();
    }

    /** What no reader of numbers can be trusted with, the schema's own among them. */
    private static void farFigures(JsonNode node, String place, List<HarborFormatException.Problem> found, int most) {
        if (found.size() >= most) {
            return;
        }
        if (node.isNumber() && !(Math.abs(node.doubleValue()) <= FARTHEST)) {
            found.add(new HarborFormatException.Problem(
                    place, "a figure is beyond " + (long) FARTHEST + ", more than anything here can be"));
        }
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            farFigures(entry.getValue(), place + "/" + entry.getKey(), found, most);
        }
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                farFigures(node.get(i), place + "/" + i, found, most);
            }
        }
    }

    private static HarborFormatException.Problem problem(Error error) {
        String place = error.getInstanceLocation().toString();
        return new HarborFormatException.Problem(place.isEmpty() ? "/" : place, error.getMessage());
    }
}
