package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.Relation;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class IdlePartsTest {
    private static Parts block(String id) {
        return part(id).face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE);
    }

    private static Rigs with(Parts it) {
        return Bag.onHead().with("it", it.make()).join("j-it", "body:top", "it:foot");
    }

    @Test
    void whatCarriesOrBearsIsTold() {
        var rig = Bag.onHead().resolve();
        assertEquals(List.of("carries bridge", "bears the rig"), IdleParts.of(rig, PlacementId.of("quick")));
        assertEquals(
                List.of("makes the picture", "carries quick", "bears the rig"),
                IdleParts.of(rig, PlacementId.of("body")));
        assertEquals(List.of("bears the rig"), IdleParts.of(rig, PlacementId.of("head")));
    }

    @Test
    void whatNothingReliesOnIsIdle() {
        assertEquals(
                List.of(new IdleParts.Idle(Rigs.BUILD, PlacementId.of("it"), "clip")),
                IdleParts.idle(JobAnalysis.of(with(block("clip")).job())));
    }

    @Test
    void aPartThatAnotherNeedsIsNot() {
        Rigs rigs = with(block("clip"))
                .with("other", block("other").wants(Relation.Kind.NEEDS, "clip").make())
                .join("j-other", "body:side", "other:foot");
        assertTrue(IdleParts.idle(JobAnalysis.of(rigs.job())).stream()
                .noneMatch(i -> i.placement().equals(PlacementId.of("it"))));
        assertEquals(List.of("needed by other"), IdleParts.of(rigs.resolve(), PlacementId.of("it")));
    }

    /** On the studio it idles, in the other configuration it carries a lamp: it has its reason. */
    @Test
    void oneReasonInOneConfigurationIsEnough() {
        Rigs rigs = Bag.onHead()
                .with(
                        "it",
                        block("it")
                                .face("top", Role.B, new Vec3(0, 10, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                                .make())
                .join("j-it", "body:top", "it:foot")
                .knows(block("lamp").make())
                .configuration(new Configuration(
                        ConfigurationId.of("lit"),
                        "Lit",
                        PlacementId.of("head"),
                        0,
                        0,
                        List.of(
                                new Command.Place(PlacementId.of("lamp"), Parts.ref("lamp"), ""),
                                new Command.Join(new Joint(
                                        new JointId("j-lamp"),
                                        Joint.Kind.LOCATING,
                                        Rigs.port("it:top"),
                                        Rigs.port("lamp:foot"),
                                        Joint.Confidence.TRIED_BY_US,
                                        ""))),
                        ConfigurationId.NONE));
        assertEquals(
                Ids.list("lamp"),
                IdleParts.idle(JobAnalysis.of(rigs.job())).stream()
                        .map(IdleParts.Idle::placement)
                        .toList());
    }
}
