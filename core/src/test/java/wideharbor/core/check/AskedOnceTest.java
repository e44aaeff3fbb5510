package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.CableId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What no lens touches is asked once: the answer is the same as if it were asked with every lens. */
class AskedOnceTest {
    private static final ItemType WIRE = Bag.cable("wire", "1+ 2−", 0, 300);

    private static Rigs rig() {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(62), Figure.maker(62)))
                .with("spare", Bag.device("spare", Figure.maker(9), Figure.maker(9)))
                .join("j-lamp", "body:side", "lamp:foot")
                .join("j-spare", "body:top", "spare:foot")
                .cable("k", WIRE, "plate:out-1", "lamp:in")
                .lens("l35", Bag.lens("lens-35", 1200, 60, 120), "body:mount", "mount")
                .lens("l75", Bag.lens("lens-75", 1900, 80, 160), "body:mount", "mount");
    }

    private static Command plugs() {
        return new Command.Connect(new CableRun(
                new CableId("k2"),
                WIRE.ref(),
                new SocketRef(PlacementId.of("plate"), "out-2"),
                new SocketRef(PlacementId.of("spare"), "in")));
    }

    /** Every check with every lens, one after the other, as the plain rule says. */
    private static Report plainly(Rigs rigs) {
        CheckEngine engine = CheckEngine.standard();
        List<Report> all = new ArrayList<>();
        for (LensId lens : rigs.build().lensIds()) {
            all.add(engine.check(rigs.analysis(lens.toString())));
        }
        return engine.together(all);
    }

    private static void sameAsPlain(Rigs rigs) {
        Report once = CheckEngine.standard().check(rigs.job());
        Report plain = plainly(rigs);
        assertEquals(plain.findings(), once.findings());
        assertEquals(plain.looked(), once.looked());
    }

    @Test
    void withLensesThatLeaveTheWiringAsItIs() {
        sameAsPlain(rig());
        ConfigurationAnalysis analyses = JobAnalysis.of(rig().job()).of(new ConfigurationKey(Rigs.BUILD, Rigs.STUDIO));
        assertEquals(
                Set.of(Basis.WIRING, Basis.LAID_WIRING),
                analyses.with(LensId.of("l75")).sameAs(analyses.with(LensId.of("l35"))));
        assertEquals(
                Set.of(),
                analyses.with(LensId.of("l75")).sameAs(rig().analysis("l35")),
                "of another job nothing is taken over");
    }

    /** This lens brings a cable along: what is fed is another thing with it. */
    @Test
    void withALensThatBringsACable() {
        Rigs rigs = rig().lens("l135", Bag.lens("lens-135", 2600, 90, 200), "body:mount", "mount", plugs());
        sameAsPlain(rigs);
        Report report = CheckEngine.standard().check(rigs.job());
        assertTrue(
                report.findings().stream().anyMatch(f -> f.title().equals("spare has no power")),
                "unfed with the first two");
    }

    /** The lens with the cable first: the others are not like it. */
    @Test
    void whicheverComesFirst() {
        Rigs rigs = Bag.powered()
                .with("spare", Bag.device("spare", Figure.maker(9), Figure.maker(9)))
                .join("j-spare", "body:top", "spare:foot")
                .lens("l135", Bag.lens("lens-135", 2600, 90, 200), "body:mount", "mount", plugs())
                .lens("l35", Bag.lens("lens-35", 1200, 60, 120), "body:mount", "mount")
                .knows(WIRE);
        sameAsPlain(rigs);
    }

    /** A lens for which the lamp is turned away: fed as before, but the cable lies elsewhere. */
    @Test
    void aPartThatStandsElsewhereIsLaidAnew() {
        ItemType swivel = Parts.part("swivel")
                .weighs(500, Vec3.ZERO)
                .moving(
                        "foot",
                        "thread-3-8",
                        Port.Role.A,
                        Vec3.ZERO,
                        Parts.RIGHT,
                        Vec3.UP,
                        new Freedom.Rotate("turn", Freedom.Axis.N, -90, 90, 0))
                .plug("in", Socket.Direction.IN, new Vec3(0, 0, 400), Vec3.FORWARD)
                .facet(new PowerFacet.PowerInput("in", 11, 17, 1, Figure.maker(5), Figure.maker(5), 0))
                .make();
        Rigs rigs = Bag.powered()
                .with("swivel", swivel)
                .join("j", "body:side", "swivel:foot")
                .cable("k", Bag.cable("wire-700", "1+ 2−", 0, 700), "plate:out-1", "swivel:in")
                .lens("l35", Bag.lens("lens-35", 1200, 60, 120), "body:mount", "mount")
                .lens(
                        "l75",
                        Bag.lens("lens-75", 1900, 80, 160),
                        "body:mount",
                        "mount",
                        new Command.Set(SettingKey.parse("swivel:foot:0"), 60, false));
        sameAsPlain(rigs);
        ConfigurationAnalysis analyses = JobAnalysis.of(rigs.job()).of(new ConfigurationKey(Rigs.BUILD, Rigs.STUDIO));
        assertEquals(Set.of(Basis.WIRING), analyses.with(LensId.of("l75")).sameAs(analyses.with(LensId.of("l35"))));
    }
}
