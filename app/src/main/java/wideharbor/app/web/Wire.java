package wideharbor.app.web;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
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
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.Figure;

/**
 * How the core's own records go over the wire: references as the text that they are written as everywhere, a part as
 * its reference and name, sealed types told apart by {@code kind}, what is absent or without bound as null. What is
 * described of it in {@link WireSchemas} follows the same rules.
 */
@Configuration
class Wire {
    static final String KIND = "kind";

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = KIND)
    private interface ByKind {}

    /** REMOVE, OTHER_SHOULDER: the record's name in capitals. */
    static String kind(Class<?> of) {
        return of.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT);
    }

    @Bean
    JacksonModule wireModule() {
        SimpleModule module = new SimpleModule("wire");
        union(module, EditRequest.class);
        union(module, Evidence.class);
        union(module, Figure.class);
        text(module, TypeRef.class, TypeRef::parse);
        text(module, PortRef.class, PortRef::parse);
        text(module, SocketRef.class, SocketRef::parse);
        text(module, SettingKey.class, SettingKey::parse);
        text(module, LensId.class, LensId::of);
        text(module, PlacementId.class, PlacementId::of);
        text(module, BuildId.class, BuildId::of);
        text(module, ConfigurationId.class, ConfigurationId::of);
        text(module, JointId.class, JointId::new);
        text(module, CableId.class, CableId::new);
        text(module, FindingKey.class, FindingKey::parse);
        module.addDeserializer(Vec3.class, new PointReader());
        module.addSerializer(Double.class, new BoundWriter());
        module.addSerializer(double.class, new BoundWriter());
        module.addSerializer(ItemType.class, new PartWriter());
        return module;
    }

    private static void union(SimpleModule module, Class<?> sealed) {
        module.setMixInAnnotation(sealed, ByKind.class);
        kinds(sealed).forEach(one -> module.registerSubtypes(new NamedType(one, kind(one))));
    }

    /** The records of a sealed type, through those that gather some of them. */
    static Stream<Class<?>> kinds(Class<?> type) {
        return type.isSealed() ? Stream.of(type.getPermittedSubclasses()).flatMap(Wire::kinds) : Stream.of(type);
    }

    private static <T> void text(SimpleModule module, Class<T> type, Function<String, T> parse) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            @Override
            public void serialize(T value, JsonGenerator to, SerializationContext context) {
                to.writeString(value.toString());
            }
        });
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            @Override
            public T deserialize(JsonParser parser, DeserializationContext context) {
                return parse.apply(parser.getString());
            }
        });
    }

    /** A need that is open to one side has no bound there. */
    private static final class BoundWriter extends StdSerializer<Double> {
        BoundWriter() {
            super(Double.class);
        }

        @Override
        public void serialize(Double value, JsonGenerator to, SerializationContext context) {
            if (Double.isFinite(value)) {
                to.writeNumber(value);
            } else {
                to.writeNull();
            }
        }
    }

    private static final class PartWriter extends StdSerializer<ItemType> {
        PartWriter() {
            super(ItemType.class);
        }

        @Override
        public void serialize(ItemType value, JsonGenerator to, SerializationContext context) {
            to.writeStartObject();
            to.writeStringProperty("item", value.ref().toString());
            to.writeStringProperty("title", value.name());
            to.writeEndObject();
        }
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
}
