package wideharbor.core.note;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class NoteTest {
    /** Of a rig: its parts, the lens of the set, what is in the kit, its piece, and what its joints are made by. */
    @Test
    void aJobIsAboutWhatIsInIt() {
        Job plain = Bag.onHead()
                .lens("anvil", Bag.lens("anvil", 1000, 10, 50), "body:mount", "mount")
                .inKit(Bag.rods(300), 1)
                .job();
        Job job = plain.with(plain.gear()
                .apply(
                        Rigs.BUILD,
                        List.of(Scoped.base(new Command.Identify(PlacementId.of("body"), "B-1"))),
                        plain.catalogue())
                .after());
        Set<String> all = new TreeSet<>();
        About.in(job).forEach(a -> all.add(a.toString()));
        assertTrue(
                all.containsAll(List.of(
                        "type:body",
                        "type:anvil",
                        "type:rods-300",
                        "piece:B-1",
                        "standard:mount-pl",
                        "job:" + job.id())),
                all.toString());
        assertFalse(all.contains("type:none"));
    }

    @Test
    void whatItIsAboutIsReadAsItIsWritten() {
        for (String written : List.of("type:head-120", "piece:B-1", "standard:mount-pl", "job:tide-mill")) {
            assertEquals(written, About.parse(written).toString());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "type", "type:", ":x", "lamp:x", "type:a b"})
    void anythingElseIsRefused(String written) {
        assertThrows(IllegalArgumentException.class, () -> About.parse(written));
    }

    @Test
    void aNoteSaysSomethingAndIsOpenUntilItIsSettled() {
        assertTrue(note("Springs one step more.", "").isOpen());
        assertFalse(note("Springs one step more.", "new springs").isOpen());
        assertThrows(IllegalArgumentException.class, () -> note(" ", ""));
        assertThrows(IllegalArgumentException.class, () -> note("x".repeat(1001), ""));
    }

    private static Note note(String words, String settled) {
        return new Note("1", Note.Kind.KNOWN, About.parse("type:head"), words, "", "tech", Instant.EPOCH, settled);
    }
}
