/** What is measured: checks, resolving, files, drawing and power, with large and small builds. */
@NullMarked
package wideharbor.perf;

import org.jspecify.annotations.NullMarked;
