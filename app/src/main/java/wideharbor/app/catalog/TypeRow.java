package wideharbor.app.catalog;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import wideharbor.core.catalog.ItemType;

// Columns that only queries read look unused.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "catalogue_type")
class TypeRow {
    @Embeddable
    record Key(
            @Column(name = "type_id") String typeId,
            @Column(name = "revision") int revision) {}

    @EmbeddedId
    private Key key = new Key("", 0);

    private String maker = "";
    private String name = "";
    private String category = "";

    @Column(columnDefinition = "longtext")
    private String content = "";

    protected TypeRow() {}

    TypeRow(ItemType type, String content) {
        this.key = new Key(type.ref().id(), type.ref().revision());
        this.maker = type.maker();
        this.name = type.name();
        this.category = type.category().name();
        this.content = content;
    }

    String content() {
        return content;
    }
}
