package wideharbor.app.catalog;

import jakarta.persistence.LockModeType;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface VersionRows extends JpaRepository<VersionRow, Integer> {
    /** As this transaction sees it. */
    @Query("select v.version from VersionRow v where v.id = 1")
    long current();

    /** Until the transaction ends nobody else changes the catalogue. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select v from VersionRow v where v.id = 1")
    VersionRow lock();
}
