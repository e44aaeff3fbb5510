package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.id.CableId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

/** Cables by hand. */
class CableEditsTest {
    private static final SocketRef SDI_1 = new SocketRef(PlacementId.of("body"), "sdi-1");
    private static final SocketRef SCREEN = new SocketRef(PlacementId.of("screen"), "sdi");
    private static final ItemType SHORT = Signals.cable(Carried.PICTURE, 50);
    private static final ItemType LONG = Signals.cable(Carried.PICTURE, 900);

    private static Rigs rigs() {
        return Signals.rig()
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .with("other", Signals.display("other", Trust.FRAME, 3))
                .join("j", "body:face-1", "screen:foot")
                .join("i", "body:face-2", "other:foot")
                .inKit(SHORT, 2)
                .knows(LONG);
    }

    private static Job after(Rigs rigs, List<Scoped> edit) {
        Job job = rigs.job();
        GearPackage then = job.gear().apply(Rigs.BUILD, edit, job.catalogue()).after();
        return job.with(then);
    }

    private static RigAnalysis analysis(Job job) {
        return RigAnalysis.of(job, job.gear().build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
    }

    @Test
    void offersOpenInputsOfTheSameKind() {
        List<CableEdits.Offer> offers = CableEdits.offers(rigs().analysis(), SDI_1);
        assertEquals(
                List.of("screen", "other"),
                offers.stream().map(o -> o.to().part()).toList());
        assertEquals(
                List.of("screen"),
                CableEdits.offers(
                                rigs().cable("k", LONG, "body:sdi-2", "other:sdi")
                                        .analysis(),
                                SDI_1)
                        .stream()
                        .map(o -> o.to().part())
                        .toList());
    }

    /** A cable that reaches comes before one in the kit that does not. */
    @Test
    void whatReachesComesFirst() {
        CableEdits.Offer offer = CableEdits.offers(rigs().analysis(), SDI_1).get(0);
        assertEquals(
                List.of(LONG, SHORT),
                offer.cables().stream().map(Wiring.Choice::type).toList());
        assertEquals(2, offer.cables().get(1).inKit());
        assertTrue(offer.cables().get(1).lengthMm() < offer.cables().get(1).neededMm());
    }

    @Test
    void fromAnInputItLeadsToOutputs() {
        assertEquals(
                List.of("sdi-1", "sdi-2"),
                CableEdits.offers(rigs().analysis(), SCREEN).stream()
                        .map(o -> o.to().title())
                        .toList());
    }

    /** It comes out of the kit, and goes back into it. */
    @Test
    void pluggedAndUnpluggedItIsAsBefore() {
        Rigs rigs = rigs();
        Job plugged = after(rigs, CableEdits.plug(rigs.analysis(), SDI_1, SCREEN, SHORT));
        assertEquals(1, plugged.gear().kit().count(SHORT.ref()));
        CableRun cable = analysis(plugged).rig().content().cables().iterator().next();
        assertEquals(SDI_1, cable.a());
        GearPackage back = plugged.gear()
                .apply(Rigs.BUILD, CableEdits.unplug(analysis(plugged), cable.id()), plugged.catalogue())
                .after();
        assertEquals(rigs.job().gear().kit().counts(), back.kit().counts());
        assertEquals(
                rigs.job().gear().build(Rigs.BUILD).base(),
                back.build(Rigs.BUILD).base());
    }

    @Test
    void whatIsTakenOrDoesNotFitIsRefused() {
        Rigs taken = rigs().cable("k", LONG, "body:sdi-1", "other:sdi");
        assertTrue(assertThrows(EditRefused.class, () -> CableEdits.plug(taken.analysis(), SDI_1, SCREEN, SHORT))
                .getMessage()
                .contains("sdi-1 of body is taken"));
        assertTrue(assertThrows(
                        EditRefused.class, () -> CableEdits.plug(rigs().analysis(), SDI_1, SCREEN, Signals.power()))
                .getMessage()
                .contains("does not join"));
        assertTrue(assertThrows(EditRefused.class, () -> CableEdits.unplug(rigs().analysis(), new CableId("gone")))
                .getMessage()
                .contains("no cable 'gone'"));
    }

    /** Laid and laid back: the inverse of the edit restores it, and what it names cannot be taken off file. */
    @Test
    void layingIsUndone() {
        Rigs rigs = rigs().cable("k", LONG, "body:sdi-1", "screen:sdi");
        Job job = rigs.job();
        var applied = job.gear()
                .apply(
                        Rigs.BUILD,
                        CableEdits.lay(
                                rigs.analysis(),
                                new CableId("k"),
                                new CableRun.Laid(List.of(PlacementId.of("other")), PlacementId.NONE)),
                        job.catalogue());
        assertEquals(
                Ids.list("other"),
                applied.after()
                        .build(Rigs.BUILD)
                        .base()
                        .cable(new CableId("k"))
                        .orElseThrow()
                        .laid()
                        .along());
        GearPackage back = applied.after()
                .apply(Rigs.BUILD, applied.inverse(), job.catalogue())
                .after();
        assertEquals(job.gear().build(Rigs.BUILD).base(), back.build(Rigs.BUILD).base());
    }

    @Test
    void aWayAlongNothingAndABayThatIsNoneAreRefused() {
        Rigs rigs = rigs().cable("k", LONG, "body:sdi-1", "screen:sdi");
        assertTrue(refused(rigs, new CableRun.Laid(List.of(PlacementId.of("gone")), PlacementId.NONE))
                .contains("gone"));
        assertTrue(refused(rigs, new CableRun.Laid(List.of(), PlacementId.of("screen")))
                .contains("bay"));
        assertFalse(rigs.analysis().rig().content().cables().isEmpty());
    }

    private static String refused(Rigs rigs, CableRun.Laid laid) {
        Job job = rigs.job();
        List<Scoped> edit = CableEdits.lay(rigs.analysis(), new CableId("k"), laid);
        return assertThrows(EditRefused.class, () -> job.gear().apply(Rigs.BUILD, edit, job.catalogue()))
                .getMessage();
    }
}
