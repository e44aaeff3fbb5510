package wideharbor.app.ways;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WayRows extends JpaRepository<WayRow, WayRow.Key> {
    @Query("select r from WayRow r where r.key.person = ?1 order by r.key.way")
    List<WayRow> of(String person);
}
