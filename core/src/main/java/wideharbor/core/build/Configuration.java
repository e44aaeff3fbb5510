package wideharbor.core.build;

import java.util.List;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/**
 * A named way the build is worn or mounted: which placement carries it, how the world leans where nothing physical
 * fixes it, and what it changes.
 *
 * @param rollDegrees by how much the camera's left side stands higher
 * @param tiltDegrees by how much the lens looks down
 * @param overlay what it differs in, laid over the build's base, or over the configuration it is based on
 * @param basedOn the configuration whose changes come first; empty when it stands on the base alone
 */
public record Configuration(
        ConfigurationId id,
        String title,
        PlacementId support,
        double rollDegrees,
        double tiltDegrees,
        List<Command> overlay,
        ConfigurationId basedOn) {
    public Configuration {
        if (id.isNone()) {
            throw new IllegalArgumentException("A configuration must have an id");
        }
        Id.some("Support placement", support);
        Require.text("Configuration title", title, 40);
        Require.within("Roll", rollDegrees, -180, 180, "degrees");
        Require.within("Tilt", tiltDegrees, -90, 90, "degrees");
        overlay = List.copyOf(overlay);
    }

    public Configuration with(List<Command> commands) {
        return new Configuration(id, title, support, rollDegrees, tiltDegrees, commands, basedOn);
    }

    public Configuration named(String other) {
        return new Configuration(id, other, support, rollDegrees, tiltDegrees, overlay, basedOn);
    }

    /** The same, leaned otherwise: the camera's left side higher by roll, the lens lower by tilt. */
    public Configuration leaning(double roll, double tilt) {
        return new Configuration(id, title, support, roll, tilt, overlay, basedOn);
    }

    public Configuration carriedBy(PlacementId placement) {
        return new Configuration(id, title, placement, rollDegrees, tiltDegrees, overlay, basedOn);
    }
}
