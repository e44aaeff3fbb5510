/** Screws, the keys that drive them, and the tools that a package must hold. */
@NullMarked
package wideharbor.core.tool;

import org.jspecify.annotations.NullMarked;
