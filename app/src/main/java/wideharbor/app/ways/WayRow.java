package wideharbor.app.ways;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "house_way")
class WayRow {
    /** {@code person} is empty for the house. */
    @Embeddable
    record Key(
            @Column(name = "person") String person,
            @Column(name = "way_id") String way) {}

    @EmbeddedId
    private Key key = new Key("", "");

    @Column(name = "option_id")
    private String option = "";

    private String who = "";

    @Column(name = "chosen_at")
    private Instant chosenAt = Instant.EPOCH;

    protected WayRow() {}

    WayRow(Key key, String option, String who, Instant chosenAt) {
        this.key = key;
        this.option = option;
        this.who = who;
        this.chosenAt = chosenAt;
    }

    String way() {
        return key.way();
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
