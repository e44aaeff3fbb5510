/** Small servers that answer as instruments of the bench do; docs/instruments.md has what is said. */
@NullMarked
package wideharbor.standins;

import org.jspecify.annotations.NullMarked;
