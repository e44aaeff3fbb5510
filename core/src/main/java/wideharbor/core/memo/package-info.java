/** Things worked out once and kept, without a lock being held while they are worked out. */
@NullMarked
package wideharbor.core.memo;

import org.jspecify.annotations.NullMarked;
