/** Parts from what a technician can measure: templates that ask for it, and the part that follows. */
@NullMarked
package wideharbor.core.maker;

import org.jspecify.annotations.NullMarked;
