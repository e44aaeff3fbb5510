package wideharbor.core.book;

import java.util.List;
import wideharbor.core.geometry.View;
import wideharbor.core.id.LensId;
import wideharbor.core.job.ConfigurationKey;

/** What stands on a sheet, from the top down. */
public sealed interface Block {
    String title();

    /** Sentences, one to a line. */
    record Lines(String title, List<String> lines) implements Block {
        public Lines {
            lines = List.copyOf(lines);
        }
    }

    /**
     * A column.
     *
     * @param share of the table's width, against the shares of the others
     * @param figure whether its cells stand to the right
     */
    record Column(String title, int share, boolean figure) {}

    /** Rows of as many cells as there are columns. */
    record Table(String title, List<Column> columns, List<List<String>> rows) implements Block {
        public Table {
            columns = List.copyOf(columns);
            rows = rows.stream().map(List::copyOf).toList();
            for (List<String> row : rows) {
                if (row.size() != columns.size()) {
                    throw new IllegalArgumentException(
                            "A row must have " + columns.size() + " cells, but has " + row.size() + ": " + row);
                }
            }
        }
    }

    /**
     * A rig from two sides, its parts numbered as in the table beneath.
     *
     * @param legs whether what it stands on is drawn too; without it the rig is larger
     */
    record Picture(String title, ConfigurationKey at, LensId lens, List<View> views, boolean legs) implements Block {
        public Picture {
            views = List.copyOf(views);
        }
    }

    /** A line to be filled in; {@code value}: what is known already. */
    record Field(String label, String value) {}

    /** To be filled in by hand and put a name to. */
    record Fields(String title, List<Field> fields, List<String> signed) implements Block {
        public Fields {
            fields = List.copyOf(fields);
            signed = List.copyOf(signed);
        }
    }
}
