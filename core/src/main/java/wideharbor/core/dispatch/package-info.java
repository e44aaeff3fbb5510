/** The way from draft to the door: pull list, signatures, and what stands in the way. */
@NullMarked
package wideharbor.core.dispatch;

import org.jspecify.annotations.NullMarked;
