/** The pieces that a house has: each with a code of its own, and what state it is in. */
@NullMarked
package wideharbor.core.stock;

import org.jspecify.annotations.NullMarked;
