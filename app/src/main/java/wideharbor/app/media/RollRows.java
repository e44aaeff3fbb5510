package wideharbor.app.media;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface RollRows extends JpaRepository<RollRow, String> {
    List<RollRow> findByJobOrderByName(String job, Limit limit);
}
