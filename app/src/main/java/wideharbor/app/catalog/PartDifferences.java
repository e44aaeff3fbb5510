package wideharbor.app.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

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
                .filter(e -> !e.getKey().equals("revision"))
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

    private static String text(JsonNode node) {
        return node.isString() ? node.asString() : node.toString();
    }
}
