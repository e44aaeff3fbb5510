/** What the brief asks beyond masses and hours: changes, room, spares, distances. */
@NullMarked
package wideharbor.core.check.brief;

import org.jspecify.annotations.NullMarked;
