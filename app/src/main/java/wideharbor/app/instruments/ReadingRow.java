package wideharbor.app.instruments;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import wideharbor.core.benchtest.Instrument;
import wideharbor.core.benchtest.ReadingLine;

/** What an instrument said. */
@Entity
@Table(name = "reading")
class ReadingRow {
    @Id
    @Column(columnDefinition = "char(36)")
    String id = "";

    String instrument = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    Instrument kind = Instrument.NONE;

    double measured;

    @Column(name = "plus_minus")
    double plusMinus;

    String unit = "";
    String who = "";

    @Column(name = "read_at", columnDefinition = "datetime(6)")
    Instant at = Instant.EPOCH;

    protected ReadingRow() {}

    ReadingRow(String id, Connected instrument, ReadingLine read, String unit, String who, Instant at) {
        this.id = id;
        this.instrument = instrument.title();
        this.kind = instrument.kind();
        this.measured = read.value();
        this.plusMinus = read.plusMinus();
        this.unit = unit;
        this.who = who;
        this.at = at;
    }
}
