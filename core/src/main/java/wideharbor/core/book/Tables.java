package wideharbor.core.book;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A table as it is written down: columns, then rows. */
final class Tables {
    private final String title;
    private final List<Block.Column> columns = new ArrayList<>();
    private final List<List<String>> rows = new ArrayList<>();

    private Tables(String title) {
        this.title = title;
    }

    static Tables of(String title) {
        return new Tables(title);
    }

    /** A column of words. */
    Tables words(String head, int share) {
        columns.add(new Block.Column(head, share, false));
        return this;
    }

    /** A column of figures. */
    Tables figures(String head, int share) {
        columns.add(new Block.Column(head, share, true));
        return this;
    }

    Tables row(String... cells) {
        rows.add(Arrays.asList(cells));
        return this;
    }

    boolean isEmpty() {
        return rows.isEmpty();
    }

    Block.Table make() {
        return new Block.Table(title, columns, rows);
    }

    /** Onto a sheet, where there is anything to tell. */
    void onto(List<Block> blocks) {
        if (!rows.isEmpty()) {
            blocks.add(make());
        }
    }
}
