package wideharbor.app.security;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AppUsers extends JpaRepository<AppUser, String> {
    /** However the name is typed, by the database's collation: case, accents and closing blanks make no difference. */
    Optional<AppUser> findByUsername(String username);

    /** Person and how many sessions they have. */
    @Query(nativeQuery = true, value = """
            SELECT PRINCIPAL_NAME, COUNT(*) FROM SPRING_SESSION WHERE PRINCIPAL_NAME IS NOT NULL
             GROUP BY PRINCIPAL_NAME""")
    List<Object[]> sessions();
}
