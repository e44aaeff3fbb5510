/** Photos: brought, turned the right way up, made small, kept, and pointed at. */
@NullMarked
package wideharbor.app.photos;

import org.jspecify.annotations.NullMarked;
