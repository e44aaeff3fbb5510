package wideharbor.core.book;

import java.util.List;

/**
 * A sheet of the book, on as many pages as it takes.
 *
 * @param sheet which of the book's
 * @param under what it is of: a body and how it is worn, or nothing
 */
public record Page(SheetKind sheet, String title, String under, List<Block> blocks) {
    public Page {
        blocks = List.copyOf(blocks);
    }

    public boolean isEmpty() {
        return blocks.isEmpty();
    }
}
