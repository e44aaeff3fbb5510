package wideharbor.core.changeover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What must be there first is there first, whatever is written first in the build. */
class OrderTest {
    private static final ConfigurationId OTHER = ConfigurationId.of("other");

    /** A block with three places on it and a foot. */
    private static Parts block(String id) {
        Parts made =
                part(id).weighs(500, Vec3.ZERO).face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 1, Port.Pins.NONE);
        for (String face : List.of("a", "b", "c")) {
            made = made.face(face, Role.B, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE);
        }
        return made;
    }

    /** Body with an adapter that carries the lens, and rods with the lens's brace. */
    private static Rigs braced(Command... overlay) {
        ItemType lens = block("lens").is(Category.LENS).make();
        ItemType brace = block("brace")
                .is(Category.LENS_SUPPORT)
                .can(Capability.BRACES_LENS)
                .make();
        return Rigs.rig()
                .with("body", block("body").make())
                .with("adapter", block("adapter").make())
                .with("lens", lens)
                .with("rods", block("rods").make())
                .with("brace", brace)
                .join("1", "body:a", "adapter:foot")
                .join("2", "adapter:a", "lens:foot")
                .join("3", "body:b", "rods:foot")
                .join("4", "rods:a", "brace:foot")
                .on("none")
                .configuration(other(overlay));
    }

    private static Configuration other(Command... overlay) {
        return new Configuration(OTHER, "Other", PlacementId.of("none"), 0, 0, List.of(overlay), ConfigurationId.NONE);
    }

    private static Command[] without(String... parts) {
        return Arrays.stream(parts)
                .map(p -> new Command.Remove(PlacementId.of(p)))
                .toArray(Command[]::new);
    }

    private static List<String> way(Rigs rigs, ConfigurationId from, ConfigurationId to) {
        var build = rigs.build();
        return Ways.between(
                        Rig.resolve(build, from, LensId.NONE, rigs.catalogue()),
                        Rig.resolve(build, to, LensId.NONE, rigs.catalogue()),
                        HouseRules.DEFAULTS)
                .steps()
                .stream()
                .map(s -> s.act() + " " + s.part())
                .toList();
    }

    /** The lens comes with its adapter, the brace with its rods: rods on, adapter on; adapter off, rods off. */
    @Test
    void theBraceIsThereBeforeTheLensThatComesOnItsAdapter() {
        Rigs rigs = braced(without("adapter", "lens", "rods", "brace"));
        assertEquals(List.of("ON rods", "ON adapter"), way(rigs, OTHER, Rigs.STUDIO));
        assertEquals(List.of("OFF adapter", "OFF rods"), way(rigs, Rigs.STUDIO, OTHER));
    }

    @Test
    void theLensLeavesBeforeItsBraceWhicheverIsWrittenFirst() {
        Rigs rigs = braced(without("lens", "brace"));
        assertEquals(List.of("ON brace", "ON lens"), way(rigs, OTHER, Rigs.STUDIO));
        assertEquals(List.of("OFF lens", "OFF brace"), way(rigs, Rigs.STUDIO, OTHER));
    }

    /** A screen that moves from the handle to a new arm: arm on, screen over, and the handle off after that. */
    @Test
    void nothingIsHungOnWhatIsNotThereYetNorLeftOnWhatIsGone() {
        Rigs rigs = Rigs.rig()
                .with("body", block("body").make())
                .with("handle", block("handle").make())
                .with("screen", block("screen").make())
                .with("arm", block("arm").make())
                .join("1", "body:a", "handle:foot")
                .join("2", "handle:a", "screen:foot")
                .join("3", "body:b", "arm:foot")
                .on("none")
                .configuration(other(Stream.concat(
                                Arrays.stream(without("handle")),
                                Stream.of(
                                        new Command.Unjoin(new JointId("2")),
                                        new Command.Join(new Joint(
                                                new JointId("k"),
                                                Joint.Kind.LOCATING,
                                                Rigs.port("arm:a"),
                                                Rigs.port("screen:foot"),
                                                Joint.Confidence.TRIED_BY_US,
                                                ""))))
                        .toArray(Command[]::new)))
                .configuration(new Configuration(
                        ConfigurationId.of("bare"),
                        "Bare",
                        PlacementId.of("none"),
                        0,
                        0,
                        List.of(without("arm")),
                        ConfigurationId.NONE));
        assertEquals(List.of("ON arm", "OVER screen", "OFF handle"), way(rigs, ConfigurationId.of("bare"), OTHER));
        assertEquals(List.of("ON handle", "OVER screen", "OFF arm"), way(rigs, OTHER, ConfigurationId.of("bare")));
    }
}
