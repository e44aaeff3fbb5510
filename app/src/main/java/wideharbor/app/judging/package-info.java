/**
 * Whose threads judge, and how an answer is worked out once for all who ask. Nothing here holds a lock while it works.
 */
@NullMarked
package wideharbor.app.judging;

import org.jspecify.annotations.NullMarked;
