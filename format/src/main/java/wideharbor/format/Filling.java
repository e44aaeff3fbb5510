package wideharbor.format;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Puts into a node what it leaves out. */
final class Filling {
    static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private Filling() {}

    static void texts(ObjectNode node, Map<String, String> standard) {
        standard.forEach((name, text) -> put(node, name, MAKE.stringNode(text)));
    }

    static void arrays(ObjectNode node, String... names) {
        for (String name : names) {
            put(node, name, new ArrayNode(MAKE));
        }
    }

    static void numbers(ObjectNode node, Map<String, Double> defaults) {
        defaults.forEach((name, value) -> put(node, name, MAKE.numberNode(value)));
    }

    /** What older files wrote as 0 while nobody knew it, or as a direction without length, is absent. */
    static void zeroIsUnknown(ObjectNode node, String... names) {
        for (String name : names) {
            JsonNode value = node.path(name);
            boolean nothing = value.isArray()
                    ? value.valueStream().allMatch(v -> v.asDouble(0) == 0)
                    : value.isNumber() && value.asDouble() == 0;
            if (nothing) {
                node.remove(name);
            }
        }
    }

    static void put(ObjectNode node, String name, JsonNode value) {
        if (!node.has(name)) {
            node.set(name, value);
        }
    }
}
