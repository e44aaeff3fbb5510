package wideharbor.app.web;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** The house's clock. What the demo tells of the past is written as of then. */
public final class HouseClock extends Clock {
    private final Clock now;
    private final ThreadLocal<Duration> earlier;

    public HouseClock(Clock now) {
        this(now, ThreadLocal.withInitial(() -> Duration.ZERO));
    }

    private HouseClock(Clock now, ThreadLocal<Duration> earlier) {
        this.now = now;
        this.earlier = earlier;
    }

    /** Lets this thread do something as if it were so much earlier; nothing else sees another time. */
    public void ago(Duration before, Runnable done) {
        Duration outer = earlier.get();
        earlier.set(before);
        try {
            done.run();
        } finally {
            earlier.set(outer);
        }
    }

    @Override
    public ZoneId getZone() {
        return now.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new HouseClock(now.withZone(zone), earlier);
    }

    @Override
    public Instant instant() {
        return now.instant().minus(earlier.get());
    }
}
