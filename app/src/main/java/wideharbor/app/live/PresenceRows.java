package wideharbor.app.live;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PresenceRows extends JpaRepository<PresenceRow, String> {
    @Query("select p from PresenceRow p where p.job in ?1 and p.seenAt > ?2 order by p.job, p.tab")
    List<PresenceRow> in(Collection<String> jobs, Instant since, Limit limit);

    @Modifying
    @Query("update PresenceRow p set p.seenAt = ?2 where p.tab in ?1")
    void seen(Collection<String> tabs, Instant when);

    @Modifying
    @Query("delete from PresenceRow p where p.tab = ?1")
    void gone(String tab);

    @Modifying
    @Query("delete from PresenceRow p where p.seenAt < ?1")
    void forget(Instant before);
}
