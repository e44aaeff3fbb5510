package wideharbor.app.web;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
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
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.boot.autoconfigure.condition.ConditionalOnClass;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.Evidence;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.Id;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;

/** The description of what {@link Wire} writes and reads, made from the types themselves. */
@Configuration
@ConditionalOnClass(name = "org.springdoc.core.customizers.OpenApiCustomizer")
class WireSchemas {
    private static final String AT = "#/components/schemas/";

    /** Open to one side, a need has no bound there. */
    private static final Set<String> BOUNDS = Set.of("neededFrom", "neededTo");

    /** A sealed type of the core, and what the names of its kinds begin with. */
    private enum Union {
        EDIT_REQUEST(EditRequest.class, "Edit"),
        EVIDENCE(Evidence.class, "Evidence"),
        FIGURE(Figure.class, "Figure");

        private final Class<?> type;
        private final String prefix;

        Union(Class<?> type, String prefix) {
            this.type = type;
            this.prefix = prefix;
        }
    }

    static {
        for (Union union : Union.values()) {
            // Read by its records it would take over the names of other schemas.
            SpringDocUtils.getConfig()
                    .replaceWithSchema(union.type, new Schema<>().$ref(AT + union.type.getSimpleName()));
        }
        for (Class<?> text : List.of(
                BuildId.class,
                ConfigurationId.class,
                Id.class,
                LensId.class,
                PlacementId.class,
                JointId.class,
                CableId.class,
                TypeRef.class,
                PortRef.class,
                SocketRef.class,
                SettingKey.class,
                FindingKey.class)) {
            SpringDocUtils.getConfig().replaceWithClass(text, String.class).addSimpleTypesForParameterObject(text);
        }
        SpringDocUtils.getConfig().replaceWithSchema(ItemType.class, new Schema<>().$ref(AT + "PartName"));
    }

    /** What may be absent is null then, and described so. */
    @Bean
    ModelConverter absentIsNull() {
        return new AbsentIsNull();
    }

    private static final class AbsentIsNull implements ModelConverter {
        private static final Set<Class<?>> ABSENT = Set.of(Optional.class, OptionalDouble.class, OptionalInt.class);

        @Override
        public @Nullable Schema resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
            if (raw == OptionalDouble.class) {
                return number();
            }
            if (raw == OptionalInt.class) {
                return new IntegerSchema().format("int32");
            }
            Schema<?> resolved = chain.next().resolve(type, context, chain);
            if (raw.isRecord() && resolved != null) {
                Schema<?> model = resolved.get$ref() == null
                        ? resolved
                        : context.getDefinedModels().get(resolved.get$ref().substring(AT.length()));
                mark(raw, model);
            }
            return resolved;
        }

        private static void mark(Class<?> record, @Nullable Schema<?> model) {
            if (model == null || model.getProperties() == null) {
                return;
            }
            for (RecordComponent component : record.getRecordComponents()) {
                Schema<?> property = model.getProperties().get(component.getName());
                if (ABSENT.contains(component.getType()) && property != null) {
                    model.getProperties().put(component.getName(), orNull(property));
                }
            }
        }
    }

    private static Schema<?> orNull(Schema<?> schema) {
        if (schema.getOneOf() != null) {
            return schema;
        }
        if (schema.get$ref() != null) {
            Schema<?> nothing = new Schema<>();
            nothing.setTypes(Set.of("null"));
            return new ComposedSchema()
                    .addOneOfItem(new Schema<>().$ref(schema.get$ref()))
                    .addOneOfItem(nothing);
        }
        Set<String> types = new LinkedHashSet<>(
                schema.getTypes() == null ? Set.of(String.valueOf(schema.getType())) : schema.getTypes());
        types.add("null");
        schema.setTypes(types);
        return schema;
    }

    /** Each union, and each of its kinds. */
    @Bean
    OpenApiCustomizer sealedTypesAreUnions() {
        return api -> {
            if (api.getComponents() == null || api.getComponents().getSchemas() == null) {
                return;
            }
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            schemas.put(
                    "PartName",
                    object(Map.of("item", new StringSchema(), "title", new StringSchema()), List.of("item", "title")));
            for (Union union : Union.values()) {
                schemas.put(union.type.getSimpleName(), described(union, schemas));
            }
        };
    }

    private static Schema<?> described(Union union, Map<String, Schema> schemas) {
        Discriminator discriminator = new Discriminator().propertyName(Wire.KIND);
        ComposedSchema all = new ComposedSchema();
        for (Class<?> kind : Wire.kinds(union.type).toList()) {
            String name = union.prefix + kind.getSimpleName();
            schemas.put(name, described(kind));
            all.addOneOfItem(new Schema<>().$ref(AT + name));
            discriminator.mapping(Wire.kind(kind), AT + name);
        }
        all.setDiscriminator(discriminator);
        return all;
    }

    private static Schema<?> described(Class<?> kind) {
        ObjectSchema schema = new ObjectSchema();
        List<String> required = new ArrayList<>(List.of(Wire.KIND));
        schema.addProperty(Wire.KIND, new StringSchema()._enum(List.of(Wire.kind(kind))));
        for (RecordComponent component : kind.getRecordComponents()) {
            Schema<?> of = value(component.getType());
            schema.addProperty(component.getName(), BOUNDS.contains(component.getName()) ? orNull(of) : of);
            required.add(component.getName());
        }
        schema.setRequired(required);
        return schema;
    }

    private static Schema<?> value(Class<?> type) {
        if (type == boolean.class) {
            return new BooleanSchema();
        }
        if (type == double.class) {
            return number();
        }
        if (type == int.class) {
            return new IntegerSchema().format("int32");
        }
        if (type == long.class) {
            return new IntegerSchema().format("int64");
        }
        if (type == Vec3.class) {
            return new ArraySchema().items(number()).minItems(3).maxItems(3);
        }
        if (type == Span.class) {
            return object(Map.of("from", number(), "to", number()), List.of("from", "to"));
        }
        if (List.class.isAssignableFrom(type)) {
            return new ArraySchema().items(new StringSchema());
        }
        if (type.isEnum()) {
            return new StringSchema()
                    ._enum(Arrays.stream(type.getEnumConstants())
                            .map(Object::toString)
                            .toList());
        }
        return new StringSchema();
    }

    private static Schema<?> number() {
        return new NumberSchema().format("double");
    }

    private static Schema<?> object(Map<String, Schema<?>> properties, List<String> required) {
        ObjectSchema schema = new ObjectSchema();
        required.forEach(name -> schema.addProperty(name, properties.get(name)));
        schema.setRequired(required);
        return schema;
    }
}
