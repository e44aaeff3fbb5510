package wideharbor.format;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
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
        return by.validate(tree).stream().limit(most).map(HarborSchema::problem).toList();
    }

    private static HarborFormatException.Problem problem(Error error) {
        String place = error.getInstanceLocation().toString();
        return new HarborFormatException.Problem(place.isEmpty() ? "/" : place, error.getMessage());
    }
}
