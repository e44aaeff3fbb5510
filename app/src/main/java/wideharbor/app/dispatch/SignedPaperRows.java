package wideharbor.app.dispatch;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SignedPaperRows extends JpaRepository<SignedPaperRow, SignedPaperRow.Key> {
    @Query("select p from SignedPaperRow p where p.key.job = ?1 and p.key.revision = ?2 order by p.key.name")
    List<SignedPaperRow> of(String job, int revision);
}
