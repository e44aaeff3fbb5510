/** What is tried and measured on a built rig, and what was found. */
@NullMarked
package wideharbor.app.benchtest;

import org.jspecify.annotations.NullMarked;
