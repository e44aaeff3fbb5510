package wideharbor.app.crew;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RemarkRows extends JpaRepository<RemarkRow, Long> {
    @Query("select r from RemarkRow r where r.job = ?1 order by r.id desc")
    List<RemarkRow> of(String job, Limit limit);
}
