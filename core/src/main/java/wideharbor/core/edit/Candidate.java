package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.build.Scoped;

/**
 * A suggested edit, not tried yet.
 *
 * @param kind a stable word for what sort of remedy it is
 */
public record Candidate(String kind, String title, List<Scoped> commands) {
    public Candidate {
        commands = List.copyOf(commands);
    }
}
