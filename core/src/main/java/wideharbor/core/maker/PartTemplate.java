package wideharbor.core.maker;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import wideharbor.core.catalog.Category;

/**
 * How a kind of part is made from what can be measured of it.
 *
 * @param about what it is for, and how to hold it while it is measured
 */
public final class PartTemplate {
    private final String id;
    private final String title;
    private final String about;
    private final Category category;
    private final List<Ask> asks;
    private final Function<Answers, Sketch> draw;

    PartTemplate(
            String id, String title, String about, Category category, List<Ask> asks, Function<Answers, Sketch> draw) {
        this.id = id;
        this.title = title;
        this.about = about;
        this.category = category;
        this.asks = List.copyOf(asks);
        this.draw = draw;
    }

    public String id() {
        return id;
    }

    public String title() {
        return title;
    }

    public String about() {
        return about;
    }

    public Category category() {
        return category;
    }

    /** What it asks beside name, maker and mass, which every part is asked. */
    public List<Ask> asks() {
        return asks;
    }

    Sketch draw(Answers answers) {
        return draw.apply(answers);
    }

    /** The same, asking more at the end. */
    PartTemplate asking(List<Ask> more) {
        return new PartTemplate(
                id,
                title,
                about,
                category,
                Stream.concat(asks.stream(), more.stream()).toList(),
                draw);
    }
}
