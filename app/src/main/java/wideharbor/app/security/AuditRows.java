package wideharbor.app.security;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AuditRows extends JpaRepository<AuditRow, Long> {
    /** The latest first, before an entry, with words anywhere in it. */
    @Query("select a from AuditRow a where a.seq < ?1 and (?2 = '' or concat(a.who, ' ', a.subject, ' ', a.words, ' ', "
            + "a.address) like concat('%', ?2, '%') escape '!') and (?3 is null or a.kind = ?3) order by a.seq desc")
    List<AuditRow> before(long seq, String words, Audit.@Nullable Kind kind, Limit limit);

    @Query("select count(a) from AuditRow a where a.kind = 'REFUSED' and a.doneAt > ?1 and a.who = ?2 "
            + "and a.address = ?3")
    long refusedOf(Instant since, String name, String address);

    @Query("select count(a) from AuditRow a where a.kind = 'REFUSED' and a.doneAt > ?1 and a.who = ?2")
    long refusedByName(Instant since, String name);

    @Query("select count(a) from AuditRow a where a.kind = 'REFUSED' and a.doneAt > ?1 and a.address = ?2")
    long refusedByAddress(Instant since, String address);
}
