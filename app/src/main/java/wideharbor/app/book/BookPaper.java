package wideharbor.app.book;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wideharbor.app.web.Paper;
import wideharbor.core.book.Block;
import wideharbor.core.book.Page;
import wideharbor.core.check.Judged;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;

/** Sheets with their blocks as the template takes them. */
final class BookPaper {
    /** What a cell is that is ticked by hand. */
    private static final String BOX = "☐";

    private final Judged judged;
    private final Map<String, Paper.Drawn> pictures = new LinkedHashMap<>();

    BookPaper(Judged judged) {
        this.judged = judged;
    }

    record PageView(String title, String under, List<BlockView> blocks) {}

    /** One of its lists is filled; {@code shares}: of the columns, in hundredths of the width. */
    record BlockView(
            String title,
            List<String> lines,
            List<Head> heads,
            List<List<Cell>> rows,
            List<String> pictures,
            List<Block.Field> fields,
            List<String> signed) {
        static BlockView empty(String title) {
            return new BlockView(title, List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
        }
    }

    record Head(String title, String width, boolean figure) {}

    record Cell(String text, boolean figure, boolean box) {}

    List<PageView> pages(List<Page> pages) {
        return pages.stream()
                .map(p -> new PageView(p.title(), p.under(), blocks(p.blocks())))
                .toList();
    }

    /** By the key that stands in the page. */
    Map<String, Paper.Drawn> pictures() {
        return pictures;
    }

    List<BlockView> blocks(List<Block> blocks) {
        return blocks.stream().map(this::block).toList();
    }

    private BlockView block(Block block) {
        if (block instanceof Block.Table t) {
            return table(t);
        }
        BlockView none = BlockView.empty(block.title());
        if (block instanceof Block.Lines l) {
            return new BlockView(
                    l.title(), l.lines(), none.heads(), none.rows(), none.pictures(), none.fields(), none.signed());
        }
        if (block instanceof Block.Fields f) {
            return new BlockView(
                    f.title(), none.lines(), none.heads(), none.rows(), none.pictures(), f.fields(), f.signed());
        }
        return block instanceof Block.Picture p
                ? new BlockView(
                        p.title(), none.lines(), none.heads(), none.rows(), drawn(p), none.fields(), none.signed())
                : none;
    }

    private static BlockView table(Block.Table t) {
        int all = t.columns().stream().mapToInt(Block.Column::share).sum();
        List<Head> heads = t.columns().stream()
                .map(c -> new Head(c.title(), "width:" + 100 * c.share() / all + "%", c.figure()))
                .toList();
        List<List<Cell>> rows = t.rows().stream()
                .map(row -> {
                    List<Cell> cells = new ArrayList<>();
                    for (int i = 0; i < row.size(); i++) {
                        boolean box = row.get(i).equals(BOX);
                        cells.add(new Cell(
                                box ? "" : row.get(i), t.columns().get(i).figure(), box));
                    }
                    return List.copyOf(cells);
                })
                .toList();
        return new BlockView(t.title(), List.of(), heads, rows, List.of(), List.of(), List.of());
    }

    private List<String> drawn(Block.Picture picture) {
        var rig = judged.analyses().rig(picture.at().build(), picture.at().configuration(), picture.lens());
        List<PlacementId> numbered =
                rig.rig().attached().stream().map(Placed::id).toList();
        List<String> keys = new ArrayList<>();
        for (View view : picture.views()) {
            String key = "picture-" + pictures.size();
            Elevation elevation = new Elevation(Drawing.of(rig, view), numbered, picture.legs());
            pictures.put(key, elevation::draw);
            keys.add(key);
        }
        return keys;
    }
}
