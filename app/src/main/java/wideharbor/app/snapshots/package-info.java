/** How configurations were left, so that they come back exactly. */
@NullMarked
package wideharbor.app.snapshots;

import org.jspecify.annotations.NullMarked;
