package wideharbor.app.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import wideharbor.core.quantity.Words;

/** What differs between two parts as they are written, place by place. */
final class PartDifferences {
    private final List<CatalogueViews.PartDifference> lines = new ArrayList<>();

    private PartDifferences() {}

    static List<CatalogueViews.PartDifference> between(JsonNode before, JsonNode after) {
        PartDifferences all = new PartDifferences();
        all.compare("", before, after);
        return all.lines;
    }

    private void compare(String place, JsonNode before, JsonNode after) {
        if (before.equals(after)) {
            return;
        }
        if (before.isObject() && after.isObject()) {
            fields(place, fieldsOf(before), fieldsOf(after));
        } else if (isKeyed(before) && isKeyed(after)) {
            fields(place, keyed(before), keyed(after));
        } else {
            lines.add(new CatalogueViews.PartDifference(place, text(before), text(after)));
        }
    }

    private void fields(String place, Map<String, JsonNode> before, Map<String, JsonNode> after) {
        Map<String, JsonNode> all = new LinkedHashMap<>(before);
        after.forEach(all::putIfAbsent);
        all.keySet().forEach(name -> {
            String there = place.isEmpty() ? name : place + "." + name;
            JsonNode old = before.get(name);
            JsonNode now = after.get(name);
            if (old == null || now == null) {
                lines.add(new CatalogueViews.PartDifference(
                        there, old == null ? "" : text(old), now == null ? "" : text(now)));
            } else {
                compare(there, old, now);
            }
        });
    }

    private static Map<String, JsonNode> fieldsOf(JsonNode object) {
        return object.properties().stream()
                .filter(e -> !e.getKey().equals("ref"))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a, LinkedHashMap::new));
    }

    /** A list whose members are told apart by their ids, or by their kind: so a new first one is one line, not all. */
    private static boolean isKeyed(JsonNode list) {
        return list.isArray()
                && !list.isEmpty()
                && list.valueStream().allMatch(JsonNode::isObject)
                && keyed(list).size() == list.size();
    }

    private static Map<String, JsonNode> keyed(JsonNode list) {
        Map<String, JsonNode> all = new LinkedHashMap<>();
        list.valueStream()
                .forEach(n -> all.put(n.path("id").asString(n.path("type").asString("")), n));
        return all;
    }

    /** Read by people: no brackets, a figure with how far it may be off and where it is from. */
    private static String text(JsonNode node) {
        if (node.isNumber()) {
            return Words.two(node.asDouble()).replaceFirst("\\.?0+$", "");
        }
        if (node.isArray()) {
            boolean plain = node.valueStream().noneMatch(JsonNode::isContainer);
            return node.valueStream().map(PartDifferences::text).collect(Collectors.joining(plain ? ", " : "; "));
        }
        if (node.has("value") && node.has("source")) {
            return text(node.path("value")) + " (" + text(node.path("low")) + " to " + text(node.path("high")) + "), "
                    + text(node.path("source")).toLowerCase(Locale.ROOT);
        }
        if (node.isObject()) {
            return node.properties().stream()
                    .filter(e -> !text(e.getValue()).isEmpty())
                    .map(e -> e.getKey() + " " + text(e.getValue()))
                    .collect(Collectors.joining(", "));
        }
        return node.asString();
    }
}
