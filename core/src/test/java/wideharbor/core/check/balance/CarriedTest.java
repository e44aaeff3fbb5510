package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.CarriedMass;
import wideharbor.core.analysis.HeadMoment;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What turns with the rig is carried: the pad it lies by, the handle it hangs by, and what rides on them. */
class CarriedTest {
    private static Parts body(Figure grams, double ahead) {
        return part("body")
                .weighs(grams, new Vec3(0, 40, ahead))
                .face("base", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("front", Role.B, new Vec3(0, 0, 100), Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE);
    }

    private static Parts support(double grams) {
        return part("support")
                .weighs(grams, Vec3.ZERO)
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .face("nose", Role.B, new Vec3(0, 0, 50), Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, -50, 0), Vec3.UP, Vec3.FORWARD);
    }

    private static Rigs worn(Parts body, Parts support, Way way) {
        return Rigs.rig()
                .with("body", body.make())
                .with(
                        "s",
                        support.facet(new SupportFacet.Support("datum", 0, 30_000, 8, way))
                                .make())
                .with(
                        "grip",
                        part("grip")
                                .can(Capability.IS_HANDHOLD)
                                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD.negated(), Vec3.UP, 2, Port.Pins.NONE)
                                .weighs(0, new Vec3(0, 0, 150))
                                .make())
                .join("j", "body:base", "s:top")
                .join("k", "body:front", "grip:foot")
                .on("s");
    }

    private static Rigs withPrompter(Rigs rigs) {
        return rigs.with(
                        "prompter",
                        part("prompter")
                                .weighs(2450, new Vec3(0, 0, 250))
                                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD.negated(), Vec3.UP, 2, Port.Pins.NONE)
                                .make())
                .join("p", "s:nose", "prompter:foot");
    }

    /**
     * 8 kg over the pad and a prompter of 2.45 kg on the pad's own rods, 300 ahead: 2.45 · 9.80665 · 300 / 250 = 28.8 N
     * at the grips. Only what hangs on the body's side used to count: 0 N.
     */
    @Test
    void whatRidesOnThePadWeighsOnTheHands() {
        Rigs bare = worn(body(Figure.maker(8000), 0), support(1200), Way.SHOULDER);
        verify(new ShoulderHold()).given(bare).holds();
        Finding finding = verify(new ShoulderHold())
                .given(withPrompter(worn(body(Figure.maker(8000), 0), support(1200), Way.SHOULDER)))
                .finds(Severity.CAUTION, 28.83, -15, 15, "N");
        assertEquals("Hands hold up 28.8 N", finding.title());
    }

    /** The pad's own mass is carried, and is no payload of the pad. */
    @Test
    void thePadIsCarriedAndIsNoPayload() {
        CarriedMass carried =
                CarriedMass.of(withPrompter(worn(body(Figure.maker(8000), 0), support(1200), Way.SHOULDER))
                        .analysis());
        assertEquals(8000 + 1200 + 2450, carried.mass().grams(), 1e-9);
        assertEquals(8000 + 2450, carried.payload().orElseThrow().value(), 1e-9);
    }

    /** Of a head only the link above its axis turns; what stands on the base does not. */
    @Test
    void ofAHeadThePlateAboveTheAxisIsCarried() {
        Port plain = part("plain")
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make()
                .port("top")
                .orElseThrow();
        Parts head = part("head")
                .link("main", 3000, new Vec3(0, -60, 0))
                .link("plate", 600, new Vec3(0, 30, 0))
                .hinge(
                        "tilt",
                        "main",
                        "plate",
                        new Vec3(0, -50, 0),
                        new Freedom.Rotate("tilt", Freedom.Axis.R, -90, 90, 0))
                .port(PortBuilder.builder(plain)
                        .id("top")
                        .link("plate")
                        .at(new Vec3(0, 50, 0))
                        .build())
                .port("datum", "datum", Role.EITHER, new Vec3(0, -50, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 30_000, 8, Way.TILTS, "plate"))
                .facet(new SupportFacet.Counterbalance(0, 5000));
        Rigs rigs = Rigs.rig()
                .with("body", body(Figure.maker(8000), 0).make())
                .with("s", head.make())
                .join("j", "body:base", "s:top")
                .on("s");
        assertEquals(8600, CarriedMass.of(rigs.analysis()).mass().grams(), 1e-9);
        // The plate stays on the head when the rig goes on the scale, and is not what a window is about.
        assertEquals(8000, CarriedMass.of(rigs.analysis()).lifted().grams(), 1e-9);
        assertEquals(
                8000,
                BalanceSheet.of(rigs.analysis()).orElseThrow().lenses().get(0).carriedGrams(),
                1e-9,
                "the sheet reads what the meter reads");
        // 8 kg at 90 over the axis and 0.6 kg at 30: 738 kg·mm.
        assertEquals(738, HeadMoment.of(rigs.analysis()).orElseThrow().held().value(), 1e-9);
    }

    @Test
    void aLinkThatIsNotThereIsRefused() {
        Parts head = support(100).facet(new SupportFacet.Support("datum", 0, 30_000, 8, Way.TILTS, "plate"));
        String said = assertThrows(IllegalArgumentException.class, head::make).getMessage();
        assertTrue(said.contains("names the link 'plate', which it does not have"), said);
    }

    /** 100 ± 20 kg·mm at the shoulder: the inner limit may be kept or passed, and the part to weigh is named. */
    @Test
    void aRangeAcrossALimitDecidesNothing() {
        Figure loose = new Figure.Known(6000, 3000, 9000, Figure.Source.MAKER, "", "");
        Finding finding = verify(new ShoulderHold())
                .given(worn(body(loose, 60), support(0), Way.SHOULDER))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
        assertEquals("Not certain: Hands hold up 14.1 N", finding.title());
        assertTrue(finding.why().contains("the mass of body decides it: measure it"), finding.why());
    }

    /** From 18.8 to 51.8 N: past 15 whatever it is, and perhaps past the 40 that nobody holds: each is told. */
    @Test
    void eachLimitIsJudgedByItself() {
        Figure loose = new Figure.Known(15_000, 8000, 22_000, Figure.Source.MAKER, "", "");
        var report = verify(new ShoulderHold())
                .given(worn(body(loose, 60), support(0), Way.SHOULDER))
                .report();
        assertEquals(2, report.findings().size());
        assertEquals(
                java.util.Set.of("STOP UNDECIDED", "CAUTION FOUND"),
                report.findings().stream()
                        .map(f -> f.severity() + " " + f.state())
                        .collect(java.util.stream.Collectors.toSet()));
    }
}
