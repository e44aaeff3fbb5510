/** Ids, each a type of its own. */
@NullMarked
package wideharbor.core.id;

import org.jspecify.annotations.NullMarked;
