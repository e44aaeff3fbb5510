/** The mounting standards: rows of data that say what may join what, and how well the joint holds. */
@NullMarked
package wideharbor.core.standard;

import org.jspecify.annotations.NullMarked;
