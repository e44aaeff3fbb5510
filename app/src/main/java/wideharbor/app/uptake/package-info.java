/**
 * Parts of the catalogue in the jobs that are built of them: another revision taken up, doubles merged, what nothing
 * uses thrown out.
 */
@NullMarked
package wideharbor.app.uptake;

import org.jspecify.annotations.NullMarked;
