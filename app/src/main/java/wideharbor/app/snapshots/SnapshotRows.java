package wideharbor.app.snapshots;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SnapshotRows extends JpaRepository<SnapshotRow, Long> {
    @Query("select r from SnapshotRow r where r.job = ?1 and r.build = ?2 and r.configuration = ?3 order by r.id desc")
    List<SnapshotRow> latest(String job, String build, String configuration, Limit limit);
}
