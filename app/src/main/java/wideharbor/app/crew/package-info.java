/**
 * People of a crew from outside: what they see of the house (one job, until it is back), and what they say about it.
 */
@NullMarked
package wideharbor.app.crew;

import org.jspecify.annotations.NullMarked;
