/** Vectors, poses and shapes in the rig frame: x to camera left, y up, z forward, millimetres. */
@NullMarked
package wideharbor.core.geometry;

import org.jspecify.annotations.NullMarked;
