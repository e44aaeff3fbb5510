package wideharbor.app.media;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RollStepRows extends JpaRepository<RollStepRow, Long> {
    boolean existsById(String id);

    @Query("select s from RollStepRow s, RollRow r where r.id = s.roll and r.job = ?1 order by s.seq")
    List<RollStepRow> ofJob(String job);
}
