/** Figures with where they come from, and the spans and guards that every other package uses. */
@NullMarked
package wideharbor.core.quantity;

import org.jspecify.annotations.NullMarked;
