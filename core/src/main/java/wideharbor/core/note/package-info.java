/** What people know of a thing and tell whoever uses it next. */
@NullMarked
package wideharbor.core.note;

import org.jspecify.annotations.NullMarked;
