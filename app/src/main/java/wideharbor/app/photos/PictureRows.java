package wideharbor.app.photos;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PictureRows extends JpaRepository<PictureRow, String> {
    @Query("select p.picture from PictureRow p, PhotoRow r where r.id = p.photo and r.job = ?1 and p.photo = ?2")
    Optional<byte[]> picture(String job, String photo);

    @Query("select p.small from PictureRow p, PhotoRow r where r.id = p.photo and r.job = ?1 and p.photo = ?2")
    Optional<byte[]> small(String job, String photo);

    @Query("select p from PictureRow p where p.photo in ?1")
    List<PictureRow> all(Collection<String> photos);
}
