/** How two states of one package differ, by stable ids, and the edit that makes one into the other. */
@NullMarked
package wideharbor.core.merge;

import org.jspecify.annotations.NullMarked;
