package wideharbor.app.benchtest;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TestRows extends JpaRepository<TestRow, Long> {
    /** In the order in which they were made. */
    @Query("select t from TestRow t where t.job = ?1 order by t.seq")
    List<TestRow> of(String job);

    @Query("select t.id from TestRow t where t.id in ?1")
    List<String> known(Collection<String> ids);
}
