/** What people know of things, shown where they are used, and what went wrong with them. */
@NullMarked
package wideharbor.app.notes;

import org.jspecify.annotations.NullMarked;
