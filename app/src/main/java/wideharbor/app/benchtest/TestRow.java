package wideharbor.app.benchtest;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wideharbor.core.benchtest.TestResult;

/** What somebody found. */
@Entity
@Table(name = "test_result")
class TestRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private long seq;

    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Column(name = "job_id")
    private String job = "";

    @Column(name = "test_key")
    private String test = "";

    private String print = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private TestResult.Outcome outcome = TestResult.Outcome.UNDECIDED;

    private @Nullable Double measured;

    @Column(name = "plus_minus")
    private double plusMinus;

    private String unit = "";
    private String instrument = "";
    private int revision;
    private String who = "";

    @Column(name = "tested_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    private String remark = "";

    protected TestRow() {}

    TestRow(String id, String job, TestResult result) {
        this.id = id;
        this.job = job;
        this.revision = result.revision();
        this.unit = result.unit();
        this.test = result.test();
        this.print = result.print();
        this.outcome = result.outcome();
        this.measured = result.value().orElse(null);
        this.plusMinus = result.plusMinus();
        this.instrument = result.instrument();
        this.who = result.who();
        this.at = result.at();
        this.remark = result.remark();
    }

    TestResult result() {
        return new TestResult(
                test,
                print,
                outcome,
                Optional.ofNullable(measured),
                plusMinus,
                unit,
                instrument,
                revision,
                who,
                at,
                remark);
    }
}
