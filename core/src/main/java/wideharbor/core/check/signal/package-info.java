/** Checks of picture, sound, time and control. */
@NullMarked
package wideharbor.core.check.signal;

import org.jspecify.annotations.NullMarked;
