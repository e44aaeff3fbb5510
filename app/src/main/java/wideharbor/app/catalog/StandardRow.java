package wideharbor.app.catalog;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

// Columns that only queries read look unused.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "mounting_standard")
class StandardRow {
    @Embeddable
    record Key(
            @Column(name = "id") String id,
            @Column(name = "revision") int revision) {}

    @EmbeddedId
    private Key key = new Key("", 0);

    @Column(columnDefinition = "longtext")
    private String content = "";

    protected StandardRow() {}

    StandardRow(String id, int revision, String content) {
        this.key = new Key(id, revision);
        this.content = content;
    }

    String content() {
        return content;
    }
}
