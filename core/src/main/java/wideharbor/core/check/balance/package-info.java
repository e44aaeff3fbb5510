/** Checks of mass, balance and what the lens mount bears. */
@NullMarked
package wideharbor.core.check.balance;

import org.jspecify.annotations.NullMarked;
