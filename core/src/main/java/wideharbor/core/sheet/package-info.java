/** What the screens and papers show of a rig and a job, from what the analyses and checks say. */
@NullMarked
package wideharbor.core.sheet;

import org.jspecify.annotations.NullMarked;
