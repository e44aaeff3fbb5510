package wideharbor.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who signed a job, and under which of its revisions. */
@Component
public class Signatures {
    private final Rows.Signatures rows;
    private final Clock clock;

    Signatures(Rows.Signatures rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** A signature under the present revision; {@code seal}: of the papers that it was put to. */
    public record Signature(String who, Instant when, String seal) {}

    @Transactional(readOnly = true)
    public List<Signature> of(StoredJob job) {
        return rows.of(job.job().id(), job.revision()).stream()
                .map(s -> new Signature(s.key.who(), s.signedAt, s.seal))
                .toList();
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void sign(StoredJob job, String who, String seal) {
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        rows.save(new SignatureRow(new SignatureRow.Key(job.job().id(), job.revision(), who), now, seal));
    }
}
