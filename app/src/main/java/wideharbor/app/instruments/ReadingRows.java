package wideharbor.app.instruments;

import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRows extends JpaRepository<ReadingRow, String> {}
