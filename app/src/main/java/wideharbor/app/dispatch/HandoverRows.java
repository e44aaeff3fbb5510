package wideharbor.app.dispatch;

import org.springframework.data.jpa.repository.JpaRepository;

interface HandoverRows extends JpaRepository<HandoverRow, HandoverRow.Key> {}
