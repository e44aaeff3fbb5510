package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import wideharbor.core.job.FindingKey;

/** A finding's key in the text form {@value #FORM}. */
@Embeddable
record FindingId(
        @Column(name = "job_id") String jobId,
        @Column(name = "finding") String finding) {
    /** The form in which keys are written now. */
    static final int FORM = 2;

    static FindingId of(String job, FindingKey key) {
        return new FindingId(job, key.toString());
    }
}
