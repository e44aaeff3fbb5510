/** What is placed and joined, the commands that change it, and the overlays of configuration and lens. */
@NullMarked
package wideharbor.core.build;

import org.jspecify.annotations.NullMarked;
