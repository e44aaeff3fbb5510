/** Packing by scanning, and what comes back. */
@NullMarked
package wideharbor.app.packing;

import org.jspecify.annotations.NullMarked;
