/** What the Bench shows and offers: the drawing, the meters, what mates with a port, and edits from plain wishes. */
@NullMarked
package wideharbor.core.bench;

import org.jspecify.annotations.NullMarked;
