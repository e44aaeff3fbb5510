package wideharbor.app.assembly;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TickRows extends JpaRepository<TickRow, Long> {
    /** The last tick of each step of a rig. */
    @Query("""
            select t from TickRow t where t.seq in (
              select max(l.seq) from TickRow l
              where l.job = ?1 and l.build = ?2 and l.configuration = ?3 group by l.step)
            """)
    List<TickRow> last(String job, String build, String configuration);

    /** The last tick of each step of every rig of a job. */
    @Query("""
            select t from TickRow t where t.seq in (
              select max(l.seq) from TickRow l where l.job = ?1 group by l.build, l.configuration, l.step)
            """)
    List<TickRow> ofJob(String job);

    @Query("select t.id from TickRow t where t.id in ?1")
    List<String> known(Collection<String> ids);
}
