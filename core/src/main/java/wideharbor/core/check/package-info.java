/** Checks, findings, fixes that were tried before they are offered, and the verdict. */
@NullMarked
package wideharbor.core.check;

import org.jspecify.annotations.NullMarked;
