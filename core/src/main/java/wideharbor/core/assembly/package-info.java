/** In which order a rig is put together: what must come before what, why, and what an order costs. */
@NullMarked
package wideharbor.core.assembly;

import org.jspecify.annotations.NullMarked;
