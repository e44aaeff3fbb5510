package wideharbor.app.ways;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A number of the house as somebody set it. */
@Entity
@Table(name = "house_figure")
class FigureRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    long seq;

    @Column(name = "rule_id")
    String rule = "";

    /** Nothing where the standard figure stands again. */
    @Nullable
    Double figure;

    String reason = "";
    String source = "";
    String who = "";

    @Column(name = "set_at")
    Instant setAt = Instant.EPOCH;

    protected FigureRow() {}

    FigureRow(String rule, @Nullable Double figure, String reason, String source, String who, Instant setAt) {
        this.rule = rule;
        this.figure = figure;
        this.reason = reason;
        this.source = source;
        this.who = who;
        this.setAt = setAt;
    }
}
