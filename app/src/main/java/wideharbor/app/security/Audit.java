package wideharbor.app.security;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who signed in, who tried, and who changed what beyond a build: a list that only grows. */
@Service
public class Audit {
    /** The id of a person, as accounts make them. */
    private static final Pattern PERSON = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private static final int PAGE = 100;
    private static final int LONGEST = 300;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_SUBJECT = 120;

    private final AuditRows rows;
    private final Accounts accounts;
    private final Clock clock;

    Audit(AuditRows rows, Accounts accounts, Clock clock) {
        this.rows = rows;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** Kinds of entry. */
    public enum Kind {
        SIGNED_IN,
        SIGNED_OUT,
        REFUSED,
        DONE
    }

    /** @param subject what it was done to; empty for nothing in particular */
    public record AuditLine(
            long seq, Instant when, Kind kind, String who, String address, String subject, String words) {}

    /** Kept whatever becomes of what is going on around it. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void write(Kind kind, String who, String address, String subject, String words) {
        rows.save(new AuditRow(
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                kind,
                cut(who, LONGEST_NAME),
                cut(address, LONGEST_NAME - 20),
                cut(subject, LONGEST_SUBJECT),
                cut(words, LONGEST)));
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }

    @Transactional(readOnly = true)
    List<AuditLine> before(long seq, String search, Optional<Kind> kind) {
        String words = search.strip().replace("!", "!!").replace("%", "!%").replace("_", "!_");
        return rows.before(seq <= 0 ? Long.MAX_VALUE : seq, words, kind.orElse(null), Limit.of(PAGE)).stream()
                .map(a -> new AuditLine(
                        a.seq,
                        a.doneAt,
                        a.kind,
                        a.kind == Kind.REFUSED ? a.who : accounts.displayName(a.who),
                        a.address,
                        PERSON.matcher(a.subject).matches() ? accounts.displayName(a.subject) : a.subject,
                        a.words))
                .toList();
    }
}
