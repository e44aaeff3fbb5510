package wideharbor.app.live;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.security.Accounts;

/** Reads what happened since it was last asked, and who is where; one node's reader asks. */
@Service
class Watch {
    static final String RULES = "";

    /** A change may be committed after others with higher numbers: so many are looked at again. */
    private static final int LOOKED_AT_AGAIN = 100;

    private static final int MOST = 1000;

    /** A tab that said nothing for so long is gone. */
    private static final Duration HERE = Duration.ofSeconds(25);

    private static final Duration EVENTS_KEPT = Duration.ofHours(1);

    private final EventRows events;
    private final PresenceRows presences;
    private final Accounts accounts;
    private final Clock clock;
    private final Set<Long> told = new LinkedHashSet<>();
    private long last = -1;

    Watch(EventRows events, PresenceRows presences, Accounts accounts, Clock clock) {
        this.events = events;
        this.presences = presences;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** @param job empty: the house's rules */
    record Event(String job, String who, String tab) {}

    /** Somebody who has the job on a screen; {@code id} is the person's. */
    record Here(String tab, String id, String who, String build) {
        HereTold told() {
            return new HereTold(tab, who, build);
        }
    }

    /** What others are told of it. */
    record HereTold(String tab, String who, String build) {}

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** What happened since it was asked before; at first nothing. */
    @Transactional(readOnly = true)
    List<Event> fresh() {
        if (last < 0) {
            last = events.last();
            told.clear();
            events.after(last - LOOKED_AT_AGAIN, Limit.of(MOST)).forEach(e -> told.add(e.seq()));
            return List.of();
        }
        List<EventRow> found = events.after(last - LOOKED_AT_AGAIN, Limit.of(MOST)).stream()
                .filter(e -> told.add(e.seq()))
                .toList();
        found.forEach(e -> last = Math.max(last, e.seq()));
        told.removeIf(seq -> seq <= last - LOOKED_AT_AGAIN);
        return found.stream()
                .map(e -> new Event(e.job(), accounts.displayName(e.who()), e.tab()))
                .distinct()
                .toList();
    }

    @Transactional
    void come(String tab, String who, String job, String build) {
        presences.save(new PresenceRow(tab, who, job, build, now()));
    }

    @Transactional
    void go(String tab) {
        presences.gone(tab);
    }

    @Transactional
    void seen(Collection<String> tabs) {
        presences.seen(tabs, now());
    }

    @Transactional(readOnly = true)
    Map<String, List<Here>> here(Collection<String> jobs) {
        return presences.in(jobs, now().minus(HERE), Limit.of(MOST)).stream()
                .collect(Collectors.groupingBy(
                        PresenceRow::job,
                        LinkedHashMap::new,
                        Collectors.mapping(
                                p -> new Here(p.tab(), p.who(), accounts.displayName(p.who()), p.build()),
                                Collectors.toList())));
    }

    @Transactional
    void forget() {
        events.forget(now().minus(EVENTS_KEPT));
        presences.forget(now().minus(HERE));
    }
}
