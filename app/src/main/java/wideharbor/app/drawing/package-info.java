/** A drawing as numbers on paper. */
@NullMarked
package wideharbor.app.drawing;

import org.jspecify.annotations.NullMarked;
