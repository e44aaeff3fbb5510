/** A build as it was: looked at, compared with another state, named; and what was decided on a job. */
@NullMarked
package wideharbor.app.history;

import org.jspecify.annotations.NullMarked;
