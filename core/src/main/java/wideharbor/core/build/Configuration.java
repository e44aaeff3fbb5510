package wideharbor.core.build;

import java.util.List;
import wideharbor.core.quantity.Require;

/**
 * A named way the build is worn or mounted: which placement carries it, how the world leans where nothing physical
 * fixes it, and what it changes on the base.
 */
public record Configuration(
        String id, String title, String support, double rollDegrees, double tiltDegrees, List<Command> overlay) {
    public Configuration {
        Require.id("Configuration id", id);
        Require.text("Configuration title", title, 40);
        Require.id("Support placement", support);
        Require.within("Roll", rollDegrees, -180, 180, "degrees");
        Require.within("Tilt", tiltDegrees, -90, 90, "degrees");
        overlay = List.copyOf(overlay);
    }

    Configuration with(List<Command> commands) {
        return new Configuration(id, title, support, rollDegrees, tiltDegrees, commands);
    }
}
