package wideharbor.app.security;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "app_user")
class AppUser {
    @Id
    private String id = "";

    private String username = "";

    @Column(name = "display_name")
    private String displayName = "";

    private String password = "";

    private boolean suspended;

    /** Encoded; empty while none is out. */
    private String code = "";

    @Column(name = "code_until", columnDefinition = "datetime(6)")
    @Nullable
    private Instant codeUntil;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "app_user_role", joinColumns = @JoinColumn(name = "user_id"))
    @Column(name = "role", columnDefinition = "varchar(20)")
    @Enumerated(EnumType.STRING)
    @BatchSize(size = 100)
    private Set<Role> roles = EnumSet.noneOf(Role.class);

    protected AppUser() {}

    AppUser(String id, String username, String displayName, Set<Role> roles) {
        this.id = id;
        this.username = username;
        this.displayName = displayName;
        this.roles.addAll(roles);
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

    /** Encoded; empty while nobody has chosen one. */
    String password() {
        return password;
    }

    Set<Role> roles() {
        return Set.copyOf(roles);
    }

    boolean isSuspended() {
        return suspended;
    }

    String code() {
        return code;
    }

    boolean hasCodeAt(Instant now) {
        return !code.isEmpty() && codeUntil != null && codeUntil.isAfter(now);
    }

    /** Sets a password; a code that was out works no more. */
    void password(String encoded) {
        this.password = encoded;
        this.code = "";
        this.codeUntil = null;
    }

    /** Takes the password away; the code lets the person choose another. */
    void code(String encoded, Instant until) {
        this.password = "";
        this.code = encoded;
        this.codeUntil = until;
    }

    void call(String name) {
        this.displayName = name;
    }

    void may(Set<Role> next) {
        roles.clear();
        roles.addAll(next);
    }

    void suspend(boolean off) {
        this.suspended = off;
    }
}
