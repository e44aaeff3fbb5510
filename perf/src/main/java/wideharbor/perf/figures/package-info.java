/** The code in figures: lengths, parameters, documentation, copies, share of tests. */
@NullMarked
package wideharbor.perf.figures;

import org.jspecify.annotations.NullMarked;
