/** Whether a rig is built as those who will use it work: tastes, habits and fleets, never what holds or is safe. */
@NullMarked
package wideharbor.core.check.ways;

import org.jspecify.annotations.NullMarked;
