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
    private String id = "";

    private String username = "";

    @Column(name = "display_name")
    private String displayName = "";

    private String password = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Role role = Role.DESK;

    protected AppUser() {}

    AppUser(String id, String username, String displayName, String password, Role role) {
        this.id = id;
        this.username = username;
        this.displayName = displayName;
        this.password = password;
        this.role = role;
    }

    /** What everything that a person does refers to; never changes. */
    String id() {
        return id;
    }

    /** What the person types to sign in; spelled as it is kept, however it was typed. */
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
