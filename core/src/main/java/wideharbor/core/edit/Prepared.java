package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.ConfigurationId;

/**
 * A request as commands.
 *
 * @param summary what the journal says of it
 * @param show the configuration to look at afterwards; none for the same
 */
public record Prepared(String summary, List<Scoped> commands, ConfigurationId show) {
    public Prepared {
        commands = List.copyOf(commands);
    }

    public Prepared(String summary, List<Scoped> commands) {
        this(summary, commands, ConfigurationId.NONE);
    }

    /** The same, with what would go into the base in the configuration looked at alone. */
    public Prepared hereOnly(RigAnalysis analysis) {
        return new Prepared(
                summary + ", in " + analysis.rig().configuration().title() + " only",
                ConfigurationEdits.hereOnly(
                        commands, analysis.rig().configuration().id()),
                show);
    }
}
