package wideharbor.app.ways;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FigureRows extends JpaRepository<FigureRow, Long> {
    @Query("select r from FigureRow r where r.seq in (select max(l.seq) from FigureRow l group by l.rule)")
    List<FigureRow> last();

    List<FigureRow> findTop50ByRuleOrderBySeqDesc(String rule);
}
