/** Mass, centre of mass with its range, and the slide that brings it over the support. */
@NullMarked
package wideharbor.core.balance;

import org.jspecify.annotations.NullMarked;
