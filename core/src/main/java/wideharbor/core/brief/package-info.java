/** What the job asks of the gear, and the house's own numbers. */
@NullMarked
package wideharbor.core.brief;

import org.jspecify.annotations.NullMarked;
