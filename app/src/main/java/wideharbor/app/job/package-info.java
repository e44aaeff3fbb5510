@NullMarked
package wideharbor.app.job;

import org.jspecify.annotations.NullMarked;
