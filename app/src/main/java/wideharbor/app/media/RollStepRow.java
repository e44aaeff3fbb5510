package wideharbor.app.media;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import wideharbor.core.media.RollLog;

@Entity
@Table(name = "roll_step")
class RollStepRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long seq;

    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Column(name = "roll_id", columnDefinition = "char(36)")
    private String roll = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private RollLog.Stage stage = RollLog.Stage.RECORDING;

    private String who = "";

    @Column(name = "made_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    protected RollStepRow() {}

    RollStepRow(String id, String roll, RollLog.Step step) {
        this.id = id;
        this.roll = roll;
        this.stage = step.stage();
        this.who = step.who();
        this.at = step.at();
    }

    String roll() {
        return roll;
    }

    RollLog.Step step() {
        return new RollLog.Step(stage, who, at);
    }
}
