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

/** The published JSON Schema, applied to every file that is read. */
final class HarborSchema {
    private final Schema schema;

    HarborSchema() {
        try (InputStream in = HarborSchema.class.getResourceAsStream("/schema/harbor-1.schema.json")) {
            if (in == null) {
                throw new IllegalStateException("Internal error: the schema is missing from the program");
            }
            schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    List<HarborFormatException.Problem> problems(JsonNode tree, int most) {
        return schema.validate(tree).stream()
                .limit(most)
                .map(HarborSchema::problem)
                .toList();
    }

    private static HarborFormatException.Problem problem(Error error) {
        String place = error.getInstanceLocation().toString();
        return new HarborFormatException.Problem(place.isEmpty() ? "/" : place, error.getMessage());
    }
}
