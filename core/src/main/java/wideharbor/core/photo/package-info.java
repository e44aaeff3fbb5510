/** Pictures that people take of steps, tests, cases and pieces, and what they point at in them. */
@NullMarked
package wideharbor.core.photo;

import org.jspecify.annotations.NullMarked;
