/** Where parts of a rig run into each other, into room that must stay free, or stand in another's way on. */
@NullMarked
package wideharbor.core.clearance;

import org.jspecify.annotations.NullMarked;
