package wideharbor.core.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.id.BuildId;
import wideharbor.core.media.RollLog.Kept;
import wideharbor.core.media.RollLog.Stage;
import wideharbor.core.media.RollLog.Step;

class RollLogTest {
    private static final BuildId A = BuildId.of("a");

    private static Kept roll(String id, String name, String card, int begun, Stage... further) {
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(Stage.RECORDING, "Jonna", Instant.ofEpochSecond(begun)));
        for (int i = 0; i < further.length; i++) {
            steps.add(new Step(further[i], "Jonna", Instant.ofEpochSecond(begun + i + 1L)));
        }
        return new Kept(id, name, A, card, "4K raw", steps);
    }

    @Test
    void aCardIsNotRecordedOverBeforeItIsFree() {
        Kept first = roll("1", "A001", "MD-003", 0, Stage.OUT, Stage.COPIED);
        RollLog log = new RollLog(List.of(first));
        assertEquals(
                Optional.of("MD-003 is A001, copied and not checked. Nothing is recorded over it before it is free."),
                log.whyNotBegun("md-003"));
        assertEquals(Optional.empty(), log.whyNotBegun("MD-004"));
        Kept free = roll("1", "A001", "MD-003", 0, Stage.OUT, Stage.COPIED, Stage.CHECKED, Stage.FREED);
        assertEquals(Optional.empty(), new RollLog(List.of(free)).whyNotBegun("MD-003"));
    }

    @Test
    void rollsAreNumberedBodyByBody() {
        RollLog log = new RollLog(List.of(roll("1", "A001", "x", 0), roll("2", "A007", "y", 0)));
        assertEquals("A008", log.nextName(A));
        assertEquals("B001", log.nextName(BuildId.of("b")));
        assertEquals("A008", log.nextName(BuildId.of("a-second")), "no two of a job are called alike");
    }

    @Test
    void aRollGoesOnStepByStepAndOneBack() {
        Kept out = roll("1", "A001", "x", 0, Stage.OUT);
        RollLog log = new RollLog(List.of(out));
        assertEquals(Optional.empty(), log.whyNot(out, Stage.COPIED));
        assertEquals(Optional.empty(), log.whyNot(out, Stage.RECORDING));
        assertEquals(Optional.of("A001 is out and not copied: it goes on step by step."), log.whyNot(out, Stage.FREED));
        assertEquals(
                Stage.COPIED,
                RollLog.moved(out, new Step(Stage.COPIED, "Jonna", Instant.EPOCH))
                        .stage());
        assertEquals(Optional.of(Stage.RECORDING), out.stage().before());
        assertEquals(Optional.empty(), Stage.RECORDING.before());
        assertEquals(Optional.empty(), Stage.FREED.next());
        Kept back = RollLog.moved(out, new Step(Stage.RECORDING, "Jonna", Instant.EPOCH));
        assertEquals(1, back.steps().size());
    }

    /** Taken back, the first roll would be protected while the second is on the same card. */
    @Test
    void whatWasRecordedOverIsNotTakenBack() {
        Kept first = roll("1", "A001", "x", 0, Stage.OUT, Stage.COPIED, Stage.CHECKED, Stage.FREED);
        Kept second = roll("2", "A002", "X", 100);
        assertEquals(
                Optional.of("x has been recorded on again since."),
                new RollLog(List.of(first, second)).whyNot(first, Stage.CHECKED));
        assertEquals(Optional.empty(), new RollLog(List.of(first)).whyNot(first, Stage.CHECKED));
    }

    @Test
    void aRollHasACard() {
        assertThrows(IllegalArgumentException.class, () -> roll("1", "A001", " ", 0));
        assertThrows(IllegalArgumentException.class, () -> new Kept("1", "A001", A, "x", "raw", List.of()));
    }
}
