package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

@Embeddable
record FindingId(
        @Column(name = "job_id") String jobId,
        @Column(name = "finding") String finding) {}
