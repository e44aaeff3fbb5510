package wideharbor.app.catalog;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A part that is not offered, since when, and who said so. */
// Columns that only people read in the store look unused.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "part_standing")
class StandingRow {
    @Id
    @Column(name = "type_id")
    private String typeId = "";

    @Enumerated(EnumType.STRING)
    private Standing standing = Standing.HELD;

    @Column(name = "by_whom")
    private String byWhom = "";

    protected StandingRow() {}

    StandingRow(String typeId, Standing standing, String byWhom) {
        this.typeId = typeId;
        this.standing = standing;
        this.byWhom = byWhom;
    }

    String typeId() {
        return typeId;
    }

    Standing standing() {
        return standing;
    }
}
