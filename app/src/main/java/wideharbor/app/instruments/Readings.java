package wideharbor.app.instruments;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.benchtest.Instrument;
import wideharbor.core.benchtest.ReadingLine;

/** What instruments said, kept as they said it. */
@Component
public class Readings {
    private final ReadingRows rows;
    private final Clock clock;

    Readings(ReadingRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /**
     * A reading.
     *
     * @param instrument what it is called
     */
    public record InstrumentReading(
            String id, String instrument, Instrument kind, double value, double plusMinus, String unit) {}

    @Transactional
    InstrumentReading keep(Connected instrument, ReadingLine read, String unit, String who) {
        String id = UUID.randomUUID().toString();
        rows.save(
                new ReadingRow(id, instrument, read, unit, who, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        return new InstrumentReading(id, instrument.title(), instrument.kind(), read.value(), read.plusMinus(), unit);
    }

    @Transactional(readOnly = true)
    public Optional<InstrumentReading> find(String id) {
        return rows.findById(id)
                .map(r -> new InstrumentReading(r.id, r.instrument, r.kind, r.measured, r.plusMinus, r.unit));
    }
}
