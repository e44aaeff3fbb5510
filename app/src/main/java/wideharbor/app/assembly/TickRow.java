package wideharbor.app.assembly;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.ConfigurationKey;

/** A step ticked, or its tick taken back. */
@Entity
@Table(name = "assembly_tick")
class TickRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private long seq;

    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Column(name = "job_id")
    private String job = "";

    @Column(name = "build_id")
    private String build = "";

    @Column(name = "configuration_id")
    private String configuration = "";

    @Column(name = "step_key")
    private String step = "";

    private String print = "";
    private boolean done;
    private String who = "";

    @Column(name = "ticked_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    private @Nullable Double minutes;
    private String remark = "";

    protected TickRow() {}

    TickRow(AssemblyService.Of of, AssemblyController.Tick tick, String who, Instant at) {
        this.id = tick.id();
        this.job = of.job();
        this.build = of.build();
        this.configuration = of.configuration();
        this.step = tick.step();
        this.print = tick.print();
        this.done = tick.done();
        this.who = who;
        this.at = at;
        this.minutes = tick.minutes() > 0 ? tick.minutes() : null;
        this.remark = tick.remark().strip();
    }

    String id() {
        return id;
    }

    ConfigurationKey rig() {
        return new ConfigurationKey(BuildId.of(build), ConfigurationId.of(configuration));
    }

    String step() {
        return step;
    }

    String print() {
        return print;
    }

    boolean isDone() {
        return done;
    }

    String who() {
        return who;
    }

    Instant at() {
        return at;
    }

    Optional<Double> minutes() {
        return Optional.ofNullable(minutes);
    }

    String remark() {
        return remark;
    }
}
