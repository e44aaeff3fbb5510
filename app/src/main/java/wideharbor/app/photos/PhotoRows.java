package wideharbor.app.photos;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import wideharbor.core.photo.PhotoOf;

interface PhotoRows extends JpaRepository<PhotoRow, String> {
    List<PhotoRow> findByJobOrderByAt(String job, Limit limit);

    List<PhotoRow> findByKindAndOfOrderByAtDesc(PhotoOf.Kind kind, String of, Limit limit);

    int countByJob(String job);
}
