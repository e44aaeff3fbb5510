package wideharbor.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wideharbor.core.stock.Piece;

@Entity
@Table(name = "piece")
class PieceRow {
    @Id
    private String code = "";

    @Column(name = "type_id")
    private String type = "";

    private String serial = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private Piece.Owner owner = Piece.Owner.HOUSE;

    @Column(name = "owned_by")
    private String from = "";

    @Enumerated(EnumType.STRING)
    @Column(name = "state", columnDefinition = "varchar(16)")
    private Piece.Condition condition = Piece.Condition.READY;

    private String home = "";
    private @Nullable Double grams;
    private String note = "";

    @Version
    private long version;

    protected PieceRow() {}

    PieceRow(Piece piece) {
        this.code = piece.code();
        set(piece);
    }

    void set(Piece piece) {
        this.type = piece.type();
        this.serial = piece.serial();
        this.owner = piece.owner();
        this.from = piece.from();
        this.condition = piece.condition();
        this.home = piece.home();
        this.grams = piece.grams().orElse(null);
        this.note = piece.note();
    }

    void weigh(double grams) {
        this.grams = grams;
    }

    long version() {
        return version;
    }

    Piece piece() {
        return new Piece(code, type, serial, owner, from, condition, home, Optional.ofNullable(grams), note);
    }
}
