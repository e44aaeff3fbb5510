package wideharbor.format;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fills in what a file may leave out, so that the core never meets an absent value. The store's rows go through the
 * same: one written before a property was thought of reads as a file that leaves it out.
 */
final class Defaults {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private Defaults() {}

    static void fill(ObjectNode file) {
        put(file, "rules", MAKE.objectNode());
        put(file, "ways", MAKE.objectNode());
        put(file, "operatorWays", MAKE.objectNode());
        arrays(file, "standards", "kit", "reads", "waivers");
        for (String list : List.of("reads", "waivers")) {
            for (JsonNode accepted : file.path(list)) {
                put((ObjectNode) accepted, "unit", MAKE.stringNode(""));
                numbers((ObjectNode) accepted, Map.of("acceptedExcess", 0.0));
            }
        }
        for (JsonNode standard : file.path("standards")) {
            put((ObjectNode) standard, "entry", MAKE.stringNode("SCREWED"));
            put((ObjectNode) standard, "note", MAKE.stringNode(""));
            numbers((ObjectNode) standard, Map.of("loadGrams", 0.0));
        }
        for (JsonNode type : file.path("catalogue")) {
            itemType((ObjectNode) type);
        }
        for (JsonNode build : file.path("builds")) {
            build((ObjectNode) build);
        }
        if (file.path("brief") instanceof ObjectNode brief) {
            numbers(brief, Map.of("massFloorGrams", 0.0, "massCeilingGrams", 0.0));
            brief(brief);
        }
    }

    static void brief(ObjectNode brief) {
        put(brief, "notes", MAKE.stringNode(""));
        arrays(brief, "lenses");
        put(brief, "asks", MAKE.objectNode());
        ObjectNode asks = (ObjectNode) brief.path("asks");
        arrays(asks, "changes", "spares", "tapes");
        put(asks, "ways", MAKE.objectNode());
        shoot(asks);
        profile(brief.path("crew"));
        put(asks, "room", MAKE.objectNode());
        ObjectNode room = (ObjectNode) asks.path("room");
        numbers(room, Map.of("depthMm", 0.0, "heightMm", 0.0));
        arrays(room, "configurations");
        for (JsonNode change : asks.path("changes")) {
            put((ObjectNode) change, "toolFree", MAKE.booleanNode(false));
        }
        for (JsonNode tape : asks.path("tapes")) {
            put((ObjectNode) tape, "lens", MAKE.stringNode(""));
        }
    }

    private static void shoot(ObjectNode asks) {
        put(asks, "shoot", MAKE.objectNode());
        ObjectNode shoot = (ObjectNode) asks.path("shoot");
        texts(shoot, Map.of("orientation", "ANY", "sound", "NONE"));
        numbers(shoot, Map.of("longestStretchHours", 0.0));
        zeroIsUnknown(shoot, "insuredValue", "claimedHours");
        put(shoot, "flyers", MAKE.numberNode(0));
        put(shoot, "timecode", MAKE.booleanNode(false));
        arrays(shoot, "viewers", "recordings", "day");
        for (JsonNode block : shoot.path("day")) {
            put((ObjectNode) block, "mains", MAKE.booleanNode(false));
            arrays((ObjectNode) block, "parts");
        }
        for (JsonNode viewer : shoot.path("viewers")) {
            texts((ObjectNode) viewer, Map.of("trust", "FRAME", "build", ""));
            put((ObjectNode) viewer, "byRadio", MAKE.booleanNode(false));
        }
    }

    private static void profile(JsonNode crew) {
        if (crew instanceof ObjectNode node) {
            put(node, "profile", MAKE.objectNode());
            ObjectNode profile = (ObjectNode) node.path("profile");
            zeroIsUnknown(profile, "heightMm");
            texts(profile, Map.of("hand", "RIGHT", "screen", "ANY", "grips", "ANY", "reason", ""));
        }
    }

    private static void texts(ObjectNode node, Map<String, String> standard) {
        standard.forEach((name, text) -> put(node, name, MAKE.stringNode(text)));
    }

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
        } else if (type.equals("rods")) {
            numbers(facet, Map.of("wallMm", 2.0));
            put(facet, "material", MAKE.stringNode("ALUMINIUM"));
        } else if (type.equals("cable")) {
            for (String end : new String[] {"a", "b"}) {
                put((ObjectNode) facet.path(end), "locking", MAKE.booleanNode(false));
                put((ObjectNode) facet.path(end), "rightAngle", MAKE.booleanNode(false));
            }
        }
    }

    static void build(ObjectNode build) {
        arrays(build, "removed", "joints", "cables", "settings", "lenses");
        for (JsonNode placement : build.path("placements")) {
            put((ObjectNode) placement, "label", MAKE.stringNode(""));
            put((ObjectNode) placement, "weighedGrams", MAKE.objectNode().put("unknown", "not weighed"));
        }
        for (JsonNode joint : build.path("joints")) {
            joint((ObjectNode) joint);
        }
        for (JsonNode cable : build.path("cables")) {
            cable((ObjectNode) cable);
        }
        for (JsonNode setting : build.path("settings")) {
            put((ObjectNode) setting, "byFeel", MAKE.booleanNode(false));
        }
        for (JsonNode configuration : build.path("configurations")) {
            configuration((ObjectNode) configuration);
        }
        for (JsonNode lens : build.path("lenses")) {
            overlay((ObjectNode) lens);
        }
    }

    private static void configuration(ObjectNode configuration) {
        numbers(configuration, Map.of("rollDegrees", 0.0, "tiltDegrees", 0.0));
        put(configuration, "basedOn", MAKE.stringNode(""));
        overlay(configuration);
    }

    private static void overlay(ObjectNode owner) {
        arrays(owner, "overlay");
        for (JsonNode command : owner.path("overlay")) {
            command((ObjectNode) command);
        }
    }

    static void command(ObjectNode command) {
        String type = command.path("type").asString("");
        if (type.equals("place")) {
            put(command, "label", MAKE.stringNode(""));
        } else if (type.equals("set")) {
            put(command, "byFeel", MAKE.booleanNode(false));
        } else if (type.equals("join")) {
            joint((ObjectNode) command.path("joint"));
        } else if (type.equals("connect")) {
            cable((ObjectNode) command.path("cable"));
        } else if (type.equals("lay")) {
            laid((ObjectNode) command.path("laid"));
        } else if (type.equals("trust")) {
            put(command, "note", MAKE.stringNode(""));
        } else if (type.equals("configure")) {
            configuration((ObjectNode) command.path("configuration"));
        } else if (type.equals("replaceOverlay")) {
            for (JsonNode inner : command.path("commands")) {
                command((ObjectNode) inner);
            }
        }
    }

    private static void cable(ObjectNode cable) {
        put(cable, "laid", MAKE.objectNode());
        laid((ObjectNode) cable.path("laid"));
    }

    private static void laid(ObjectNode laid) {
        arrays(laid, "along");
        put(laid, "stowedIn", MAKE.stringNode(""));
    }

    private static void joint(ObjectNode joint) {
        put(joint, "confidence", MAKE.stringNode("PLAUSIBLE"));
        put(joint, "note", MAKE.stringNode(""));
    }

    private static void arrays(ObjectNode node, String... names) {
        for (String name : names) {
            put(node, name, new ArrayNode(MAKE));
        }
    }

    private static void numbers(ObjectNode node, Map<String, Double> defaults) {
        defaults.forEach((name, value) -> put(node, name, MAKE.numberNode(value)));
    }

    /** What older files wrote as 0 while nobody knew it, or as a direction without length, is absent. */
    private static void zeroIsUnknown(ObjectNode node, String... names) {
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

    private static void put(ObjectNode node, String name, JsonNode value) {
        if (!node.has(name)) {
            node.set(name, value);
        }
    }
}
