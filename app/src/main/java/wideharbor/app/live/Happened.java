package wideharbor.app.live;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Writes down that something changed, in the transaction that changes it and as the last thing in it: the numbers of
 * two changes then come nearly in the order in which they are committed.
 */
@Service
public class Happened {
    static final String TAB = "X-Harbor-Tab";
    private static final int LONGEST_TAB = 40;
    private static final String RULES = "";

    private final EventRows rows;
    private final Clock clock;

    Happened(EventRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** A job is another than it was. */
    public void toJob(String job) {
        noted().add(job);
    }

    /** All jobs are judged by other rules. */
    public void toRules() {
        noted().add(RULES);
    }

    @SuppressWarnings("unchecked")
    private Set<String> noted() {
        @Nullable Object known = TransactionSynchronizationManager.getResource(this);
        if (known != null) {
            return (Set<String>) known;
        }
        Set<String> fresh = new LinkedHashSet<>();
        TransactionSynchronizationManager.bindResource(this, fresh);
        TransactionSynchronizationManager.registerSynchronization(new Last(fresh));
        return fresh;
    }

    private final class Last implements TransactionSynchronization {
        private final Set<String> noted;

        Last(Set<String> noted) {
            this.noted = noted;
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            String who = Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                    .map(Authentication::getName)
                    .orElse("");
            var now = clock.instant().truncatedTo(ChronoUnit.MICROS);
            rows.saveAll(noted.stream()
                    .map(job -> new EventRow(now, job, who, tab()))
                    .toList());
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(Happened.this);
        }
    }

    private static String tab() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked)) {
            return "";
        }
        String tab = Optional.ofNullable(asked.getRequest().getHeader(TAB)).orElse("");
        return tab.length() > LONGEST_TAB ? "" : tab;
    }
}
