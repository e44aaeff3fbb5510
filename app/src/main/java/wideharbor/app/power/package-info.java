/** The feed tree of a rig and its day. */
@NullMarked
package wideharbor.app.power;

import org.jspecify.annotations.NullMarked;
