/** Checks of cables, volts, loads and the day's charge. */
@NullMarked
package wideharbor.core.check.power;

import org.jspecify.annotations.NullMarked;
