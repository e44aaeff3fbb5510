/** Putting a rig together step by step: the order, who ticked what. */
@NullMarked
package wideharbor.app.assembly;

import org.jspecify.annotations.NullMarked;
