package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/** Where a command belongs: what all configurations share, one configuration, one lens, or the package's kit. */
public sealed interface Scope {
    record Base() implements Scope {}

    record InConfiguration(String configuration) implements Scope {
        public InConfiguration {
            Require.id("Configuration id", configuration);
        }
    }

    record InLens(String lens) implements Scope {
        public InLens {
            Require.id("Lens id", lens);
        }
    }

    record InPackage() implements Scope {}
}
