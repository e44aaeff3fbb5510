package wideharbor.app.web;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.FindingKey;

/**
 * Edit requests at the edge: each kind of the core's sealed type by its name in {@code kind}, references as the text
 * that they are written as everywhere. Reader and published description are both made from the type itself.
 */
@Configuration
class EditRequests {
    private static final String KIND = "kind";
    private static final String UNION = "#/components/schemas/EditRequest";

    static {
        // The type describes itself below; read by its records it would take over the names of other schemas.
        SpringDocUtils.getConfig().replaceWithSchema(EditRequest.class, new Schema<>().$ref(UNION));
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
    private interface ByKind {}

    /** REMOVE, OTHER_SHOULDER: the record's name in capitals. */
    static String kind(Class<?> request) {
        return request.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT);
    }

    @Bean
    JacksonModule editRequestModule() {
        SimpleModule module = new SimpleModule("edit-requests");
        module.setMixInAnnotation(EditRequest.class, ByKind.class);
        for (Class<?> request : EditRequest.class.getPermittedSubclasses()) {
            module.registerSubtypes(new NamedType(request, kind(request)));
        }
        text(module, TypeRef.class, TypeRef::parse);
        text(module, PortRef.class, PortRef::parse);
        text(module, SocketRef.class, SocketRef::parse);
        text(module, SettingKey.class, SettingKey::parse);
        text(module, FindingKey.class, FindingKey::parse);
        module.addDeserializer(Vec3.class, new PointReader());
        return module;
    }

    private static <T> void text(SimpleModule module, Class<T> type, Function<String, T> parse) {
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            @Override
            public T deserialize(JsonParser parser, DeserializationContext context) {
                return parse.apply(parser.getString());
            }
        });
    }

    private static final class PointReader extends StdDeserializer<Vec3> {
        PointReader() {
            super(Vec3.class);
        }

        @Override
        public Vec3 deserialize(JsonParser parser, DeserializationContext context) {
            double[] at = context.readValue(parser, double[].class);
            if (at.length != 3) {
                throw new IllegalArgumentException("A point has three figures: left, up and ahead, in mm");
            }
            return new Vec3(at[0], at[1], at[2]);
        }
    }

    /** A union of the kinds, told apart by {@code kind}. */
    @Bean
    OpenApiCustomizer editRequestsAreAUnion() {
        return api -> {
            if (api.getComponents() == null || api.getComponents().getSchemas() == null) {
                return;
            }
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            Discriminator discriminator = new Discriminator().propertyName(KIND);
            ComposedSchema union = new ComposedSchema();
            for (Class<?> request : EditRequest.class.getPermittedSubclasses()) {
                String name = "Edit" + request.getSimpleName();
                schemas.put(name, described(request));
                union.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
                discriminator.mapping(kind(request), "#/components/schemas/" + name);
            }
            union.setDiscriminator(discriminator);
            schemas.put("EditRequest", union);
        };
    }

    private static Schema<?> described(Class<?> request) {
        ObjectSchema schema = new ObjectSchema();
        List<String> required = new ArrayList<>(List.of(KIND));
        schema.addProperty(KIND, new StringSchema()._enum(List.of(kind(request))));
        for (RecordComponent component : request.getRecordComponents()) {
            schema.addProperty(component.getName(), described(component.getType(), component));
            required.add(component.getName());
        }
        schema.setRequired(required);
        return schema;
    }

    private static Schema<?> described(Class<?> type, RecordComponent component) {
        if (type == boolean.class) {
            return new BooleanSchema();
        }
        if (type == double.class) {
            return new NumberSchema().format("double");
        }
        if (type == long.class) {
            return new IntegerSchema().format("int64");
        }
        if (type == Vec3.class) {
            return new ArraySchema()
                    .items(new NumberSchema().format("double"))
                    .minItems(3)
                    .maxItems(3);
        }
        if (List.class.isAssignableFrom(type)) {
            return new ArraySchema().items(new StringSchema());
        }
        if (type.isEnum()) {
            return new StringSchema()
                    ._enum(Arrays.stream(component.getType().getEnumConstants())
                            .map(Object::toString)
                            .toList());
        }
        return new StringSchema();
    }
}
