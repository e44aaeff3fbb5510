package wideharbor.app.security;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "app_user")
class AppUser {
    @Id
    private String username = "";

    @Column(name = "display_name")
    private String displayName = "";

    private String password = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Role role = Role.DESK;

    protected AppUser() {}

    AppUser(String username, String displayName, String password, Role role) {
        this.username = username;
        this.displayName = displayName;
        this.password = password;
        this.role = role;
    }

    String username() {
        return username;
    }

    String displayName() {
        return displayName;
    }

    String password() {
        return password;
    }

    Role role() {
        return role;
    }

    void password(String encoded) {
        this.password = encoded;
    }
}
