package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;

/** A read or a waiver that a file tells of: it counts for nothing until somebody of the house says the same. */
@Entity
@Table(name = "proposal")
class ProposalRow {
    @EmbeddedId
    FindingId id = new FindingId("", "");

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    Brought.Said kind = Brought.Said.READ;

    String reason = "";
    String who = "";

    @Column(name = "said_at")
    String saidAt = "";

    protected ProposalRow() {}

    ProposalRow(FindingId id, Brought.Said kind, String reason, String who, String saidAt) {
        this.id = id;
        this.kind = kind;
        this.reason = reason;
        this.who = who;
        this.saidAt = saidAt;
    }
}
