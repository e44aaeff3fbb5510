package wideharbor.core.check.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Nudges;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Which settings are tried to bring two parts apart, in which order and by how much. */
class NudgesTest {
    private static List<String> titles(Rigs rigs, double depthMm, String... parts) {
        return Nudges.apart(rigs.analysis(), Ids.list(parts), depthMm).stream()
                .map(Candidate::title)
                .toList();
    }

    /** By the depth and a millimetre either way, then by two and a half times as much and three. */
    @Test
    void aSlideIsTriedBothWaysByALittleAndByMore() {
        assertEquals(
                List.of(
                        "Slide a 11.0 mm, to 11.0",
                        "Slide a 11.0 mm, to −11.0",
                        "Slide a 28.0 mm, to 28.0",
                        "Slide a 28.0 mm, to −28.0",
                        "Slide b 11.0 mm, to 11.0",
                        "Slide b 11.0 mm, to −11.0",
                        "Slide b 28.0 mm, to 28.0",
                        "Slide b 28.0 mm, to −28.0"),
                titles(AccessChecksTest.two(85), 10, "a", "b"));
    }

    /** The slide goes from −60 to 60 and stands at 55: 66 and 83 are beyond its end. Halves are what a scale shows. */
    @Test
    void onlyWhatTheSlideReachesIsTried() {
        assertEquals(
                List.of("Slide a 11.5 mm, to 43.5", "Slide a 28.5 mm, to 26.5"),
                titles(AccessChecksTest.two(85).set("a:foot:0", 55), 10.3, "a"));
    }

    @Test
    void theSettingIsChangedWhereItIsSet() {
        Candidate first = Nudges.apart(AccessChecksTest.two(85).analysis(), Ids.list("a"), 10)
                .get(0);
        assertEquals("nudge", first.kind());
        assertEquals(new Scope.Base(), first.commands().get(0).scope());
        Command.Set set = (Command.Set) first.commands().get(0).command();
        assertEquals("a:foot:0", set.key().toString());
        assertEquals(11, set.value(), 1e-9);
    }

    private static ItemType body() {
        return part("body")
                .face("top", Role.B, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
    }

    private static Rigs turning(double step) {
        return Rigs.rig()
                .with("body", body())
                .with(
                        "arm",
                        foot(part("arm"), new Freedom.Rotate("swing", Freedom.Axis.N, -100, 100, step))
                                .make())
                .join("j", "body:top", "arm:foot")
                .on("none");
    }

    /** What has no steps is turned by 15°, 45° and a right angle. */
    @Test
    void aTurnIsTriedByStepsAndByARightAngle() {
        assertEquals(
                List.of(
                        "Turn arm to 15.0°",
                        "Turn arm to −15.0°",
                        "Turn arm to 45.0°",
                        "Turn arm to −45.0°",
                        "Turn arm to 90.0°",
                        "Turn arm to −90.0°"),
                titles(turning(0), 10, "arm"));
    }

    /** Teeth of 40°: one, three are beyond the end, and 90° is nearest to two. */
    @Test
    void aToothedTurnKeepsToItsTeeth() {
        assertEquals(
                List.of("Turn arm to 40.0°", "Turn arm to −40.0°", "Turn arm to 80.0°", "Turn arm to −80.0°"),
                titles(turning(40), 10, "arm"));
    }

    /** Stands on a foot that slides so far either way. */
    private static Parts sliding(Parts part, double most) {
        return foot(part, new Freedom.Slide("slide", Freedom.Axis.R, -most, most, 0));
    }

    private static Parts foot(Parts part, Freedom freedom) {
        return part.moving("foot", "thread-3-8", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, freedom);
    }

    private static ItemType link(String id) {
        return sliding(part(id), 5)
                .face("top", Role.B, new Vec3(0, 20, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
    }

    /** Nearest first on the way to the root, six at the most; a hinge of the part itself is nearer than its joint. */
    @Test
    void theWayToTheRootIsGoneNearestFirst() {
        Rigs rigs = Rigs.rig().with("body", body()).on("none");
        String on = "body:top";
        for (int i = 1; i <= 7; i++) {
            rigs.with("p" + i, link("p" + i)).join("j" + i, on, "p" + i + ":foot");
            on = "p" + i + ":top";
        }
        assertEquals(
                List.of("p7", "p6", "p5", "p4", "p3", "p2"),
                titles(rigs, 1, "p7").stream()
                        .map(t -> t.split(" ")[1])
                        .distinct()
                        .toList());
        ItemType hinged = sliding(
                        part("flap")
                                .link("main", 100, Vec3.ZERO)
                                .link("wing", 100, Vec3.ZERO)
                                .hinge(
                                        "fold",
                                        "main",
                                        "wing",
                                        Vec3.ZERO,
                                        new Freedom.Rotate("fold", Freedom.Axis.N, -20, 20, 0)),
                        2)
                .make();
        assertEquals(
                List.of(
                        "Turn flap to 15.0°",
                        "Turn flap to −15.0°",
                        "Slide flap 2.0 mm, to 2.0",
                        "Slide flap 2.0 mm, to −2.0"),
                titles(
                        Rigs.rig()
                                .with("body", body())
                                .with("flap", hinged)
                                .join("j", "body:top", "flap:foot")
                                .on("none"),
                        1,
                        "flap"));
    }
}
