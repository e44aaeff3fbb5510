package wideharbor.app.catalog;

import org.springframework.data.jpa.repository.JpaRepository;

interface StandingRows extends JpaRepository<StandingRow, String> {}
