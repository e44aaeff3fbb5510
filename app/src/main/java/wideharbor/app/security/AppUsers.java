package wideharbor.app.security;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AppUsers extends JpaRepository<AppUser, String> {
    /** However the name is typed, by the database's collation: case, accents and closing blanks make no difference. */
    Optional<AppUser> findByUsername(String username);
}
