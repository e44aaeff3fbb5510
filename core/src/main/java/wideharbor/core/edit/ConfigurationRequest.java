package wideharbor.core.edit;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;

/** Ways in which the body is worn: new ones, and what is said of the one looked at. */
public sealed interface ConfigurationRequest extends EditRequest {
    /** A new configuration based on the one looked at. */
    record Derive(String title) implements ConfigurationRequest {
        public Derive {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.added(
                    analysis, "Derive ", title, ConfigurationEdits.derive(analysis, title.strip()));
        }
    }

    /** A new configuration like the one looked at, and its own from then on. */
    record Copy(String title) implements ConfigurationRequest {
        public Copy {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.added(
                    analysis, "Copy to ", title, ConfigurationEdits.copy(analysis, title.strip()));
        }
    }

    /** Another title for the configuration looked at. */
    record Rename(String title) implements ConfigurationRequest {
        public Rename {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared("Rename to " + title.strip(), ConfigurationEdits.rename(analysis, title.strip()));
        }
    }

    /** Takes out the configuration looked at. */
    record Unconfigure() implements ConfigurationRequest {
        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.takenOut(analysis);
        }
    }

    /** Another part carries the configuration looked at. */
    record Carry(PlacementId placement) implements ConfigurationRequest {
        public Carry {
            Id.some("Part", placement);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Carried by " + analysis.rig().title(placement), ConfigurationEdits.carryBy(analysis, placement));
        }
    }

    /** How the configuration looked at leans, where whoever holds it says so: left side higher, lens lower. */
    record Lean(double rollDegrees, double tiltDegrees) implements ConfigurationRequest {
        public Lean {
            Require.within("Roll", rollDegrees, -180, 180, "degrees");
            Require.within("Tilt", tiltDegrees, -90, 90, "degrees");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Lean " + Words.one(rollDegrees) + "° to the side, " + Words.one(tiltDegrees) + "° down",
                    ConfigurationEdits.lean(analysis, rollDegrees, tiltDegrees));
        }
    }

    /** A new configuration in which the body lies on its side; {@code side} is the body's own that looks down. */
    record Portrait(String title, ConfigurationEdits.Side side) implements ConfigurationRequest {
        public Portrait {
            ConfigurationRequests.requireTitle(title);
            Require.given("Side", side);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.added(
                    analysis,
                    "Turn to portrait as ",
                    title,
                    ConfigurationEdits.portrait(analysis, title.strip(), side));
        }
    }

    /** A new configuration for the other shoulder. */
    record OtherShoulder(String title) implements ConfigurationRequest {
        public OtherShoulder {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.otherShoulder(analysis, title.strip());
        }
    }

    /** A new configuration for a tight room: the battery goes on top. */
    record Tight(String title) implements ConfigurationRequest {
        public Tight {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.tight(analysis, title.strip());
        }
    }
}
