@NullMarked
package wideharbor.app.bench;

import org.jspecify.annotations.NullMarked;
