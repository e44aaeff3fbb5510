/** Everything that somebody at the bench may want done, and what remedies are made of, as the commands that do it. */
@NullMarked
package wideharbor.core.edit;

import org.jspecify.annotations.NullMarked;
