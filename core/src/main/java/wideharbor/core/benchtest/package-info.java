/** What is tried and measured on a built rig before it leaves, what counts as passed, and how far that is. */
@NullMarked
package wideharbor.core.benchtest;

import org.jspecify.annotations.NullMarked;
