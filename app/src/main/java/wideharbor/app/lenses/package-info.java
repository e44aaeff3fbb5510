/** The lens set of a body: what each lens draws, what cuts it, what turns it, and the order in which it is changed. */
@NullMarked
package wideharbor.app.lenses;

import org.jspecify.annotations.NullMarked;
