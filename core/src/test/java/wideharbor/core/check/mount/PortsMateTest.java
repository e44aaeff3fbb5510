package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Pins.Kind;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.standard.Standards;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class PortsMateTest {
    @Test
    void holdsWhereBothFacesAreHalvesOfOneStandard() {
        verify(new PortsMate()).given(Bag.onHead()).holds();
    }

    @Test
    void findsTwoStandardsAndNamesBoth() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with(
                        "odd",
                        part("odd")
                                .port("foot", "cold-shoe", Role.B, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                                .make())
                .join("j", "body:base", "odd:foot")
                .on("none");
        var finding = verify(new PortsMate()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("3/8-16 thread does not go on cold shoe.", finding.why());
        assertEquals("odd does not fit body", finding.title());
    }

    @Test
    void looksAtNothingWithoutJoints() {
        verify(new PortsMate()).looksAtNothing();
    }

    @Test
    void leavesRodsToTheirOwnCheck() {
        Rigs rigs = Rigs.rig()
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods("wide", "rod-15-studio", 15, 300))
                .join("j", "bridge:rods", "rods:rods")
                .on("none");
        verify(new PortsMate()).given(rigs).looksAtNothing();
    }

    /** Fixed pins need holes; retractable ones go in where there are none; either way round. */
    @ParameterizedTest
    @CsvSource({
        "NONE, NONE, true",
        "FIXED, HOLES, true",
        "FIXED, NONE, false",
        "FIXED, FIXED, false",
        "RETRACTABLE, NONE, true",
        "RETRACTABLE, HOLES, true",
        "HOLES, NONE, true"
    })
    void seatsByPins(Kind a, Kind b, boolean seats) {
        assertEquals(seats, Mating.mates(face(Role.A, a), face(Role.B, b), Standards.seed()));
        assertEquals(seats, Mating.mates(face(Role.B, b), face(Role.A, a), Standards.seed()), "symmetric");
    }

    /** Pins at 12 mm do not find holes at 16. */
    @Test
    void pinsOfAnotherSpacingDoNotSeat() {
        Port.Pins holes = new Port.Pins(Kind.HOLES, 2, 4, 16);
        Port face = PortBuilder.builder()
                .id("f")
                .title("f")
                .standard("thread-3-8")
                .role(Role.B)
                .link("main")
                .at(Vec3.ZERO)
                .normal(DOWN)
                .up(Vec3.FORWARD)
                .pins(holes)
                .screws(java.util.List.of())
                .freedoms(java.util.List.of())
                .build();
        assertTrue(Mating.whyNot(face(Role.A, Kind.FIXED), face, Standards.seed())
                .orElseThrow()
                .startsWith("does not seat"));
    }

    @Test
    void twoFacesOfTheSameHalfDoNotMate() {
        assertTrue(Mating.whyNot(face(Role.A, Kind.NONE), face(Role.A, Kind.NONE), Standards.seed())
                .isPresent());
    }

    private static Port face(Role role, Kind kind) {
        Port.Pins pins = kind == Kind.NONE ? Port.Pins.NONE : Parts.pins(kind);
        return PortBuilder.builder()
                .id("p")
                .title("p")
                .standard("thread-3-8")
                .role(role)
                .link("main")
                .at(Vec3.ZERO)
                .normal(Vec3.UP)
                .up(Vec3.FORWARD)
                .pins(pins)
                .screws(java.util.List.of())
                .freedoms(java.util.List.of())
                .build();
    }
}
