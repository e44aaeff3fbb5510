package wideharbor.app.security;

import org.springframework.data.jpa.repository.JpaRepository;

interface AppUsers extends JpaRepository<AppUser, String> {}
