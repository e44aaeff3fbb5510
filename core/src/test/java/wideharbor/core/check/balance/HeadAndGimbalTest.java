package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.check.balance.PostureChecksTest.below;
import static wideharbor.core.check.balance.PostureChecksTest.mass;
import static wideharbor.core.check.balance.PostureChecksTest.on;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Rigs;

/** A body of so many grams at a place, on a tilting head or in a gimbal. */
class HeadAndGimbalTest {
    private static final double NONE = PostureChecksTest.NONE;

    @Nested
    class OnAHead {
        /** 12 kg, 100 over the base and so 150 over the axis: 1800 kg·mm. */
        private Rigs head(double from, double to) {
            return on(
                    mass(12_000, new Vec3(0, 100, 0)),
                    below("head", Way.TILTS, new SupportFacet.Counterbalance(from, to))
                            .make());
        }

        @Test
        void withinWhatTheSpringsHold() {
            verify(new Counterbalanced()).given(head(1000, 2000)).holds();
        }

        /** 300 kg·mm over: at 60° 300 · 9.80665 · sin 60° / 1000 = 2.5 N·m. */
        @Test
        void aboveItDrops() {
            Finding finding = verify(new Counterbalanced())
                    .given(head(1000, 1500))
                    .finds(Severity.CAUTION, 1800, 1000, 1500, "kg·mm");
            assertEquals("head lets the camera drop", finding.title());
            assertTrue(finding.why().startsWith("At 60.0° nose down 2.5 N·m"), finding.why());
        }

        @Test
        void belowItSpringsBack() {
            assertEquals(
                    "head springs back",
                    verify(new Counterbalanced())
                            .given(head(2500, 4000))
                            .finds(Severity.CAUTION, 1800, 2500, 4000, "kg·mm")
                            .title());
        }
    }

    @Nested
    class WithStepsAndDrag {
        /** 12 kg, 150 over the axis and so far ahead of it; springs from 1000 to 2000 in five settings, 250 apart. */
        private Rigs head(double up, double ahead, double drag) {
            return on(
                    mass(12_000, new Vec3(0, up - 50, ahead)),
                    below(
                                    "head",
                                    Way.TILTS,
                                    new SupportFacet.Counterbalance(1000, 2000, Optional.of(5), Optional.of(drag)))
                            .make());
        }

        /** 1800 kg·mm on 1750: at 60° (1800 − 1750)·sin 60°·g = 0.42 N·m. */
        @Test
        void theNearestStepLeavesALittle() {
            verify(new Counterbalanced()).given(head(150, 0, 0.5)).holds();
            Finding finding = verify(new Counterbalanced())
                    .given(head(150, 0, 0.4))
                    .finds(Severity.CAUTION, 0.4246, NONE, 0.4, "N·m");
            assertTrue(finding.title().contains("does not stay tilted: 0.4 N·m"), finding.title());
            assertTrue(finding.why().contains("springs set to 1750.0 kg·mm"), finding.why());
        }

        /** 1860 lies between 1750 and 2000 and takes 1750: 110·sin 60°·g = 0.93 N·m; steplessly nothing is left. */
        @Test
        void betweenTwoStepsTheDragMustHoldTheRest() {
            verify(new Counterbalanced()).given(head(155, 0, 0.9)).finds(Severity.CAUTION, 0.934, NONE, 0.9, "N·m");
            Rigs stepless = on(
                    mass(12_000, new Vec3(0, 105, 0)),
                    below(
                                    "head",
                                    Way.TILTS,
                                    new SupportFacet.Counterbalance(1000, 2000, Optional.empty(), Optional.of(0.1)))
                            .make());
            verify(new Counterbalanced()).given(stepless).holds();
        }

        /**
         * 10 ahead: level 12·10·g/1000 = 1.18 N·m; with what the springs leave, 50·sin θ + 120·cos θ is most at 22.6°.
         */
        @Test
        void whatIsAheadCountsWithIt() {
            verify(new Counterbalanced())
                    .given(head(150, 10, 1.2))
                    .finds(Severity.CAUTION, Math.hypot(50, 120) * 9.80665 / 1000, NONE, 1.2, "N·m");
        }
    }

    @Nested
    class OnAGimbal {
        private Rigs gimbal(double left, double up) {
            return on(
                    mass(3000, new Vec3(left, up - 50, 0)),
                    below("gimbal", Way.GIMBAL, new SupportFacet.Gimbal(18, 30)).make());
        }

        @Test
        void withinItsTravelItFindsTheMiddle() {
            verify(new GimbalAxes()).given(gimbal(10, 20)).holds();
        }

        /** 40 to the left, 18 of travel and 8 of tolerance. */
        @Test
        void tooFarAside() {
            Finding finding = verify(new GimbalAxes()).given(gimbal(40, 0)).finds(Severity.STOP, 40, -26, 26, "mm");
            assertEquals("Centre of mass 40.0 mm left of the pivot", finding.title());
        }

        @Test
        void tooHigh() {
            verify(new GimbalAxes()).given(gimbal(0, 60)).finds(Severity.STOP, 60, -38, 38, "mm");
        }
    }

    @Nested
    class InAGimbal {
        private Rigs gimbal(double tilt, double roll) {
            ItemType body = part("body")
                    .weighs(3000, new Vec3(0, -50, 0))
                    .shaped(new Shape.Box(new Vec3(-40, -90, -80), new Vec3(40, 10, 80), Shape.Use.SOLID))
                    .face("base", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
            return on(
                    body,
                    below(
                                    "gimbal",
                                    Way.GIMBAL,
                                    new SupportFacet.Gimbal(
                                            18, 30, Optional.of(tilt), Optional.of(roll), Optional.empty()))
                            .make());
        }

        /** From the datum 50 under the base: about tilt √(60² + 80²) = 100, about roll √(60² + 40²) = 72.1. */
        @Test
        void theFarthestCornerIsWhatSweeps() {
            verify(new GimbalSwing()).given(gimbal(101, 73)).holds();
            Finding finding = verify(new GimbalSwing()).given(gimbal(96, 73)).finds(Severity.STOP, 100, NONE, 96, "mm");
            assertEquals("body sweeps 100.0 mm about the tilt axis", finding.title());
            verify(new GimbalSwing()).given(gimbal(101, 70)).finds(Severity.STOP, 72.11, NONE, 70, "mm");
        }

        @Test
        void whereNoSwingIsOnFileNothingIsLookedAt() {
            verify(new GimbalSwing())
                    .given(on(
                            mass(3000, Vec3.ZERO),
                            below("gimbal", Way.GIMBAL, new SupportFacet.Gimbal(18, 30))
                                    .make()))
                    .looksAtNothing();
        }
    }
}
