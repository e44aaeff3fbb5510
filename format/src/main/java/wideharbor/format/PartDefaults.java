package wideharbor.format;

import static wideharbor.format.Filling.MAKE;
import static wideharbor.format.Filling.arrays;
import static wideharbor.format.Filling.numbers;
import static wideharbor.format.Filling.put;
import static wideharbor.format.Filling.zeroIsUnknown;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a part of the catalogue may leave out. */
final class PartDefaults {
    private PartDefaults() {}

    static void itemType(ObjectNode type) {
        arrays(type, "capabilities", "internalJoints", "ports", "sockets", "facets", "relations");
        for (JsonNode link : type.path("links")) {
            for (JsonNode shape : link.path("shapes")) {
                put((ObjectNode) shape, "use", MAKE.stringNode("SOLID"));
            }
        }
        for (JsonNode port : type.path("ports")) {
            port((ObjectNode) port);
        }
        for (JsonNode socket : type.path("sockets")) {
            zeroIsUnknown((ObjectNode) socket, "normal");
        }
        for (JsonNode joint : type.path("internalJoints")) {
            freedom(joint.path("freedom"));
        }
        for (JsonNode facet : type.path("facets")) {
            facet((ObjectNode) facet);
        }
    }

    private static void port(ObjectNode port) {
        put(port, "occupancy", MAKE.objectNode().put("type", "single"));
        if ("interval".equals(port.path("occupancy").path("type").asString(""))) {
            numbers((ObjectNode) port.path("occupancy"), Map.of("stopMm", 0.0));
        }
        numbers(port, Map.of("engagementMm", 0.0));
        put(port, "size", MAKE.objectNode());
        zeroIsUnknown((ObjectNode) port.path("size"), "diameterMm", "spacingMm");
        put(
                port,
                "pins",
                MAKE.objectNode()
                        .put("kind", "NONE")
                        .put("count", 0)
                        .put("diameterMm", 0.0)
                        .put("spacingMm", 0.0));
        arrays(port, "screws", "freedoms");
        put(port, "rating", MAKE.objectNode());
        zeroIsUnknown((ObjectNode) port.path("rating"), "loadGrams", "momentNm");
        put(port, "working", MAKE.objectNode());
        put((ObjectNode) port.path("working"), "way", MAKE.stringNode("SCREWS"));
        put((ObjectNode) port.path("working"), "secured", MAKE.booleanNode(false));
        put((ObjectNode) port.path("working"), "stages", MAKE.numberNode(1));
        put(port, "mark", MAKE.stringNode(""));
        for (JsonNode freedom : port.path("freedoms")) {
            freedom(freedom);
        }
    }

    private static void freedom(JsonNode freedom) {
        if (freedom instanceof ObjectNode node) {
            numbers(node, Map.of("slide".equals(node.path("type").asString("")) ? "stepMm" : "stepDegrees", 0.0));
        }
    }

    private static void facet(ObjectNode facet) {
        String type = facet.path("type").asString("");
        if (type.equals("powerOutput")) {
            numbers(facet, Map.of("regulatedVolts", 0.0, "efficiency", 1.0));
        } else if (type.equals("powerInput")) {
            numbers(facet, Map.of("idleWatts", 0.0, "bootSeconds", 0.0));
        } else if (type.equals("camera")) {
            zeroIsUnknown(facet, "windowWidthMm", "windowHeightMm");
        } else if (type.equals("lens")) {
            numbers(facet, Map.of("squeeze", 1.0));
            zeroIsUnknown(facet, "closeFocusMm");
        } else if (type.equals("signal")) {
            zeroIsUnknown(facet, "gigabits");
        } else if (type.equals("support")) {
            put(facet, "way", MAKE.stringNode("STANDS"));
            put(facet, "turningLink", MAKE.stringNode(""));
        } else if (type.equals("rods")) {
            numbers(facet, Map.of("wallMm", 2.0));
            put(facet, "material", MAKE.stringNode("ALUMINIUM"));
        } else if (type.equals("matteBox")) {
            for (JsonNode opening : facet.path("openings")) {
                put((ObjectNode) opening, "round", MAKE.booleanNode(false));
                put((ObjectNode) opening, "takes", MAKE.stringNode(""));
            }
        } else if (type.equals("card")) {
            put(facet, "kind", MAKE.stringNode(""));
            put(facet, "readMegabytes", MAKE.objectNode().put("unknown", "not on file"));
        } else if (type.equals("lensAdapter")) {
            numbers(facet, Map.of("factor", 1.0, "lossStops", 0.0));
            put(facet, "passes", MAKE.stringNode("NONE"));
            put(facet, "autofocus", MAKE.stringNode("LOST"));
        } else if (type.equals("cable")) {
            for (String end : new String[] {"a", "b"}) {
                put((ObjectNode) facet.path(end), "locking", MAKE.booleanNode(false));
                put((ObjectNode) facet.path(end), "rightAngle", MAKE.booleanNode(false));
            }
        }
    }
}
