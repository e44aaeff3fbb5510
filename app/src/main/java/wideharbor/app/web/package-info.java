@NullMarked
package wideharbor.app.web;

import org.jspecify.annotations.NullMarked;
