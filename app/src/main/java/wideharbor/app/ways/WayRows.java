package wideharbor.app.ways;

import org.springframework.data.jpa.repository.JpaRepository;

interface WayRows extends JpaRepository<WayRow, String> {}
