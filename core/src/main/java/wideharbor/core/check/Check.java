package wideharbor.core.check;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.edit.Candidate;

/** One thing that must hold of a build. Running it never searches for fixes; {@link #candidates} only suggests some. */
public interface Check {
    CheckCard card();

    void run(RigAnalysis analysis, Results results);

    /** Edits that might clear a finding of this check, the best first. They are tried before anyone sees them. */
    default List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return List.of();
    }
}
