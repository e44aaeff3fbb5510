package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.standard.Standards;

/** Whoever copies an example of the guide gets a part. */
class AuthoringDocumentTest {
    private static final Path GUIDE = Path.of("..", "docs", "authoring.md");

    private static List<ItemType> examples() throws IOException {
        Matcher blocks = Pattern.compile("```json\\n(.*?)```", Pattern.DOTALL).matcher(Files.readString(GUIDE));
        List<ItemType> all = new ArrayList<>();
        while (blocks.find()) {
            all.add(new HarborCodec().readWrittenType(blocks.group(1)));
        }
        return all;
    }

    @Test
    void everyExampleIsAPart() throws IOException {
        List<ItemType> all = examples();
        assertEquals(3, all.size());
        assertTrue(all.get(1).links().get(0).massGrams() instanceof Figure.Unknown);
        ItemType tilting = all.get(2);
        assertEquals(
                new Vec3(0, 28, 0),
                tilting.internalJoint("tilt")
                        .orElseThrow()
                        .pose(0)
                        .apply(tilting.port("top").orElseThrow().at()),
                "untilted, the post ends over the middle");
    }

    /** The table of halves names standards that there are. */
    @Test
    void theHalvesAreOfStandardsThatThereAre() throws IOException {
        String table = Files.readString(GUIDE);
        for (String id : List.of(
                "cold-shoe",
                "flat-base",
                "gimbal-plate",
                "snap-plate",
                "wedge-plate",
                "v-mount",
                "three-stud",
                "slide-pack",
                "lens-brace",
                "front-clamp",
                "ball-1in",
                "rosette-31.8",
                "side-tie",
                "datum",
                "nato-rail")) {
            assertTrue(table.contains("`" + id + "`"), id);
            assertTrue(Standards.seed().find(id).isPresent(), id);
        }
    }
}
