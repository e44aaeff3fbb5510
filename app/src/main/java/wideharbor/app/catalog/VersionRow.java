package wideharbor.app.catalog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The number of the catalogue's state; there is one row. */
@Entity
@Table(name = "catalogue_version")
class VersionRow {
    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    private long version;

    protected VersionRow() {}

    long next() {
        return ++version;
    }
}
