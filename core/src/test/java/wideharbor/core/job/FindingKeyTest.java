package wideharbor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;

class FindingKeyTest {
    private static final List<Subject> ALL = List.of(
            Subject.part(PlacementId.of("rods")),
            Subject.port(new PortRef(PlacementId.of("body"), "top")),
            Subject.socket(new SocketRef(PlacementId.of("body"), "sdi-1")),
            Subject.joint(new JointId("j-1")),
            Subject.cable(new CableId("k-1")),
            Subject.setting(new SettingKey(PlacementId.of("rods"), "rods", 0)),
            Subject.type(new TypeRef("battery-150", 2)),
            Subject.named("Picture desk, B | 100 %"),
            Subject.whole());

    private static FindingKey key(String aspect, List<Subject> subjects) {
        return new FindingKey(
                "lens.support", aspect, BuildId.of("a"), ConfigurationId.of("studio"), LensId.of("s50"), subjects);
    }

    @Test
    void theTextFormReadsBackAsTheSameKey() {
        FindingKey key = key("moment", ALL);
        assertEquals(key, FindingKey.parse(key.toString()));
        assertEquals(
                "lens.support|moment|a|studio|s50|part:rods",
                key("moment", List.of(Subject.part(PlacementId.of("rods")))).toString());
    }

    @Test
    void anotherFactOfTheSamePartIsAnotherFinding() {
        List<Subject> lens = List.of(Subject.part(PlacementId.of("lens")));
        assertNotEquals(key("moment", lens), key("length", lens));
        assertNotEquals(key("moment", lens).anywhere(), key("length", lens).anywhere());
    }

    @Test
    void whatConfigurationsShareIsOneThing() {
        FindingKey elsewhere = new FindingKey(
                "lens.support",
                "moment",
                BuildId.of("a"),
                ConfigurationId.of("low"),
                LensId.of("s50"),
                List.of(Subject.part(PlacementId.of("lens"))));
        assertEquals(
                key("moment", List.of(Subject.part(PlacementId.of("lens")))).anywhere(), elsewhere.anywhere());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "rods.reach|a|studio||rods",
                "rods.reach|front|a|studio||rods",
                "rods.reach|front|a|studio||shelf:rods",
                "rods.reach|front|a|studio||port:body",
                "rods.reach|front|a|studio||setting:body:top",
                "rods.reach|front|a|studio||type:battery"
            })
    void whatIsNoKeyIsRefusedByName(String text) {
        String said = assertThrows(IllegalArgumentException.class, () -> FindingKey.parse(text))
                .getMessage();
        String last = text.substring(text.lastIndexOf('|') + 1);
        assertTrue(said.contains(text) || said.contains(last), said);
    }

    @Test
    void whatASubjectIsNotCannotBeAskedOfIt() {
        FindingKey key = key("moment", List.of(Subject.part(PlacementId.of("lens"))));
        assertEquals(PlacementId.of("lens"), key.part());
        assertTrue(assertThrows(IllegalArgumentException.class, key::cable)
                .getMessage()
                .contains("not about a Cable"));
    }
}
