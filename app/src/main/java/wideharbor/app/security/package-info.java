@NullMarked
package wideharbor.app.security;

import org.jspecify.annotations.NullMarked;
