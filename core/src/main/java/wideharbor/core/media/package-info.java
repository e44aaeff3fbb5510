/** What is recorded in a day, on which cards, and how the pictures get off them: rates, rolls and copies. */
@NullMarked
package wideharbor.core.media;

import org.jspecify.annotations.NullMarked;
