package wideharbor.app.catalog;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TypeRows extends JpaRepository<TypeRow, TypeRow.Key> {
    /** Job, title and place of every build and kit that has a part: at most 200. */
    @Query(nativeQuery = true, value = """
            SELECT j.id, j.title, b.title FROM build b JOIN job j ON j.id = b.job_id WHERE b.content LIKE :written
            UNION ALL
            SELECT j.id, j.title, CONCAT(k.pieces, ' in kit') FROM kit_line k JOIN job j ON j.id = k.job_id
             WHERE k.type_id = :type AND k.type_revision = :revision
            ORDER BY 2, 3 LIMIT 200""")
    List<Object[]> uses(String written, String type, int revision);
}
