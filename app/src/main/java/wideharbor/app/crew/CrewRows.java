package wideharbor.app.crew;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CrewRows extends JpaRepository<CrewRow, CrewRow.Key> {
    @Query("select c from CrewRow c where c.key.jobId = ?1 order by c.since")
    List<CrewRow> of(String job);

    @Query("select c.key.jobId from CrewRow c where c.key.userId = ?1 and c.ended = false")
    List<String> jobsOf(String user);
}
