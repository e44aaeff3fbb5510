package wideharbor.core.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Verdict;
import wideharbor.core.job.Job;
import wideharbor.core.job.JobStart;
import wideharbor.core.quantity.Figure;
import wideharbor.core.stock.Piece;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** The papers say what the sheets say. */
class BookTest {
    private static Judged judged() {
        Rigs rigs = Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(40), Figure.maker(40)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in");
        return CheckEngine.standard().judge(rigs.job());
    }

    private static Block.Table table(Page page, String title) {
        return page.blocks().stream()
                .filter(b -> b instanceof Block.Table && b.title().equals(title))
                .map(Block.Table.class::cast)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no table '" + title + "' on " + page));
    }

    private static Page page(SheetKind kind) {
        return Book.of(judged(), List.of(), Set.of(kind)).pages().get(0);
    }

    @Test
    void numbersPartsAsTheyAreDrawn() {
        Block.Table parts = table(page(SheetKind.BUILD), "Parts, numbered as drawn");
        List<String> numbers = parts.rows().stream().map(r -> r.get(0)).toList();
        assertEquals(
                IntStream.rangeClosed(1, parts.rows().size())
                        .mapToObj(String::valueOf)
                        .toList(),
                numbers);
        assertTrue(parts.rows().stream()
                .anyMatch(r -> r.get(1).equals("lamp") && r.get(3).startsWith("body")));
    }

    @Test
    void tellsTheCableWithWhatItNeedsAndHas() {
        List<String> row = table(page(SheetKind.CABLES), "").rows().get(0);
        assertTrue(row.get(1).contains("wire"), row.toString());
        assertTrue(row.get(4).endsWith(", 300 mm"), row.toString());
    }

    @Test
    void leavesOutSheetsWithNothingToTell() {
        Set<SheetKind> there =
                Book.of(judged(), List.of()).pages().stream().map(Page::sheet).collect(Collectors.toSet());
        assertFalse(there.contains(SheetKind.MEDIA));
        assertTrue(there.containsAll(
                EnumSet.of(SheetKind.OVERVIEW, SheetKind.BUILD, SheetKind.STEPS, SheetKind.POWER, SheetKind.SETTINGS)));
    }

    /** Power is told as judged: 40 W off the battery. */
    @Test
    void tellsTheDayAsItIsJudged() {
        List<String> row = table(page(SheetKind.POWER), "Batteries").rows().get(0);
        assertEquals("40 W", row.get(1));
        assertEquals("1", row.get(2));
    }

    @Test
    void aCardSaysWhatItLeavesOut() {
        List<List<String>> rows =
                IntStream.range(0, 20).mapToObj(i -> List.of("row " + i)).toList();
        Card card =
                new Card(Role.DATA, List.of(new Block.Table("Rolls", List.of(new Block.Column("", 1, false)), rows)));
        Block.Table kept = (Block.Table) card.blocks().get(0);
        assertEquals(12, kept.rows().size());
        assertEquals("Rolls: 12 of 20, the rest in the book", kept.title());
        for (Role role : Role.values()) {
            Card.of(judged(), role);
        }
    }

    /** One piece of the house goes as the battery: its serial stands there, the others are counted. */
    @Test
    void theListForCustomsTellsPiecesApart() {
        Judged judged = judged();
        Piece battery = new Piece(
                "BT-1", "battery-100", "S-77", Piece.Owner.HOUSE, "", Piece.Condition.READY, "", Optional.empty(), "");
        Page page = Book.of(judged, List.of(battery), Set.of(SheetKind.CUSTOMS))
                .pages()
                .get(0);
        List<String> row = table(page, "").rows().stream()
                .filter(r -> r.get(1).equals("battery-100"))
                .findFirst()
                .orElseThrow();
        assertEquals("S-77", row.get(3));
        assertEquals("1", row.get(4));
        int pieces = table(page, "").rows().stream()
                .mapToInt(r -> Integer.parseInt(r.get(4)))
                .sum();
        assertTrue(page.toString().contains((pieces - 1) + " pieces have no mark here"), page.toString());
    }

    /** What is read in one place and open in another is open: every open finding stands there. */
    @Test
    void everyOpenFindingIsTold() {
        Judged judged = judged();
        Page page = page(SheetKind.FINDINGS);
        List<String> told =
                table(page, "Open").rows().stream().map(r -> r.get(1)).toList();
        assertEquals(
                judged.report().findings().stream()
                        .filter(f -> f.severity() != Severity.NOTE && Verdict.isOpen(f, judged.job()))
                        .map(Finding::title)
                        .distinct()
                        .toList(),
                told);
        assertFalse(told.isEmpty());
        Finding first = judged.report().findings().stream()
                .filter(f -> f.severity() == Severity.STOP && told.contains(f.title()))
                .findFirst()
                .orElseThrow();
        Job.Waiver waiver = new Job.Waiver(first.key(), first.accepted(), "seen", "lead", "");
        Judged waived = judged.accepting(judged.job().accepted(List.of(), List.of(waiver)));
        Page then =
                Book.of(waived, List.of(), Set.of(SheetKind.FINDINGS)).pages().get(0);
        assertEquals("seen", table(then, "Waived by a lead").rows().get(0).get(1));
    }

    /** A job of a title and a day has a book too. */
    @Test
    void aJobWithoutABodyHasItsDays() {
        Judged full = judged();
        Judged empty = CheckEngine.standard()
                .judge(JobStart.fresh(
                        "new",
                        "New",
                        LocalDate.of(2026, 12, 3),
                        List.of(),
                        full.job().catalogue(),
                        full.job().rules()));
        assertEquals(
                SheetKind.OVERVIEW, Book.of(empty, List.of()).pages().get(0).sheet());
        for (Role role : Role.values()) {
            Card.of(empty, role);
        }
    }

    @Test
    void aRowThatDoesNotFitItsColumnsIsRefused() {
        List<Block.Column> one = List.of(new Block.Column("", 1, false));
        assertThrows(IllegalArgumentException.class, () -> new Block.Table("x", one, List.of(List.of("a", "b"))));
    }
}
