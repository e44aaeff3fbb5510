/** What stands before and around a lens: its light through the edges ahead of it, and what turns its rings. */
@NullMarked
package wideharbor.core.front;

import org.jspecify.annotations.NullMarked;
