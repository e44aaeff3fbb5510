/** How the house works where houses differ: its answers, kept and given to whoever judges a job. */
@NullMarked
package wideharbor.app.ways;

import org.jspecify.annotations.NullMarked;
