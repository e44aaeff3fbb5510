package wideharbor.app.catalog;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.catalog.TypeRef;

/** Which jobs have a part. */
@Service
public class PartUses {
    private final TypeRows rows;

    PartUses(TypeRows rows) {
        this.rows = rows;
    }

    /** Ids of jobs that a part is built into or packed for, the next load-out first. */
    @Transactional(readOnly = true)
    public List<String> jobs(TypeRef ref) {
        return rows.jobsWith(written(ref), ref.id(), ref.revision());
    }

    /** Titles of jobs that a part stands in anywhere, also in what was done and may be taken back; five at the most. */
    @Transactional(readOnly = true)
    public List<String> titles(TypeRef ref) {
        return rows.titlesWith(written(ref), ref.id(), ref.revision());
    }

    /** As contents are written. */
    static String written(TypeRef ref) {
        return "%\"" + ref + "\"%";
    }
}
