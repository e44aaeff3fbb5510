package wideharbor.app.ways;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The number of the house's rules; there is one row. */
@Entity
@Table(name = "house_state")
class HouseStateRow {
    @Id
    private int id = 1;

    /** Read and counted up by queries alone: what another node did since is in no object. */
    @SuppressWarnings("UnusedVariable")
    private long rules;

    protected HouseStateRow() {}
}
