package wideharbor.app.catalog;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
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

    @Query(nativeQuery = true, value = """
            SELECT j.id FROM job j
             WHERE j.archived_at IS NULL
               AND (EXISTS (SELECT 1 FROM build b
                             WHERE b.job_id = j.id AND NOT b.taken_off AND b.content LIKE :written)
                 OR EXISTS (SELECT 1 FROM kit_line k
                             WHERE k.job_id = j.id AND k.type_id = :type AND k.type_revision = :revision))
             ORDER BY j.load_at, j.id""")
    List<String> jobsWith(String written, String type, int revision);

    @Query(nativeQuery = true, value = """
            SELECT j.title FROM job j
             WHERE EXISTS (SELECT 1 FROM build b WHERE b.job_id = j.id AND b.content LIKE :written)
                OR EXISTS (SELECT 1 FROM kit_line k
                            WHERE k.job_id = j.id AND k.type_id = :type AND k.type_revision = :revision)
                OR EXISTS (SELECT 1 FROM journal_entry e
                            WHERE e.job_id = j.id AND (e.inverse LIKE :written OR e.commands LIKE :written))
             ORDER BY j.title LIMIT 5""")
    List<String> titlesWith(String written, String type, int revision);

    @Modifying
    @Query("delete from TypeRow t where t.key.typeId = ?1")
    void deleteAllOf(String type);
}
