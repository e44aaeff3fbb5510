/** A job: brief, rules, package and what people have accepted, as the checks see it. */
@NullMarked
package wideharbor.core.job;

import org.jspecify.annotations.NullMarked;
