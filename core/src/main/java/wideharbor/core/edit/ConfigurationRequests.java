package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;

/** Requests about configurations, with what the journal says of them. */
final class ConfigurationRequests {
    private static final int LONGEST_TITLE = 40;

    private ConfigurationRequests() {}

    static void requireTitle(String title) {
        Require.text("Title of a configuration", title, LONGEST_TITLE);
    }

    static Prepared added(RigAnalysis analysis, String what, String title, List<Scoped> commands) {
        return new Prepared(what + title.strip(), commands, ConfigurationEdits.freeId(analysis.build(), title.strip()));
    }

    static Prepared takenOut(RigAnalysis analysis) {
        Configuration out = analysis.rig().configuration();
        return new Prepared(
                "Take out configuration " + out.title(),
                ConfigurationEdits.remove(analysis),
                analysis.build().configurations().stream()
                        .map(Configuration::id)
                        .filter(id -> !id.equals(out.id()))
                        .findFirst()
                        .orElse(ConfigurationId.NONE));
    }

    static Prepared otherShoulder(RigAnalysis analysis, String title) {
        ConfigurationEdits.Sides sides = ConfigurationEdits.otherShoulder(analysis, title);
        String staying = sides.staying().isEmpty() ? "" : "; no port there for " + String.join(", ", sides.staying());
        return added(
                analysis, "Other shoulder (" + sides.moved().size() + " over" + staying + ") as ", title, sides.edit());
    }

    static Prepared tight(RigAnalysis analysis, String title) {
        ConfigurationEdits.Tight tight = ConfigurationEdits.tight(analysis, title);
        return added(
                analysis,
                tight.how() + ": " + Words.length(tight.deepBefore()) + " deep becomes "
                        + Words.length(tight.deepAfter()) + ", as ",
                title,
                tight.edit());
    }
}
