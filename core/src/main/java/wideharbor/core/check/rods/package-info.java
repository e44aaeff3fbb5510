/** Checks of rods: what they fit, how high the axis stands over them, how far they must reach. */
@NullMarked
package wideharbor.core.check.rods;

import org.jspecify.annotations.NullMarked;
