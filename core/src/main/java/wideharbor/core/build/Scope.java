package wideharbor.core.build;

import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Require;

/** Where a command belongs: what all configurations share, one configuration, one lens, or the package's kit. */
public sealed interface Scope {
    /** In what all configurations share. */
    record Base() implements Scope {}

    /** In one configuration. */
    record InConfiguration(String configuration) implements Scope {
        public InConfiguration {
            Require.id("Configuration id", configuration);
        }
    }

    /** With one lens, in every configuration. */
    record InLens(LensId lens) implements Scope {}

    /** In the kit. */
    record InPackage() implements Scope {}
}
