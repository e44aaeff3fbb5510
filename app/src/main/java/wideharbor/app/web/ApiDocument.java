package wideharbor.app.web;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.boot.autoconfigure.condition.ConditionalOnClass;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The published description of the endpoints. Answers are records: every property is always there. */
@Configuration
@ConditionalOnClass(name = "org.springdoc.core.customizers.OpenApiCustomizer")
class ApiDocument {

    @Bean
    OpenApiCustomizer everyPropertyIsThere() {
        return api -> {
            api.setInfo(new Info().title("Wide Harbor").version("1"));
            api.setServers(List.of());
            if (api.getComponents() != null && api.getComponents().getSchemas() != null) {
                api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
                api.getComponents().getSchemas().values().forEach(ApiDocument::requireAll);
            }
        };
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
        }
    }
}
