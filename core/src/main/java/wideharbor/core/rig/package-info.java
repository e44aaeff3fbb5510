/** A build resolved for one configuration and lens: poses, what hangs on what, and which side gravity loads. */
@NullMarked
package wideharbor.core.rig;

import org.jspecify.annotations.NullMarked;
