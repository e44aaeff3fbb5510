package wideharbor.app.bench;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import org.springdoc.core.annotations.ParameterObject;

/**
 * Where on the Bench someone stands: bound from the path and the query. An empty configuration or lens, or none, means
 * the build's first.
 */
@ParameterObject
record Spot(
        @Parameter(in = ParameterIn.PATH, required = true) String job,
        @Parameter(in = ParameterIn.PATH, required = true) String build,
        String configuration,
        String lens) {
    Spot {
        configuration = configuration == null ? "" : configuration;
        lens = lens == null ? "" : lens;
    }
}
