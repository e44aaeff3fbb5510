package wideharbor.app.catalog;

import org.springframework.data.jpa.repository.JpaRepository;

interface TypeRows extends JpaRepository<TypeRow, TypeRow.Key> {}
