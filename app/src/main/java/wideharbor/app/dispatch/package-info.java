@NullMarked
package wideharbor.app.dispatch;

import org.jspecify.annotations.NullMarked;
