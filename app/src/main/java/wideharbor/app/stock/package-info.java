/** The pieces of the house: each with its code. */
@NullMarked
package wideharbor.app.stock;

import org.jspecify.annotations.NullMarked;
