/** Checks of what is recorded: modes, cards, and the copies that are made of them. */
@NullMarked
package wideharbor.core.check.media;

import org.jspecify.annotations.NullMarked;
