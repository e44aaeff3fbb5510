package wideharbor.format;

import java.util.function.Function;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;

/** Value types that files write short: references as text, points as three numbers, a maker's figure as a number. */
final class Texts {
    private Texts() {}

    static SimpleModule module() {
        SimpleModule module = new SimpleModule("harbor-values");
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
        module.addSerializer(Vec3.class, new VecWriter());
        module.addDeserializer(Vec3.class, new VecReader());
        module.addSerializer(Figure.class, new FigureWriter());
        module.addDeserializer(Figure.class, new FigureReader());
        module.addKeyDeserializer(TypeRef.class, new KeyDeserializer() {
            @Override
            public Object deserializeKey(String key, DeserializationContext context) {
                return TypeRef.parse(key);
            }
        });
        return module;
    }

    private static <T> void text(SimpleModule module, Class<T> type, Function<String, T> parse) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            @Override
            public void serialize(T value, JsonGenerator out, SerializationContext context) {
                out.writeString(value.toString());
            }
        });
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            @Override
            public T deserialize(JsonParser in, DeserializationContext context) {
                String text = in.getValueAsString();
                if (text == null) {
                    return context.reportInputMismatch(type, "must be text");
                }
                return parse.apply(text);
            }
        });
    }

    private static final class VecWriter extends StdSerializer<Vec3> {
        VecWriter() {
            super(Vec3.class);
        }

        @Override
        public void serialize(Vec3 v, JsonGenerator out, SerializationContext context) {
            out.writeStartArray();
            out.writeNumber(v.x());
            out.writeNumber(v.y());
            out.writeNumber(v.z());
            out.writeEndArray();
        }
    }

    private static final class VecReader extends StdDeserializer<Vec3> {
        VecReader() {
            super(Vec3.class);
        }

        @Override
        public Vec3 deserialize(JsonParser in, DeserializationContext context) {
            double[] xyz = context.readValue(in, double[].class);
            return new Vec3(xyz[0], xyz[1], xyz[2]);
        }
    }

    /** A figure with provenance, as objects write it. */
    record Provenance(
            Double value, Double low, Double high, Figure.Source source, String by, String when, String unknown) {}

    private static final class FigureWriter extends StdSerializer<Figure> {
        FigureWriter() {
            super(Figure.class);
        }

        @Override
        public void serialize(Figure figure, JsonGenerator out, SerializationContext context) {
            if (figure instanceof Figure.Unknown unknown) {
                out.writeStartObject();
                out.writeStringProperty("unknown", unknown.reason());
                out.writeEndObject();
                return;
            }
            Figure.Known k = (Figure.Known) figure;
            if (k.equals(Figure.maker(k.value()))) {
                out.writeNumber(k.value());
                return;
            }
            out.writeStartObject();
            out.writeNumberProperty("value", k.value());
            out.writeNumberProperty("low", k.low());
            out.writeNumberProperty("high", k.high());
            out.writeStringProperty("source", k.source().name());
            out.writeStringProperty("by", k.by());
            out.writeStringProperty("when", k.when());
            out.writeEndObject();
        }
    }

    private static final class FigureReader extends StdDeserializer<Figure> {
        FigureReader() {
            super(Figure.class);
        }

        @Override
        public Figure deserialize(JsonParser in, DeserializationContext context) {
            if (in.currentToken() != JsonToken.START_OBJECT) {
                return Figure.maker(in.getDoubleValue());
            }
            Provenance p = context.readValue(in, Provenance.class);
            if (p.unknown() != null && !p.unknown().isEmpty()) {
                return Figure.unknown(p.unknown());
            }
            return new Figure.Known(
                    p.value(),
                    p.low() == null ? p.value() : p.low(),
                    p.high() == null ? p.value() : p.high(),
                    p.source() == null ? Figure.Source.MAKER : p.source(),
                    p.by() == null ? "" : p.by(),
                    p.when() == null ? "" : p.when());
        }
    }
}
