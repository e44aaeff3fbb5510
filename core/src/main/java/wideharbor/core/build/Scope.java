package wideharbor.core.build;

import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** Where a command belongs: what all configurations share, one configuration, one lens, or the package's kit. */
public sealed interface Scope {
    /** In what all configurations share. */
    record Base() implements Scope {}

    /** In one configuration. */
    record InConfiguration(ConfigurationId configuration) implements Scope {
        public InConfiguration {
            if (configuration.isNone()) {
                throw new IllegalArgumentException("A change of a configuration must name it");
            }
        }
    }

    /** With one lens, in every configuration. */
    record InLens(LensId lens) implements Scope {}

    /** In the kit. */
    record InPackage() implements Scope {}
}
