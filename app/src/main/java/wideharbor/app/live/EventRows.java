package wideharbor.app.live;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface EventRows extends JpaRepository<EventRow, Long> {
    @Query("select coalesce(max(e.seq), 0) from EventRow e")
    long last();

    @Query("select e from EventRow e where e.seq > ?1 order by e.seq")
    List<EventRow> after(long seq, Limit limit);

    @Modifying
    @Query("delete from EventRow e where e.happenedAt < ?1")
    void forget(Instant before);
}
