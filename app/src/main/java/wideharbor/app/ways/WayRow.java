package wideharbor.app.ways;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "house_way")
class WayRow {
    @Id
    @Column(name = "way_id")
    private String way = "";

    @Column(name = "option_id")
    private String option = "";

    private String who = "";

    @Column(name = "chosen_at")
    private Instant chosenAt = Instant.EPOCH;

    protected WayRow() {}

    WayRow(String way, String option, String who, Instant chosenAt) {
        this.way = way;
        this.option = option;
        this.who = who;
        this.chosenAt = chosenAt;
    }

    String way() {
        return way;
    }

    String option() {
        return option;
    }

    String who() {
        return who;
    }

    Instant chosenAt() {
        return chosenAt;
    }
}
