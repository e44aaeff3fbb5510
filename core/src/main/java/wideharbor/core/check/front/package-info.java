/** Checks of what the lens draws, what cuts it and what turns it. */
@NullMarked
package wideharbor.core.check.front;

import org.jspecify.annotations.NullMarked;
