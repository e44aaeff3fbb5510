package wideharbor.format;

import static wideharbor.format.Filling.MAKE;
import static wideharbor.format.Filling.arrays;
import static wideharbor.format.Filling.numbers;
import static wideharbor.format.Filling.put;
import static wideharbor.format.Filling.texts;
import static wideharbor.format.Filling.zeroIsUnknown;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a brief may leave out. */
final class BriefDefaults {
    private BriefDefaults() {}

    static void brief(ObjectNode brief) {
        texts(brief, Map.of("notes", "", "place", ""));
        arrays(brief, "lenses", "configurations");
        put(brief, "asks", MAKE.objectNode());
        ObjectNode asks = (ObjectNode) brief.path("asks");
        arrays(asks, "changes", "spares", "tapes", "worn", "own");
        for (JsonNode worn : asks.path("worn")) {
            numbers((ObjectNode) worn, Map.of("floorGrams", 0.0, "ceilingGrams", 0.0));
        }
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
        texts(shoot, Map.of("orientation", "ANY", "sound", "NONE", "focus", "UNSAID"));
        numbers(shoot, Map.of("longestStretchHours", 0.0));
        zeroIsUnknown(shoot, "insuredValue", "claimedHours");
        put(shoot, "flyers", MAKE.numberNode(0));
        put(shoot, "timecode", MAKE.booleanNode(false));
        arrays(shoot, "viewers", "recordings", "day");
        for (JsonNode block : shoot.path("day")) {
            put((ObjectNode) block, "mains", MAKE.booleanNode(false));
            arrays((ObjectNode) block, "parts");
        }
        for (JsonNode recording : shoot.path("recordings")) {
            texts((ObjectNode) recording, Map.of("build", ""));
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
}
