/** Stacks of plates between a body and what carries it. */
@NullMarked
package wideharbor.core.plates;

import org.jspecify.annotations.NullMarked;
