package wideharbor.app.catalog;

import org.springframework.data.jpa.repository.JpaRepository;

interface StandardRows extends JpaRepository<StandardRow, StandardRow.Key> {}
