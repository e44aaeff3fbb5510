/** Where a person's eye, shoulder and hands meet a rig. */
@NullMarked
package wideharbor.core.people;

import org.jspecify.annotations.NullMarked;
