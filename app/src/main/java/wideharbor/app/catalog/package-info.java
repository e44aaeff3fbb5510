@NullMarked
package wideharbor.app.catalog;

import org.jspecify.annotations.NullMarked;
