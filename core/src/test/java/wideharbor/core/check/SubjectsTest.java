package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;

/** What a finding is about is lit on the drawing, whatever kind of id its key holds. */
class SubjectsTest {
    private final Rigs rigs = Bag.powered()
            .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
            .join("j-lamp", "body:side", "lamp:foot")
            .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in");
    private final Rig rig = rigs.analysis().rig();

    private Set<String> of(Subject... subjects) {
        return Ids.texts(Subjects.placements(
                new Finding(
                        new FindingKey(
                                "x",
                                "y",
                                BuildId.of("a"),
                                ConfigurationId.of("studio"),
                                LensId.NONE,
                                List.of(subjects)),
                        Severity.NOTE,
                        CheckState.FOUND,
                        "t",
                        new Evidence.Statement("is", "should be"),
                        "w"),
                rig));
    }

    @Test
    void aJointLightsBothItsParts() {
        assertEquals(Set.of("lamp", "body"), of(Subject.joint(new JointId("j-lamp"))));
    }

    @Test
    void aCableLightsBothItsEnds() {
        assertEquals(Set.of("plate", "lamp"), of(Subject.cable(new CableId("k"))));
    }

    @Test
    void aSocketAPortAndASettingLightTheirPart() {
        assertEquals(Set.of("lamp"), of(Subject.socket(SocketRef.parse("lamp:in"))));
        assertEquals(Set.of("body"), of(Subject.setting(SettingKey.parse("body:side:0"))));
    }

    @Test
    void whatIsNoPartLightsNothing() {
        assertEquals(Set.of(), of(Subject.whole()));
        assertEquals(Set.of(), of(Subject.named("Director")));
    }
}
