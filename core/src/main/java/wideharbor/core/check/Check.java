package wideharbor.core.check;

import java.util.List;
import wideharbor.core.build.Scoped;

/** One thing that must hold of a build. Running it never searches for fixes; {@link #candidates} only suggests some. */
public interface Check {
    CheckCard card();

    void run(CheckContext context, Results results);

    /** Edits that might clear a finding of this check, the best first. They are tried before anyone sees them. */
    default List<Candidate> candidates(Finding finding, CheckContext context) {
        return List.of();
    }

    /** A suggested edit. {@code kind} is a stable word for what sort of remedy it is. */
    record Candidate(String kind, String title, List<Scoped> commands) {
        public Candidate {
            commands = List.copyOf(commands);
        }
    }
}
