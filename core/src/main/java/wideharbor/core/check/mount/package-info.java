/** Checks of ports, joints, settings and of what holds what. */
@NullMarked
package wideharbor.core.check.mount;

import org.jspecify.annotations.NullMarked;
