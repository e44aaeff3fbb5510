package wideharbor.app.media;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import wideharbor.core.id.BuildId;
import wideharbor.core.media.RollLog;

@Entity
@Table(name = "roll")
class RollRow {
    @Id
    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Column(name = "job_id")
    private String job = "";

    private String name = "";

    @Column(name = "build_id")
    private String build = "";

    private String card = "";

    private String mode = "";

    protected RollRow() {}

    RollRow(String job, RollLog.Kept roll) {
        this.id = roll.id();
        this.job = job;
        this.name = roll.name();
        this.build = roll.build().toString();
        this.card = roll.card();
        this.mode = roll.mode();
    }

    String id() {
        return id;
    }

    String job() {
        return job;
    }

    /** With its steps, the first first; a step back takes the last away. */
    RollLog.Kept roll(List<RollStepRow> steps) {
        RollLog.Kept roll = new RollLog.Kept(
                id, name, BuildId.of(build), card, mode, List.of(steps.get(0).step()));
        for (RollStepRow step : steps.subList(1, steps.size())) {
            roll = RollLog.moved(roll, step.step());
        }
        return roll;
    }
}
