/** Instruments at the bench, read over the house's net. */
@NullMarked
package wideharbor.app.instruments;

import org.jspecify.annotations.NullMarked;
