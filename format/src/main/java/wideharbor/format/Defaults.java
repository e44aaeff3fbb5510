package wideharbor.format;

import static wideharbor.format.Filling.MAKE;
import static wideharbor.format.Filling.arrays;
import static wideharbor.format.Filling.numbers;
import static wideharbor.format.Filling.put;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fills in what a file may leave out, so that the core never meets an absent value. The store's rows go through the
 * same: one written before a property was thought of reads as a file that leaves it out.
 */
final class Defaults {
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
            PartDefaults.itemType((ObjectNode) type);
        }
        for (JsonNode build : file.path("builds")) {
            build((ObjectNode) build);
        }
        if (file.path("brief") instanceof ObjectNode brief) {
            numbers(brief, Map.of("massFloorGrams", 0.0, "massCeilingGrams", 0.0));
            BriefDefaults.brief(brief);
        }
    }

    static void build(ObjectNode build) {
        arrays(build, "removed", "joints", "cables", "settings", "lenses");
        for (JsonNode placement : build.path("placements")) {
            put((ObjectNode) placement, "label", MAKE.stringNode(""));
            put((ObjectNode) placement, "weighedGrams", MAKE.objectNode().put("unknown", "not weighed"));
            put((ObjectNode) placement, "piece", MAKE.stringNode(""));
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
}
