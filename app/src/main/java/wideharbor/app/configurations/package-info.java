/** Configurations of a build beside each other, and where people meet them. */
@NullMarked
package wideharbor.app.configurations;

import org.jspecify.annotations.NullMarked;
