/** Picture, sound, time and control of a rig, and the labels of its cables. */
@NullMarked
package wideharbor.app.signal;

import org.jspecify.annotations.NullMarked;
