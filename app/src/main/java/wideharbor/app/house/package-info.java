@NullMarked
package wideharbor.app.house;

import org.jspecify.annotations.NullMarked;
