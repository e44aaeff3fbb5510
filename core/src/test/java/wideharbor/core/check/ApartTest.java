package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Signals;

/** Remedies that differ read differently; those that do not are one. */
class ApartTest {
    private static final ItemType SHORT = Signals.cable(Carried.PICTURE, 50);
    private static final ItemType LONG = Signals.cable(Carried.PICTURE, 900);

    private static List<String> told(Remedies.Fix... fixes) {
        RigAnalysis analysis = Signals.rig()
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j", "body:face-1", "screen:foot")
                .inKit(SHORT, 2)
                .knows(LONG)
                .analysis();
        return new Apart(analysis.rig(), analysis.catalogue())
                .told(List.of(fixes)).stream().map(Remedies.Fix::title).toList();
    }

    private static Remedies.Fix plug(String title, ItemType cable, String outlet) {
        return fix(
                title,
                new Command.Connect(new CableRun(
                        new CableId("k"),
                        cable.ref(),
                        new SocketRef(PlacementId.of("body"), outlet),
                        new SocketRef(PlacementId.of("screen"), "sdi"))));
    }

    private static Remedies.Fix fix(String title, Command command) {
        return new Remedies.Fix(
                "", "cable", title, List.of(new Scoped(new Scope.Base(), command)), List.of(), Raised.of(List.of()));
    }

    @Test
    void byTheOutlet() {
        assertEquals(
                List.of("A cable: sdi-1 of body", "A cable: sdi-2 of body"),
                told(plug("A cable", SHORT, "sdi-1"), plug("A cable", SHORT, "sdi-2")));
    }

    @Test
    void byThePart() {
        assertEquals(
                List.of("A cable: " + SHORT.name(), "A cable: " + LONG.name()),
                told(plug("A cable", SHORT, "sdi-1"), plug("A cable", LONG, "sdi-1")));
    }

    @Test
    void byHowFarASettingGoes() {
        SettingKey slide = new SettingKey(PlacementId.of("screen"), "foot", 0);
        assertEquals(
                List.of("Slide it: to 4.0", "Slide it: to 12.5"),
                told(
                        fix("Slide it", new Command.Set(slide, 4, false)),
                        fix("Slide it", new Command.Set(slide, 12.5, false))));
    }

    /** The second is the first again; the third keeps its own words. */
    @Test
    void whatIsTheSameIsOne() {
        assertEquals(
                List.of("A cable", "Another"),
                told(
                        plug("A cable", SHORT, "sdi-1"),
                        plug("A cable", SHORT, "sdi-1"),
                        plug("Another", SHORT, "sdi-1")));
    }
}
