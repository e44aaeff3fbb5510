package wideharbor.app.ways;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface HouseStateRows extends JpaRepository<HouseStateRow, Integer> {
    /** As this transaction sees it. */
    @Query("select s.rules from HouseStateRow s where s.id = 1")
    long current();

    @Modifying(flushAutomatically = true)
    @Query("update HouseStateRow s set s.rules = s.rules + 1 where s.id = 1")
    void next();
}
