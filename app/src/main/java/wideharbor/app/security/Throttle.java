package wideharbor.app.security;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * How often somebody may guess: counted in the list of what was refused, so that every node counts the same and a
 * restart forgets nothing.
 */
@Component
class Throttle {
    static final Duration WINDOW = Duration.ofMinutes(10);

    static final int BY_BOTH = 8;
    static final int BY_NAME = 40;
    static final int BY_ADDRESS = 80;

    private final AuditRows rows;
    private final Clock clock;

    Throttle(AuditRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** Whether too many guesses at this name, from this address or both were wrong lately. */
    @Transactional(readOnly = true)
    boolean isClosed(String name, String address) {
        Instant since = clock.instant().minus(WINDOW);
        return rows.refusedOf(since, name, address) >= BY_BOTH
                || rows.refusedByName(since, name) >= BY_NAME
                || rows.refusedByAddress(since, address) >= BY_ADDRESS;
    }
}
