@NullMarked
package wideharbor.app.files;

import org.jspecify.annotations.NullMarked;
