package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.Relation;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What parts want of each other, and the one right way round. */
class RelationsTest {
    private static Parts body() {
        return part("body")
                .face("top", Role.B, new Vec3(0, 50, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("side", Role.B, new Vec3(50, 0, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE);
    }

    private static Parts block(String id) {
        return part(id).face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE);
    }

    private static Rigs on(ItemType part) {
        return Rigs.rig()
                .with("body", body().make())
                .with("it", part)
                .join("j", "body:top", "it:foot")
                .on("none");
    }

    @Nested
    class Needs {
        private final ItemType hood =
                block("hood").wants(Relation.Kind.NEEDS, "bracket").make();

        @Test
        void aPartWithoutWhatItNeedsIsAStop() {
            Finding finding = verify(new NeedsWithIt())
                    .given(on(hood).knows(block("bracket").make()))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertEquals("hood needs bracket", finding.title());
        }

        private ItemType bracket() {
            return block("bracket")
                    .face("seat", Role.B, new Vec3(0, 20, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
        }

        @Test
        void itIsMetByThatPartUnderIt() {
            verify(new NeedsWithIt())
                    .given(Rigs.rig()
                            .with("body", body().make())
                            .with("b", bracket())
                            .with("it", hood)
                            .join("k", "body:top", "b:foot")
                            .join("j", "b:seat", "it:foot")
                            .on("none"))
                    .holds();
        }

        /** A bracket elsewhere holds no hood; the fix puts it where the hood sits. */
        @Test
        void elsewhereItDoesNothing() {
            Rigs apart = on(hood).with("b", bracket()).join("k", "body:side", "b:foot");
            Finding finding = verify(new NeedsWithIt()).given(apart).finds(Severity.STOP, CheckState.FOUND);
            assertEquals("elsewhere on the rig", ((Evidence.Statement) finding.evidence()).measured());
            assertEquals(
                    "bracket between body and hood",
                    verify(new NeedsWithIt())
                            .given(on(hood).knows(bracket()))
                            .isMendedBy("between")
                            .title());
        }

        @Test
        void aCapabilityIsMetByAnyPartThatHasIt() {
            ItemType box = block("box").wants(Relation.Kind.NEEDS, "HOLDS_RODS").make();
            ItemType bridge = block("bridge")
                    .can(Capability.HOLDS_RODS)
                    .face("front", Role.B, new Vec3(0, 20, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
            verify(new NeedsWithIt()).given(on(box)).finds(Severity.STOP, CheckState.FOUND);
            verify(new NeedsWithIt())
                    .given(Rigs.rig()
                            .with("body", body().make())
                            .with("b", bridge)
                            .with("it", box)
                            .join("k", "body:top", "b:foot")
                            .join("j", "b:front", "it:foot")
                            .on("none"))
                    .holds();
        }

        /** A cable that is plugged is there, too. */
        @Test
        void itIsMetByACableThatIsPlugged() {
            ItemType lead = Bag.cable("lead", "1+ 2−", 0, 300);
            ItemType lamp = part("lamp")
                    .weighs(100, Vec3.ZERO)
                    .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .socket("in", wideharbor.core.catalog.Socket.Direction.IN, "circular 2-pin", "1+ 2−")
                    .facet(new wideharbor.core.catalog.PowerFacet.PowerInput(
                            "in",
                            11,
                            17,
                            1,
                            wideharbor.core.quantity.Figure.maker(5),
                            wideharbor.core.quantity.Figure.maker(5),
                            0))
                    .wants(Relation.Kind.NEEDS, "lead")
                    .make();
            Rigs rigs = Bag.powered().with("lamp", lamp).join("j-lamp", "body:side", "lamp:foot");
            verify(new NeedsWithIt()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
            verify(new NeedsWithIt())
                    .given(rigs.cable("k", lead, "plate:out-1", "lamp:in"))
                    .holds();
        }

        /** What works by a cable is hung on a port that is free: the side, for the top is taken. */
        @Test
        void theFixHangsItWhereThereIsRoom() {
            ItemType motor =
                    wired("motor").wants(Relation.Kind.NEEDS, "receiver").make();
            assertEquals(
                    "Add receiver on body",
                    verify(new NeedsWithIt())
                            .given(on(motor).knows(wired("receiver").make()))
                            .isMendedBy("add")
                            .title());
        }

        private static Parts wired(String id) {
            return block(id).socket("bus", wideharbor.core.catalog.Socket.Direction.IN, "circular 4-pin", "bus");
        }

        @Test
        void withoutRelationsThereIsNothingToLookAt() {
            verify(new NeedsWithIt()).given(on(block("hood").make())).looksAtNothing();
        }
    }

    @Nested
    class Together {
        private Rigs both() {
            ItemType one = block("one").wants(Relation.Kind.EXCLUDES, "two").make();
            ItemType two = block("two").wants(Relation.Kind.EXCLUDES, "one").make();
            return on(one).with("other", two).join("k", "body:side", "other:foot");
        }

        @Test
        void aPairThatExcludesEachOtherIsOneStop() {
            Finding finding = verify(new NotTogether()).given(both()).finds(Severity.STOP, CheckState.FOUND);
            assertEquals(Ids.list("it", "other"), finding.key().parts());
        }

        @Test
        void eitherMayComeOff() {
            assertEquals(
                    "Take one off",
                    verify(new NotTogether())
                            .given(both())
                            .isMendedBy("take-off")
                            .title());
        }

        @Test
        void aloneItIsFine() {
            verify(new NotTogether())
                    .given(on(block("one").wants(Relation.Kind.EXCLUDES, "two").make()))
                    .holds();
        }
    }

    @Nested
    class OneWay {
        private final Freedom halfTurns = new Freedom.Rotate("turn", Freedom.Axis.N, 0, 180, 180);

        private Rigs turned(double degrees) {
            ItemType head = part("body")
                    .marked("top", "snap-plate", Role.B, Vec3.ZERO, Vec3.UP, "lever side")
                    .make();
            ItemType plate = part("plate")
                    .marked("foot", "snap-plate", Role.A, Vec3.ZERO, DOWN, "arrow", halfTurns)
                    .make();
            return Rigs.rig()
                    .with("body", head)
                    .with("plate", plate)
                    .join("j", "body:top", "plate:foot")
                    .set("plate:foot:0", degrees)
                    .on("none");
        }

        @Test
        void markToMarkHolds() {
            verify(new OneWayRound()).given(turned(0)).holds();
        }

        @Test
        void theWrongWayRoundIsAStopOfHalfATurn() {
            Finding finding = verify(new OneWayRound())
                    .given(turned(180))
                    .finds(Severity.STOP, 180, Double.NEGATIVE_INFINITY, 1, "°");
            assertEquals("Its arrow goes to the lever side of body.", finding.why());
            verify(new OneWayRound()).given(turned(180)).isMendedBy("turn");
        }

        @Test
        void withoutMarksAnyWayWillDo() {
            verify(new OneWayRound()).given(on(block("it").make())).looksAtNothing();
        }
    }

    @Nested
    class OutsideItsPurpose {
        @Test
        void theNoteIsTold() {
            Joint.Confidence how = Joint.Confidence.IMPROVISED;
            assertThrows(
                    IllegalArgumentException.class,
                    () -> on(block("it").make()).with("x", block("x").make()).join("k", "body:side", "x:foot", how));
        }

        @Test
        void itIsACautionWithTheLimit() {
            Rigs rig = Rigs.rig()
                    .with("body", body().make())
                    .with("it", block("it").make())
                    .improvise("j", "body:top", "it:foot", "a shelf; 300 g at most")
                    .on("none");
            Finding finding = verify(new Improvised()).given(rig).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("a shelf; 300 g at most.", finding.why());
            assertEquals("Improvised: it on body", finding.title());
        }
    }
}
