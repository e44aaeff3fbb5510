package wideharbor.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wideharbor.core.dispatch.Move;

/** A piece scanned into a case, or back. */
@Entity
@Table(name = "piece_move")
class MoveRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private long seq;

    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Column(name = "job_id")
    private String job = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private Move.Kind kind = Move.Kind.BACK;

    @Column(name = "type_id")
    private String type = "";

    private String piece = "";
    private int pieces;
    private int box;
    private String who = "";

    @Column(name = "moved_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    private String remark = "";
    private @Nullable Double cost;

    protected MoveRow() {}

    MoveRow(String id, String job, Move move) {
        this.id = id;
        this.job = job;
        this.kind = move.kind();
        this.type = move.type();
        this.piece = move.piece();
        this.pieces = move.count();
        this.box = move.box();
        this.remark = move.remark();
        this.cost = move.cost().orElse(null);
        this.who = move.who();
        this.at = move.at();
    }

    String job() {
        return job;
    }

    Move move() {
        return new Move(kind, type, piece, pieces, box, remark, Optional.ofNullable(cost), who, at);
    }
}
