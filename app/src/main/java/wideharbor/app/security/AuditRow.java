package wideharbor.app.security;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Written once: the table refuses any change. */
@Entity
@Table(name = "audit_event")
class AuditRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    long seq;

    @Column(name = "done_at", columnDefinition = "datetime(6)")
    Instant doneAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    Audit.Kind kind = Audit.Kind.DONE;

    String who = "";
    String address = "";
    String subject = "";
    String words = "";

    protected AuditRow() {}

    AuditRow(Instant doneAt, Audit.Kind kind, String who, String address, String subject, String words) {
        this.doneAt = doneAt;
        this.kind = kind;
        this.who = who;
        this.address = address;
        this.subject = subject;
        this.words = words;
    }
}
