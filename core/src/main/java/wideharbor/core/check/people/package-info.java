/** Checks of who holds the rig, looks into it and gets at it. */
@NullMarked
package wideharbor.core.check.people;

import org.jspecify.annotations.NullMarked;
