/** Rigs and parts as they are drawn: outlines, marks and dimensions in the plane of the paper. */
@NullMarked
package wideharbor.core.drawing;

import org.jspecify.annotations.NullMarked;
